package grastel.core.reading.lines;

import static grastel.core.reading.lines.LineDrawing.PLACES;

import grastel.core.reading.lines.LineDrawing.Crossing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Finds lines from side to side of a frame: of all pairs of places on two sides the one with most ink on its way, again and again,
 * the ink of what was found taken away. A Hough transform over the frame's sides instead of over angles.
 */
final class Crossings {
    private static final int MOST = 9;
    /** Ends are first looked for so many places apart, then one by one. */
    private static final int COARSE = 5;
    /** Ends are made finer first by so many places a step, so many steps to each side. */
    private static final int WIDE_STEP = 3;

    private static final int NEAR = 4;
    /** A hand's line strays so far from the straight one, places to each side. */
    private static final int STRAYS = 4;
    /** Less of a line drawn is none, share of its length. */
    private static final double DRAWN = 0.75;
    /** The frame's own line, places. */
    private static final int FRAME = 12;
    /** A line whose ends both are so near to one side runs along it, places. */
    private static final int ALONG = 40;
    /** A side is drawn that has ink along so much of it. */
    private static final double SIDE_DRAWN = 0.75;
    /** A shorter line parts nothing off, share of a side. */
    private static final double SHORTEST = 0.25;
    /** Two lines whose both ends are nearer are one, places. */
    private static final int SAME = 15;

    private boolean[] ink;
    private boolean[] thin;
    private boolean[] grown;

    private Crossings(boolean[] ink) {
        this.ink = ink.clone();
        grow();
    }

    private void grow() {
        thin = grown(ink, 1);
        grown = grown(ink, STRAYS);
    }

    /** @param ink of a frame, row by row, {@value LineDrawing#PLACES} each way */
    static List<Crossing> of(boolean[] ink) {
        Crossings left = new Crossings(ink);
        List<Ends> found = new ArrayList<>();
        while (found.size() < MOST) {
            Ends best = left.best(found);
            if (best.share() <= DRAWN) {
                break;
            }
            Ends fine = left.fine(best);
            found.add(fine);
            left.takeAway(fine);
        }
        return found.stream().map(Ends::crossing).toList();
    }

    /** Places along the frame from the top left clockwise, and how much of the way between them is drawn, 0…1. */
    private record Ends(int from, int to, double share) {
        Crossing crossing() {
            return new Crossing(
                    x(from) / (double) PLACES,
                    y(from) / (double) PLACES,
                    x(to) / (double) PLACES,
                    y(to) / (double) PLACES);
        }

        boolean isLike(Ends other) {
            return near(from, other.from) && near(to, other.to) || near(from, other.to) && near(to, other.from);
        }

        private static boolean near(int one, int other) {
            int apart = Math.abs(one - other);
            return Math.min(apart, 4 * PLACES - apart) < SAME;
        }
    }

    private static int x(int place) {
        int along = place % PLACES;
        return switch (place / PLACES % 4) {
            case 0 -> along;
            case 1 -> PLACES;
            case 2 -> PLACES - along;
            default -> 0;
        };
    }

    private static int y(int place) {
        int along = place % PLACES;
        return switch (place / PLACES % 4) {
            case 0 -> 0;
            case 1 -> along;
            case 2 -> PLACES;
            default -> PLACES - along;
        };
    }

    private Ends best(List<Ends> without) {
        return IntStream.range(0, 4 * PLACES / COARSE)
                .parallel()
                .mapToObj(from -> bestFrom(from * COARSE, without))
                .reduce(new Ends(0, 0, DRAWN), (a, b) -> b.share() > a.share() ? b : a);
    }

    private Ends bestFrom(int from, List<Ends> without) {
        Ends best = new Ends(from, from, DRAWN);
        for (int to = from + COARSE; to < 4 * PLACES; to += COARSE) {
            if (crosses(from, to)) {
                double share = share(grown, from, to, best.share());
                Ends tried = new Ends(from, to, share);
                if (share > best.share() && without.stream().noneMatch(tried::isLike)) {
                    best = tried;
                }
            }
        }
        return best;
    }

