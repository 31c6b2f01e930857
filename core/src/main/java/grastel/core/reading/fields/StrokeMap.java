package grastel.core.reading.fields;

import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Texture;
import java.util.List;

/**
 * Strokes and grain of a drawn picture, window by window, seen through the spot of {@link Specks}, less what changes over more
 * than a millimetre.
 *
 * @param columns and rows of windows of {@value Texture#WINDOW_MM} mm
 * @param cells of each window the direction of strokes in degrees from the horizontal, anticlockwise; its coherence; how far
 *     strokes stand out; the spread of all there is, both in L*: each row by row as bytes, deflated, Base64
 * @param lengths of strokes in the nine parts of the picture where they can be told, mm
 * @param hidden share of the contrast that the picture's blur may hide, 0…1
 */
public record StrokeMap(int columns, int rows, String cells, List<Double> lengths, double hidden) {
    private static final int FIGURES = 4;
    private static final double SHARES = 255;
    private static final double CONTRASTS = 8;

    public StrokeMap {
        lengths = List.copyOf(lengths);
    }

    /**
     * A window.
     *
     * @param direction degrees from the horizontal, anticlockwise, 0 up to 180
     * @param coherence 0 no direction … 1 one
     * @param detail how far strokes stand out from what lies beside them, standard deviation of L*
     * @param grain standard deviation of L* of all there is
     */
    public record Window(double direction, double coherence, double detail, double grain) {
        /** Nothing could be seen. */
        static final Window NONE = new Window(0, 0, 0, 0);
    }

    /** @param windows row by row */
    public static StrokeMap of(int columns, int rows, Window[] windows, List<Double> lengths, double hidden) {
        byte[] bytes = new byte[FIGURES * windows.length];
        for (int i = 0; i < windows.length; i++) {
            Window w = windows[i];
            bytes[i] = (byte) Math.floorMod(Math.round(w.direction()), 180);
            bytes[windows.length + i] = code(w.coherence() * SHARES);
            bytes[2 * windows.length + i] = code(w.detail() * CONTRASTS);
            bytes[3 * windows.length + i] = code(w.grain() * CONTRASTS);
        }
        return new StrokeMap(columns, rows, PicturePlan.packed(bytes), lengths, hidden);
    }

    private static byte code(double value) {
        return (byte) Math.round(Math.max(0, Math.min(255, value)));
    }

    /** The spread of L* that grain gives on a square of it. @param luminance row by row, {@code side} long */
    public static double grain(float[] luminance, int side, double pxPerMm) {
        return StrokeMapReader.grain(luminance, side, pxPerMm);
    }

    /** Row by row. */
    public Window[] windows() {
        int count = columns * rows;
        byte[] bytes = PicturePlan.unpacked(cells, FIGURES * count);
        Window[] windows = new Window[count];
        for (int i = 0; i < count; i++) {
            windows[i] = new Window(
                    bytes[i] & 255,
                    (bytes[count + i] & 255) / SHARES,
                    (bytes[2 * count + i] & 255) / CONTRASTS,
                    (bytes[3 * count + i] & 255) / CONTRASTS);
        }
        return windows;
    }
}
