package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.page.Rect;
import grastel.core.reading.keys.ColourCorrection;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What was drawn where: the mean colour of each cell, averaged in linear light. Kept as bytes: L* in steps of 0.4, a* and b* in whole
 * numbers, within the noise of any picture.
 *
 * @param cellMm side of a cell
 * @param columns and rows of cells
 * @param cells L*, a* and b*, each row by row, deflated, Base64
 * @param play how far all of it may lie off the frame because it was seen through a window, mm; null where it lies as printed
 * @param strokes and grain; null in readings from before they were read
 */
public record PictureReading(
        double cellMm,
        int columns,
        int rows,
        String cells,
        @Nullable Double play,
        @Nullable StrokeMap strokes) {
    public static final double CELL_MM = 1;

    private static final double CODES = 2.55;
    private static final int GREY = 128;

    /** @param edge whose cells cannot be seen, mm; @param play see {@link #play} */
    static PictureReading of(
            FieldSamples samples,
            Rect field,
            ColourCorrection fix,
            double edge,
            @Nullable Double play,
            @Nullable StrokeMap strokes) {
        int columns = (int) Math.round(field.width() / CELL_MM);
        int rows = (int) Math.round(field.height() / CELL_MM);
        Lab[] colours = IntStream.range(0, columns * rows)
                .mapToObj(i -> {
                    double x = within(field.width() * (i % columns) / columns, field.width(), edge);
                    double y = within(field.height() * (i / columns) / rows, field.height(), edge);
                    return Lab.of(fix.of(samples.mean(x + FieldSamples.RING_MM, y + FieldSamples.RING_MM, CELL_MM))
                            .toXyz());
                })
                .toArray(Lab[]::new);
        return of(columns, rows, colours, play, strokes);
    }

    /** What lies under the edge of a card is taken from beside it. */
    private static double within(double at, double length, double edge) {
        return Math.max(edge, Math.min(length - edge - CELL_MM, at));
    }

    /** @param colours of each cell, row by row */
    public static PictureReading of(
            int columns, int rows, Lab[] colours, @Nullable Double play, @Nullable StrokeMap strokes) {
        int count = columns * rows;
        byte[] bytes = new byte[3 * count];
        for (int i = 0; i < count; i++) {
            bytes[i] = code(colours[i].lightness() * CODES);
            bytes[count + i] = code(colours[i].a() + GREY);
            bytes[2 * count + i] = code(colours[i].b() + GREY);
        }
        return new PictureReading(CELL_MM, columns, rows, PicturePlan.packed(bytes), play, strokes);
    }

    private static byte code(double value) {
        return (byte) Math.round(Math.max(0, Math.min(255, value)));
    }

    /** The colour of each cell, row by row. */
    public Lab[] colours() {
        int count = columns * rows;
        byte[] bytes = PicturePlan.unpacked(cells, 3 * count);
        return IntStream.range(0, count)
                .mapToObj(i -> new Lab(
                        (bytes[i] & 255) / CODES, (bytes[count + i] & 255) - GREY, (bytes[2 * count + i] & 255) - GREY))
                .toArray(Lab[]::new);
    }
}
