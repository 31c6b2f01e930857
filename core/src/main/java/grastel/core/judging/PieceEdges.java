package grastel.core.judging;

import static grastel.core.judging.PieceFigures.ALIKE;
import static grastel.core.judging.PieceFigures.LEAST_CELLS;

import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import grastel.core.reading.fields.Measured;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Figures of the edges of a drawn picture held against its plan. */
final class PieceEdges {
    /** A line is this much darker than both sides, L*. */
    private static final double LINE = 6;

    /** An edge reads where its sides differ by so much, L*. */
    private static final double CONTRAST = 10;

    /** An edge is hard that changes so much from one cell to the next, L*. */
    private static final double HARD = 15;

    /** An edge is soft that takes so long, mm, and lost where its sides are so alike, L*. */
    private static final double SOFT_MM = 3;

    private static final double LOST = 5;
    /** A soft edge that takes less was drawn hard, mm. */
    private static final double DRAWN_HARD_MM = 2;

    /** What a hand's unevenness does to the contrast of a stretch, %. */
    private static final double UNEVEN = 6;

    /** Of contrast asked, contrast drawn, and places. */
    private static final int SUMS = 3;

    /** A background lies along so much of the frame. */
    private static final double ALONG_THE_FRAME = 0.35;

    private final PlannedVersusMeasured pair;
    private final int[] zones;
    private final Grid planned;
    private final Grid drawn;
    private final int[] cells;
    private final int columns;

    /** @param cells that are looked at */
    PieceEdges(PlannedVersusMeasured pair, int[] zones, Grid planned, Grid drawn, int[] cells) {
        this.pair = pair;
        this.zones = zones;
        this.planned = planned;
        this.drawn = drawn;
        this.cells = cells;
        this.columns = planned.columns;
    }

    private Figure figure(double value, double plusMinus, Cause cause) {
        return new Figure(new Measured(value, plusMinus), cause, pair.id());
    }

    /** Share of the borders between zones that have a dark line which the plan has not, %. */
    Optional<Figure> lines() {
        int lined = 0;
        int count = 0;
        for (int i : cells) {
            for (int step : new int[] {1, columns}) {
                int along = columns + 1 - step;
                if (zones[i] != zones[i + step] && reaches(i, step)) {
                    count++;
                    lined += drawn.line(i, step, along) - planned.line(i, step, along) > LINE ? 1 : 0;
                }
            }
        }
        if (count < LEAST_CELLS) {
            return Optional.empty();
        }
        double share = lined / (double) count;
        return Optional.of(figure(
                100 * share, 200 * Math.sqrt(Math.max(0.01, share * (1 - share)) * 4 / count), Cause.OUTLINED));
    }

    /** Share of the borders with a contrast in the plan that have at least half of it, in the same sense, %. */
    Optional<Figure> kept() {
        int kept = 0;
        int count = 0;
        for (int i : cells) {
            for (int step : new int[] {1, columns}) {
                double asked = zones[i] != zones[i + step] && reaches(i, step) ? planned.rise(i, step) : 0;
                if (Math.abs(asked) >= CONTRAST) {
                    count++;
                    kept += drawn.rise(i, step) / asked >= 0.5 ? 1 : 0;
                }
            }
        }
        if (count < LEAST_CELLS) {
            return Optional.empty();
        }
        double share = kept / (double) count;
        return Optional.of(figure(
                100 * share, 200 * Math.sqrt(Math.max(0.01, share * (1 - share)) * ALIKE / count), Cause.EDGE_LOST));
    }

