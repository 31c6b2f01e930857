package grastel.core.judging;

import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.exercise.texture.StrokeMarks;
import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.fields.PictureReading;
import grastel.core.reading.fields.StrokeMap;
import grastel.core.reading.fields.StrokeMap.Window;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Strokes and grain of a drawn picture held against what its plan asks of them. */
final class TextureFigures {
    /** Less coherent windows have no direction of their own. */
    private static final double CLEAR = 0.2;
    /** A share of windows without a direction above this is the fault itself. */
    private static final double UNCLEAR = 0.5;
    /** A window without any direction is as far off as one that is turned at random, degrees. */
    private static final double RANDOM = 45;

    private static final int LEAST_WINDOWS = 12;
    /** Fewer parts with a length do not tell it. */
    private static final int LEAST_PARTS = 2;

    /** What another width and another unsteadiness of strokes than those it was found on do to a length, %. */
    private static final double LENGTH_ERROR = 20;

    private final PlannedVersusMeasured pair;
    private final PicturePlan plan;
    private final Texture texture;
    private final byte[] ways;
    private final StrokeMap strokes;
    private final Window[] windows;

    private TextureFigures(PlannedVersusMeasured pair, PicturePlan plan, Texture texture, StrokeMap strokes) {
        this.pair = pair;
        this.plan = plan;
        this.texture = texture;
        this.ways = texture.ways();
        this.strokes = strokes;
        this.windows = strokes.windows();
    }

    /** None where strokes were not asked, or not read. */
    static Optional<TextureFigures> of(PlannedVersusMeasured pair) {
        PicturePlan plan = pair.asked().picture();
        PictureReading read = pair.read().picture();
        if (plan == null || read == null) {
            return Optional.empty();
        }
        Texture asked = plan.texture();
        StrokeMap seen = read.strokes();
        return asked != null && seen != null && seen.columns() == asked.columns() && seen.rows() == asked.rows()
                ? Optional.of(new TextureFigures(pair, plan, asked, seen))
                : Optional.empty();
    }

    /** Windows that have a direction in the plan and could be seen. */
    private List<Integer> asked() {
        return IntStream.range(0, ways.length)
                .filter(i -> (ways[i] & 255) != Texture.NO_WAY && windows[i].grain() > 0)
                .boxed()
                .toList();
    }

    private Figure figure(double value, double plusMinus, Cause cause) {
        return new Figure(new Measured(value, plusMinus), cause, pair.id());
    }

    /** Mean turn of the strokes from the plan, degrees; where none can be told, as if at random. */
    Optional<Figure> direction() {
        List<Integer> asked = asked();
        if (asked.size() < LEAST_WINDOWS) {
            return Optional.empty();
        }
        double[] turns = asked.stream().mapToDouble(this::turn).toArray();
        long unclear = asked.stream().filter(i -> !isClear(i)).count();
        double off = Arrays.stream(turns).average().orElseThrow();
        Cause cause = unclear > UNCLEAR * asked.size() ? Cause.NO_DIRECTION : Cause.ACROSS_THE_GROWTH;
        return Optional.of(figure(off, error(turns) + strokes.hidden() * off, cause));
    }

    private boolean isClear(int window) {
        return windows[window].coherence() >= CLEAR;
    }

    private double turn(int window) {
        double off = windows[window].direction() - (ways[window] & 255);
        return isClear(window) ? Math.abs(Math.IEEEremainder(off, 180)) : RANDOM;
    }

    /** Two standard errors of a mean. */
    private static double error(double[] values) {
        double mean = Arrays.stream(values).average().orElseThrow();
        double square = Arrays.stream(values)
                .map(v -> (v - mean) * (v - mean))
                .average()
                .orElseThrow();
        return 2 * Math.sqrt(square / values.length);
    }

    /** How far strokes are from the length that is asked, as most parts of the picture have it, %. */
    Optional<Figure> length() {
        double[] lengths =
                strokes.lengths().stream().mapToDouble(mm -> mm).sorted().toArray();
        if (lengths.length < LEAST_PARTS) {
            return Optional.empty();
        }
        double off = 100 * (lengths[lengths.length / 2] / texture.strokeMm() - 1);
        double quarters = lengths[lengths.length * 3 / 4] - lengths[lengths.length / 4];
        double error = 100 * quarters / texture.strokeMm() / Math.sqrt(lengths.length);
        Cause cause = off > 0 ? Cause.STROKES_LONG : Cause.STROKES_SHORT;
        return Optional.of(figure(Math.abs(off), error + LENGTH_ERROR, cause));
    }

    /** How far strokes stand out from what lies under them, % of the plan's. */
    Optional<Figure> detail() {
        double planned = StrokeMarks.detail(plan);
        return shown(asked().stream().mapToDouble(i -> windows[i].detail()).toArray(), planned, Cause.DETAIL_WEAK);
    }

    /** How much of the paper's grain is left to show, % of the plan's. */
    Optional<Figure> tooth() {
        return shown(
                Arrays.stream(windows)
                        .mapToDouble(Window::grain)
                        .filter(g -> g > 0)
                        .toArray(),
                pair.cover().grain(pair.asked()),
                Cause.TOOTH_FILLED);
    }

    /** Root mean square of windows against a plan's. What blur may hide is said on both sides. */
    private Optional<Figure> shown(double[] of, double planned, Cause cause) {
        if (of.length < LEAST_WINDOWS || planned <= 0) {
            return Optional.empty();
        }
        double square = Arrays.stream(of).map(v -> v * v).average().orElseThrow();
        double spread = Math.sqrt(Arrays.stream(of)
                .map(v -> (v * v - square) * (v * v - square))
                .average()
                .orElseThrow());
        double value = Math.sqrt(square);
        double error = spread / Math.sqrt(of.length) / Math.max(0.1, value) + strokes.hidden() * value;
        return Optional.of(figure(100 * value / planned, 100 * error / planned, cause));
    }
}
