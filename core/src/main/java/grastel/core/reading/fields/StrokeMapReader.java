package grastel.core.reading.fields;

import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.page.Rect;
import grastel.core.reading.fields.StrokeMap.Window;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Strokes of a picture by the structure tensor, and how long they are by how far the picture stays alike along them: of strokes of
 * one length laid anywhere the likeness falls in a straight line, and ends where they do.
 */
final class StrokeMapReader {
    /** What changes over more than this is the picture, not its strokes, standard deviation, mm. */
    private static final double COARSE_MM = 0.7;

    /** From place to place along a stroke, mm. */
    private static final double LAG_MM = 0.5;

    private static final int LAGS = 24;
    /** Grain has no likeness left at so many lags, strokes still have. */
    private static final int BEYOND_GRAIN = 2;
    /** Strokes are followed where they have one direction, */
    private static final double CLEAR = 0.35;
    /** and as far as they are still so alike. */
    private static final double ALIKE = 0.35;

    /** Neighbours whose strokes run less than this otherwise tell together which way, degrees. */
    private static final double RELATED = 25;

    private static final int SIDE = (int) (Texture.WINDOW_MM * FieldSamples.PER_MM);
    private static final double LEAST_SEEN = 1 / 3.0;
    private static final int PARTS = 3;
    /** Fewer windows of a part do not tell a length. */
    private static final int LEAST_WINDOWS = 6;

    /** Before directions are told, grain is smoothed by so much, mm. */
    private static final double SMOOTH_MM = 0.2;

    /**
     * Strokes of a hand are never quite parallel, so their likeness is lost before they end, the sooner the longer they are: the
     * length is this times the square of where the likeness seems to end, per mm; found on simulated strokes of 2 … 16 mm.
     */
    private static final double LENGTH = 0.29;

    private final Plane fine;
    private final Plane smooth;
    private final Mask inside;

    private StrokeMapReader(Plane fine, Mask inside) {
        this.fine = fine;
        this.smooth = fine.blurred(SMOOTH_MM * FieldSamples.PER_MM);
        this.inside = inside;
    }

    /** See {@link StrokeMap#grain}. */
    static double grain(float[] luminance, int side, double pxPerMm) {
        Plane fine = fine(Specks.seen(luminance, side, pxPerMm), pxPerMm);
        double squares = 0;
        for (float f : fine.data) {
            squares += f * f;
        }
        return Math.sqrt(squares / fine.data.length);
    }

    private static Plane fine(Plane lightness, double perMm) {
        Plane coarse = lightness.blurred(COARSE_MM * perMm);
        Plane fine = new Plane(lightness.width, lightness.height);
        for (int i = 0; i < fine.data.length; i++) {
            fine.data[i] = lightness.data[i] - coarse.data[i];
        }
        return fine;
    }

    /** @param lightness L* through the spot of specks; @param hidden see {@link StrokeMap#hidden} */
    static StrokeMap of(Plane lightness, Mask inside, Rect field, double hidden) {
        StrokeMapReader reader = new StrokeMapReader(fine(lightness, FieldSamples.PER_MM), inside);
        int columns = Texture.windows(field.width());
        int rows = Texture.windows(field.height());
        Turned[] turned = new Turned[columns * rows];
        for (int i = 0; i < turned.length; i++) {
            turned[i] = reader.turned(at(i % columns), at(i / columns));
        }
        Window[] windows = new Window[turned.length];
        double[][] likeness = new double[PARTS * PARTS][LAGS + 1];
        int[] counts = new int[PARTS * PARTS];
        for (int i = 0; i < windows.length; i++) {
            if (turned[i] == null) {
                windows[i] = Window.NONE;
                continue;
            }
            double[] along = reader.likeness(at(i % columns), at(i / columns), way(turned, i, columns));
            windows[i] = turned[i].window(along);
            if (windows[i].coherence() >= CLEAR) {
                int part = i / columns * PARTS / rows * PARTS + i % columns * PARTS / columns;
                counts[part]++;
                Arrays.setAll(likeness[part], lag -> likeness[part][lag] + along[lag]);
            }
        }
        List<Double> lengths = new ArrayList<>();
        for (int part = 0; part < counts.length; part++) {
            double end = counts[part] < LEAST_WINDOWS ? Double.NaN : end(likeness[part]);
            if (end <= LAGS * LAG_MM) {
                lengths.add(LENGTH * end * end);
            }
        }
        return StrokeMap.of(columns, rows, windows, lengths, hidden);
    }

