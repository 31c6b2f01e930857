package grastel.core.reading;

import grastel.core.colour.Lab;
import grastel.core.exercise.PicturePlan;
import grastel.core.page.Rect;
import java.util.stream.IntStream;

/**
 * What was drawn where: the mean colour of each cell, averaged in linear light. Kept as bytes: L* in steps of 0.4, a* and b* in whole
 * numbers, within the noise of any picture.
 *
 * @param cellMm side of a cell
 * @param columns and rows of cells
 * @param cells L*, a* and b*, each row by row, deflated, Base64
 */
public record PictureReading(double cellMm, int columns, int rows, String cells) {
    public static final double CELL_MM = 1;

    private static final double CODES = 2.55;
    private static final int GREY = 128;

    static PictureReading of(FieldSamples samples, Rect field, ColourFix fix) {
        int columns = (int) Math.round(field.width() / CELL_MM);
        int rows = (int) Math.round(field.height() / CELL_MM);
        Lab[] colours = IntStream.range(0, columns * rows)
                .mapToObj(i -> {
                    double x = field.width() * (i % columns) / columns + field.x() - samples.area.x();
                    double y = field.height() * (i / columns) / rows + field.y() - samples.area.y();
                    return Lab.of(fix.of(samples.mean(x, y, CELL_MM)).toXyz());
                })
                .toArray(Lab[]::new);
        return of(columns, rows, colours);
    }

    /** @param colours of each cell, row by row */
    public static PictureReading of(int columns, int rows, Lab[] colours) {
        int count = columns * rows;
        byte[] bytes = new byte[3 * count];
        for (int i = 0; i < count; i++) {
            bytes[i] = code(colours[i].lightness() * CODES);
            bytes[count + i] = code(colours[i].a() + GREY);
            bytes[2 * count + i] = code(colours[i].b() + GREY);
        }
        return new PictureReading(CELL_MM, columns, rows, PicturePlan.packed(bytes));
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
