package grastel.core.layering.picture;

import grastel.core.checks.Require;
import grastel.core.layering.GrainLight;
import grastel.core.layering.Stroke;
import java.util.EnumMap;
import java.util.Map;

/**
 * Where a paper is high and where low, as the strokes on it bring it out: 0 peak … 1 valley, each value equally common.
 * Circles show the tooth alone; lines add streaks along their direction.
 */
public final class ToothField {
    private static final int TABLE = 4096;
    private static final double STREAK = 0.42;
    /** Strokes slant up to the right, as a right hand draws. */
    private static final double SLANT = Math.toRadians(-38);

    private static final double SLANT_COS = Math.cos(SLANT);
    private static final double SLANT_SIN = Math.sin(SLANT);

    private static final double STREAK_LONG = 9;
    private static final double SWING_MM = 32;
    private static final double STREAK_WIDE_MM = 0.55;
    /** Distribution of the raw field under each stroke; the same for every seed and grain. */
    private static final Map<Stroke, double[]> EVENED = evened();

    /** Distance between flakes of lead against that between the peaks of the tooth. */
    private static final double FLAKE_SCALE = 0.6;

    private final Grain tooth;
    private final Grain flakes;
    private final Grain streaks;
    private final Grain flakeStreaks;
    private final Stroke stroke;
    private final double[] table;
    private final double bendMm;

    /** @param grainMm distance from one peak to the next valley, mm */
    public ToothField(long seed, double grainMm, Stroke stroke) {
        this(seed, grainMm, stroke, 0);
    }

    /** @param swing how far the direction of the strokes swings to either side over a few centimetres, degrees, under 60 */
    public ToothField(long seed, double grainMm, Stroke stroke, double swing) {
        this.tooth = new Grain(seed, grainMm);
        this.flakes = new Grain(seed ^ 0xF1A4EL, FLAKE_SCALE * grainMm);
        this.streaks = new Grain(seed ^ 0x5DEECE66DL, STREAK_WIDE_MM);
        this.flakeStreaks = new Grain(seed ^ 0xF1A4E5L, STREAK_WIDE_MM);
        this.stroke = stroke;
        this.table = Require.key(EVENED, stroke);
        this.bendMm = Math.tan(Math.toRadians(swing)) * SWING_MM / (2 * Math.PI);
    }

    /** The heights along a row of places. @param stepMm from one to the next */
    public void row(double fromMm, double stepMm, double yMm, double[] out) {
        tooth.row(fromMm, stepMm, yMm, out);
        for (int i = 0; i < out.length; i++) {
            double x = fromMm + i * stepMm;
            out[i] = evened(table, stroked(streaks, stroke, out[i], x, yMm + bend(x, yMm)));
        }
    }

    /** The tones along a row of places, see {@link GrainLight#tone}. @param stepMm from one to the next */
    public void tones(double fromMm, double stepMm, double yMm, int[] out) {
        double[] heights = new double[out.length];
        double[] ranks = new double[out.length];
        row(fromMm, stepMm, yMm, heights);
        flakes.row(fromMm, stepMm, yMm, ranks);
        for (int i = 0; i < out.length; i++) {
            double x = fromMm + i * stepMm;
            double rank = stroked(flakeStreaks, stroke, ranks[i], x, yMm + bend(x, yMm));
            out[i] = GrainLight.tone(heights[i], evened(table, rank));
        }
    }

    /** Strokes that swing are drawn straight on paper that is bent along them. */
    private double bend(double x, double y) {
        return bendMm == 0 ? 0 : bendMm * Math.sin(2 * Math.PI * (x * SLANT_COS + y * SLANT_SIN) / SWING_MM);
    }

    private static double evened(double[] table, double raw) {
        return table[(int) Math.min(TABLE - 1, Math.max(0, raw * TABLE))];
    }

    /** Circles show the tooth alone; lines lay streaks over it. */
    private static double stroked(Grain streaks, Stroke stroke, double height, double x, double y) {
        if (stroke == Stroke.CIRCLES) {
            return height;
        }
        double lines = streak(streaks, x, y, SLANT_COS, SLANT_SIN);
        if (stroke == Stroke.CROSSED) {
            lines = (lines + streak(streaks, x + 31, y, -SLANT_SIN, SLANT_COS)) / 2;
        }
        return (1 - STREAK) * height + STREAK * lines;
    }

    /** @param cos, sin of the angle the strokes are drawn at */
    private static double streak(Grain streaks, double x, double y, double cos, double sin) {
        double along = x * cos + y * sin;
        double across = y * cos - x * sin;
        return streaks.at(along / STREAK_LONG, across);
    }

    private static Map<Stroke, double[]> evened() {
        Map<Stroke, double[]> all = new EnumMap<>(Stroke.class);
        for (Stroke stroke : Stroke.values()) {
            all.put(stroke, evened(stroke));
        }
        return all;
    }

    /** Share of the raw field below each value, counted over a stretch of it. */
    private static double[] evened(Stroke stroke) {
        Grain tooth = new Grain(11, 1);
        Grain streaks = new Grain(12, 1);
        int side = 500;
        int[] counts = new int[TABLE];
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                double raw = stroked(streaks, stroke, tooth.at(j * 0.37, i * 0.37), j * 0.37, i * 0.37);
                counts[(int) Math.min(TABLE - 1, raw * TABLE)]++;
            }
        }
        double[] table = new double[TABLE];
        double sum = 0;
        for (int i = 0; i < TABLE; i++) {
            table[i] = (sum + counts[i] / 2.0) / (side * (double) side);
            sum += counts[i];
        }
        return table;
    }
}