    private static boolean crosses(int from, int to) {
        boolean along = Math.max(x(from), x(to)) < ALONG
                || Math.max(y(from), y(to)) < ALONG
                || Math.min(x(from), x(to)) > PLACES - ALONG
                || Math.min(y(from), y(to)) > PLACES - ALONG;
        return !along && Math.hypot(x(from) - x(to), y(from) - y(to)) >= SHORTEST * PLACES;
    }

    /** True where all four sides of a frame are drawn. */
    static boolean hasSides(boolean[] ink) {
        return IntStream.range(0, 4)
                .allMatch(side -> IntStream.range(0, PLACES)
                                .filter(along -> isBeside(ink, side, along))
                                .count()
                        > SIDE_DRAWN * PLACES);
    }

    private static boolean isBeside(boolean[] ink, int side, int along) {
        return IntStream.range(0, FRAME).anyMatch(in -> {
            int x = side == 1 ? PLACES - 1 - in : side == 3 ? in : along;
            int y = side == 0 ? in : side == 2 ? PLACES - 1 - in : along;
            return ink[y * PLACES + x];
        });
    }

    /** The ends near coarse ones between which the line itself lies best. */
    private Ends fine(Ends coarse) {
        return near(near(coarse, WIDE_STEP), 1);
    }

    private Ends near(Ends around, int step) {
        Ends best = new Ends(around.from(), around.to(), 0);
        for (int from = -NEAR; from <= NEAR; from++) {
            for (int to = -NEAR; to <= NEAR; to++) {
                int a = Math.floorMod(around.from() + from * step, 4 * PLACES);
                int b = Math.floorMod(around.to() + to * step, 4 * PLACES);
                if (a / PLACES != b / PLACES) {
                    double share = share(thin, a, b, 0) + share(grown, a, b, 0);
                    if (share > best.share()) {
                        best = new Ends(a, b, share);
                    }
                }
            }
        }
        return best;
    }

    /** How much of the way has ink, the frame's own left out. @param over what it must exceed to be of interest */
    private static double share(boolean[] of, int from, int to, double over) {
        double dx = x(to) - x(from);
        double dy = y(to) - y(from);
        int steps = (int) Math.max(Math.abs(dx), Math.abs(dy));
        int inside = 0;
        int drawn = 0;
        for (int step = 0; step <= steps; step++) {
            int x = (int) (x(from) + dx * step / steps);
            int y = (int) (y(from) + dy * step / steps);
            if (x >= FRAME && y >= FRAME && x < PLACES - FRAME && y < PLACES - FRAME) {
                inside++;
                drawn += of[y * PLACES + x] ? 1 : 0;
            }
            if (inside - drawn > (1 - over) * steps) {
                return 0;
            }
        }
        return inside == 0 ? 0 : drawn / (double) inside;
    }

    private void takeAway(Ends line) {
        double dx = x(line.to()) - x(line.from());
        double dy = y(line.to()) - y(line.from());
        double length = Math.hypot(dx, dy);
        for (int i = 0; i < ink.length; i++) {
            double off = Math.abs((i % PLACES + 0.5 - x(line.from())) * dy - (i / PLACES + 0.5 - y(line.from())) * dx);
            if (off / length <= STRAYS + 1) {
                ink[i] = false;
            }
        }
        grow();
    }

    private static boolean[] grown(boolean[] ink, int by) {
        boolean[] across = new boolean[ink.length];
        boolean[] grown = new boolean[ink.length];
        IntStream.range(0, PLACES).parallel().forEach(y -> spread(ink, across, y * PLACES, 1, by));
        IntStream.range(0, PLACES).parallel().forEach(x -> spread(across, grown, x, PLACES, by));
        return grown;
    }

    private static void spread(boolean[] from, boolean[] to, int start, int step, int by) {
        for (int i = 0; i < PLACES; i++) {
            if (from[start + i * step]) {
                for (int j = Math.max(0, i - by); j <= Math.min(PLACES - 1, i + by); j++) {
                    to[start + j * step] = true;
                }
            }
        }
    }
}
