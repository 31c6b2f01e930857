package grastel.core.exercise.facets;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/**
 * Which way each part fades, so that neighbours differ along their shared edges: ways are turned one by one as long as that helps,
 * from a few beginnings.
 */
final class Directions {
    private static final int WAYS = 16;
    private static final int BEGINNINGS = 5;
    private static final int ROUNDS = 8;

    /** One sort of parts goes from full strength to here, the other from the rest of it to none. */
    private static final double DEEP_TO = 0.42;

    /** Neighbours that differ by so much in strength read as two. */
    static final double READS = 0.2;
    /** More than this is not asked for. */
    private static final double PLAINLY = 0.4;
    /** What it costs when neighbours fade the same way, in cells of an edge that does not read. */
    private static final double ALIKE = 12;

    /** What a number loses for each cell that it stands off the middle of its part. */
    private static final double ASIDE = 0.004;

    private final Facets facets;
    private final int[] borders;
    /** [part][way] strength of the part's cells, in the order of {@link #cells}. */
    private final float[][][] strengths;

    private final int[][] cells;
    /** Place of each cell among its part's cells. */
    private final int[] places;

    private final List<List<Integer>> bordersOf = new ArrayList<>();
    private final List<List<Integer>> neighbours = new ArrayList<>();
    private int[] ways = {};

    Directions(Facets facets, RandomGenerator random) {
        this.facets = facets;
        this.borders = facets.borders();
        this.cells = IntStream.range(0, facets.count).mapToObj(facets::cells).toArray(int[][]::new);
        this.places = new int[facets.parts.length];
        for (int[] part : cells) {
            for (int k = 0; k < part.length; k++) {
                places[part[k]] = k;
            }
        }
        this.strengths = new float[facets.count][WAYS][];
        for (int part = 0; part < facets.count; part++) {
            bordersOf.add(new ArrayList<>());
            neighbours.add(new ArrayList<>());
            for (int way = 0; way < WAYS; way++) {
                strengths[part][way] = strengths(part, way);
            }
        }
        for (int b = 0; b < borders.length; b += 2) {
            link(b, facets.part(borders[b]), facets.part(borders[b + 1]));
            link(b, facets.part(borders[b + 1]), facets.part(borders[b]));
        }
        double least = Double.POSITIVE_INFINITY;
        for (int beginning = 0; beginning < BEGINNINGS; beginning++) {
            int[] tried = random.ints(facets.count, 0, WAYS).toArray();
            settle(tried);
            double cost = IntStream.range(0, facets.count)
                    .mapToDouble(p -> cost(p, tried[p], tried))
                    .sum();
            if (cost < least) {
                least = cost;
                ways = tried;
            }
        }
    }

    private void link(int border, int part, int other) {
        bordersOf.get(part).add(border);
        if (!neighbours.get(part).contains(other)) {
            neighbours.get(part).add(other);
        }
    }

    private float[] strengths(int part, int way) {
        int[] own = cells[part];
        double angle = 2 * Math.PI * way / WAYS;
        double[] along = new double[own.length];
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < own.length; k++) {
            along[k] = own[k] % facets.columns * Math.cos(angle) + own[k] / facets.columns * Math.sin(angle);
            least = Math.min(least, along[k]);
            most = Math.max(most, along[k]);
        }
        float[] strengths = new float[own.length];
        for (int k = 0; k < own.length; k++) {
            double share = most > least ? (along[k] - least) / (most - least) : 0;
            strengths[k] = (float) strength(part, 1 - share);
        }
        return strengths;
    }

    /** @param share 0 light end … 1 dark end */
    double strength(int part, double share) {
        return facets.isOdd(part) ? (1 - DEEP_TO) * share : DEEP_TO + (1 - DEEP_TO) * share;
    }

    private void settle(int[] tried) {
        boolean better = true;
        for (int round = 0; round < ROUNDS && better; round++) {
            better = false;
            for (int part = 0; part < tried.length; part++) {
                double least = cost(part, tried[part], tried);
                for (int way = 0; way < WAYS; way++) {
                    double cost = cost(part, way, tried);
                    if (cost < least - 1e-9) {
                        least = cost;
                        tried[part] = way;
                        better = true;
                    }
                }
            }
        }
    }

    private double cost(int part, int way, int[] tried) {
        double cost = 0;
        for (int b : bordersOf.get(part)) {
            int one = borders[b];
            int other = borders[b + 1];
            double apart = Math.abs(strength(one, part, way, tried) - strength(other, part, way, tried));
            double lacks = Math.max(0, PLAINLY - apart) / PLAINLY;
            cost += lacks * lacks;
        }
        for (int neighbour : neighbours.get(part)) {
            int turn = Math.floorMod(way - tried[neighbour], WAYS);
            cost += Math.min(turn, WAYS - turn) < 2 ? ALIKE : 0;
        }
        return cost;
    }

    private double strength(int cell, int part, int way, int[] tried) {
        int of = facets.part(cell);
        return strengths[of][of == part ? way : tried[of]][places[cell]];
    }

    /** 0 light end … 1 dark end of the cell's part. */
    double share(int cell) {
        int part = facets.part(cell);
        double strength = strengths[part][ways[part]][places[cell]];
        return (facets.isOdd(part) ? strength : strength - DEEP_TO) / (1 - DEEP_TO);
    }

    /** Share of the shared edges where neighbours read as two, 0…1. */
    double reads() {
        int reads = 0;
        for (int b = 0; b < borders.length; b += 2) {
            double one = strength(borders[b], -1, 0, ways);
            double other = strength(borders[b + 1], -1, 0, ways);
            reads += Math.abs(one - other) >= READS ? 1 : 0;
        }
        return reads / (borders.length / 2.0);
    }

    /** The cell of a part that lies a little inside its dark end. */
    int darkEnd(int part) {
        int best = cells[part][0];
        double most = Double.NEGATIVE_INFINITY;
        double x =
                IntStream.of(cells[part]).map(i -> i % facets.columns).average().orElse(0);
        double y =
                IntStream.of(cells[part]).map(i -> i / facets.columns).average().orElse(0);
        for (int cell : cells[part]) {
            double off = Math.hypot(cell % facets.columns - x, cell / facets.columns - y);
            double value = share(cell) - ASIDE * off - (isNearEdge(cell) ? 1 : 0);
            if (value > most) {
                most = value;
                best = cell;
            }
        }
        return best;
    }

    /** Within 3 cells of another part or of the frame. */
    private boolean isNearEdge(int cell) {
        int x = cell % facets.columns;
        int y = cell / facets.columns;
        int part = facets.part(cell);
        for (int dy = -3; dy <= 3; dy += 3) {
            for (int dx = -3; dx <= 3; dx += 3) {
                int nx = x + dx;
                int ny = y + dy;
                if (nx < 0
                        || ny < 0
                        || nx >= facets.columns
                        || ny >= facets.rows
                        || facets.part(ny * facets.columns + nx) != part) {
                    return true;
                }
            }
        }
        return false;
    }

    List<Integer> neighbours(int part) {
        return neighbours.get(part);
    }
}