    /** @param spread mean square of L* */
    private record Turned(Tensor tensor, double spread) {
        Window window(double[] along) {
            double stands = along[0] == 0 ? 0 : Math.max(0, along[BEYOND_GRAIN]) / along[0] * spread;
            return new Window(tensor.direction(), tensor.coherence(), Math.sqrt(stands), Math.sqrt(spread));
        }
    }

    /** The way of the strokes, rows running down, as a window and the like ones around it tell. */
    private static double way(Turned[] turned, int i, int columns) {
        double cos = 0;
        double sin = 0;
        for (int side = 0; side < 9; side++) {
            int x = i % columns + side % 3 - 1;
            int other = i + (side / 3 - 1) * columns + side % 3 - 1;
            boolean there = x >= 0 && x < columns && other >= 0 && other < turned.length && turned[other] != null;
            if (there
                    && Math.abs(Math.IEEEremainder(
                                    turned[other].tensor().direction()
                                            - turned[i].tensor().direction(),
                                    180))
                            < RELATED) {
                cos += turned[other].tensor().cos();
                sin += turned[other].tensor().sin();
            }
        }
        return Math.atan2(sin, cos) / 2 + Math.PI / 2;
    }

    private static int at(int window) {
        return (int) Math.round((FieldSamples.RING_MM + window * Texture.WINDOW_MM) * FieldSamples.PER_MM);
    }

    /** Null where too little can be seen. */
    private @Nullable Turned turned(int left, int top) {
        Tensor tensor = Tensor.of(smooth, inside, left, top, SIDE);
        if (tensor.count() < LEAST_SEEN * SIDE * SIDE || tensor.energy() == 0) {
            return null;
        }
        double squares = 0;
        int count = 0;
        for (int y = top; y < Math.min(fine.height, top + SIDE); y++) {
            for (int i = y * fine.width + left; i < y * fine.width + Math.min(fine.width, left + SIDE); i++) {
                if (inside.has(i)) {
                    squares += fine.data[i] * fine.data[i];
                    count++;
                }
            }
        }
        return new Turned(tensor, squares / count);
    }

    /** Mean product of places with those further along, at each lag. @param way of the strokes, rows running down */
    private double[] likeness(int left, int top, double way) {
        double right = Math.cos(way) * LAG_MM * FieldSamples.PER_MM;
        double down = Math.sin(way) * LAG_MM * FieldSamples.PER_MM;
        double[] along = new double[LAGS + 1];
        int[] counts = new int[along.length];
        for (int y = top; y < Math.min(fine.height - 1, top + SIDE); y += 2) {
            for (int x = left; x < Math.min(fine.width - 1, left + SIDE); x += 2) {
                float here = fine.data[y * fine.width + x];
                for (int lag = 0; lag < along.length && has(x + lag * right, y + lag * down); lag++) {
                    along[lag] += here * value(x + lag * right, y + lag * down);
                    counts[lag]++;
                }
            }
        }
        Arrays.setAll(along, lag -> along[lag] / Math.max(1, counts[lag]));
        return along;
    }

    private boolean has(double x, double y) {
        return x >= 0
                && y >= 0
                && x < fine.width - 1
                && y < fine.height - 1
                && inside.has(((int) y) * fine.width + (int) x);
    }

    private double value(double x, double y) {
        int ix = (int) x;
        int iy = (int) y;
        double fx = x - ix;
        double fy = y - iy;
        int i = iy * fine.width + ix;
        double upper = fine.data[i] + fx * (fine.data[i + 1] - fine.data[i]);
        double lower = fine.data[i + fine.width] + fx * (fine.data[i + fine.width + 1] - fine.data[i + fine.width]);
        return upper + fy * (lower - upper);
    }

    /** Where a straight line through the likeness beyond the grain comes to nothing, mm; NaN where nothing is alike. */
    private static double end(double[] likeness) {
        double first = likeness[BEYOND_GRAIN];
        if (!(first > 0)) {
            return Double.NaN;
        }
        double n = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        for (int lag = BEYOND_GRAIN; lag <= LAGS && (n < 3 || likeness[lag] > ALIKE * first); lag++) {
            double x = lag * LAG_MM;
            n++;
            sx += x;
            sy += likeness[lag];
            sxx += x * x;
            sxy += x * likeness[lag];
        }
        double slope = (n * sxy - sx * sy) / (n * sxx - sx * sx);
        return slope < 0 ? (sx * slope - sy) / (n * slope) : Double.NaN;
    }
}