    /**
     * How much of its planned contrast the background has along what stands before it, mean over stretches that are lighter and that
     * are darker than it, each zone for itself, 0…100 %; none where no zone lies behind the others.
     */
    Optional<Figure> background() {
        int behind = behind();
        if (behind < 0) {
            return Optional.empty();
        }
        Map<Integer, double[]> stretches = new HashMap<>();
        for (int i : cells) {
            for (int step : new int[] {1, columns}) {
                boolean border = (zones[i] == behind) != (zones[i + step] == behind) && reaches(i, step);
                double asked = border ? planned.rise(i, step) : 0;
                if (Math.abs(asked) >= CONTRAST) {
                    int before = zones[i] == behind ? zones[i + step] : zones[i];
                    boolean lighter = zones[i] == behind == asked > 0;
                    double[] sums = stretches.computeIfAbsent(2 * before + (lighter ? 1 : 0), zone -> new double[SUMS]);
                    sums[0] += Math.abs(asked);
                    sums[1] += Math.signum(asked) * drawn.rise(i, step);
                    sums[2]++;
                }
            }
        }
        double kept = 0;
        double count = 0;
        for (double[] sums : stretches.values()) {
            kept += sums[2] * Math.min(1, Math.max(0, sums[1] / sums[0]));
            count += sums[2];
        }
        if (count < LEAST_CELLS) {
            return Optional.empty();
        }
        double asked = stretches.values().stream().mapToDouble(sums -> sums[0]).sum() / count;
        double error = 100 * Math.sqrt(2) * pair.error() / asked + UNEVEN;
        return Optional.of(figure(100 * kept / count, error, Cause.BACKGROUND_CLOSE));
    }

    /** The zone that lies along most of the frame; −1 where none does along much of it. */
    private int behind() {
        int[] counts = new int[256];
        int frame = 0;
        for (int i = 0; i < zones.length; i++) {
            int x = i % columns;
            int y = i / columns;
            if (x == 0 || y == 0 || x == columns - 1 || y == planned.rows - 1) {
                counts[zones[i]]++;
                frame++;
            }
        }
        int most = 0;
        for (int zone = 1; zone < counts.length; zone++) {
            most = counts[zone] > counts[most] ? zone : most;
        }
        return counts[most] >= ALONG_THE_FRAME * frame ? most : -1;
    }

    /** Over how much the edges change that are hard in the plan, median, mm. */
    Optional<Figure> crispness() {
        double cellMm = pair.asked().ownPicture().cellMm();
        List<Double> widths = new ArrayList<>();
        for (int i : cells) {
            for (int step : new int[] {1, columns}) {
                int along = columns + 1 - step;
                boolean hard = reaches(i, step)
                        && Math.abs(planned.at(i + step) - planned.at(i)) >= HARD
                        && Math.abs(planned.at(i + step) - planned.at(i))
                                > Math.abs(planned.at(i + along) - planned.at(i));
                if (hard) {
                    drawn.width(i, step, along).ifPresent(widths::add);
                }
            }
        }
        if (widths.size() < LEAST_CELLS) {
            return Optional.empty();
        }
        double[] sorted = widths.stream().mapToDouble(w -> w * cellMm).sorted().toArray();
        double error = 2 * Math.sqrt(ALIKE / sorted.length) + cellMm / 4;
        return Optional.of(figure(PieceFigures.end(sorted, 0.5), error, Cause.EDGES_SOFT));
    }

    /** Share of the borders between zones which the plan has soft or lost that are not drawn as an edge, %. */
    Optional<Figure> softness() {
        double cellMm = pair.asked().ownPicture().cellMm();
        int kept = 0;
        int count = 0;
        for (int i : cells) {
            for (int step : new int[] {1, columns}) {
                int along = columns + 1 - step;
                if (zones[i] != zones[i + step] && reaches(i, step) && isSoft(i, step, along, SOFT_MM / cellMm)) {
                    count++;
                    OptionalDouble width = drawn.width(i, step, along);
                    kept += width.isPresent() && width.getAsDouble() < DRAWN_HARD_MM / cellMm ? 0 : 1;
                }
            }
        }
        if (count < LEAST_CELLS) {
            return Optional.empty();
        }
        double share = kept / (double) count;
        return Optional.of(figure(
                100 * share, 200 * Math.sqrt(Math.max(0.01, share * (1 - share)) * ALIKE / count), Cause.EDGES_HARD));
    }

    private boolean isSoft(int i, int step, int along, double cells) {
        OptionalDouble width = planned.width(i, step, along);
        return width.isPresent() ? width.getAsDouble() >= cells : Math.abs(planned.rise(i, step)) < LOST;
    }

    private boolean reaches(int i, int step) {
        int x = i % columns;
        int y = i / columns;
        int at = step == 1 ? x : y;
        int most = step == 1 ? columns : planned.rows;
        return at >= Grid.SIDE && at + Grid.SIDE + 1 < most;
    }
}
