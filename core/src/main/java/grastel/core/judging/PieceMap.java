package grastel.core.judging;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.SheetPlan;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.Overlays;
import grastel.core.reading.PageReading;
import java.awt.image.BufferedImage;
import java.util.stream.IntStream;

/** How much lighter or darker than planned pictures were drawn, to be laid over their page, see {@link Overlays}. */
public final class PieceMap {
    /** As planned. */
    private static final double MIDDLE = 50;
    /** This much lighter is shown white, darker black, L*. */
    private static final double MOST = 25;

    private PieceMap() {}

    /** Middle grey where a picture is as planned, lighter where it is too light; clear where none is. */
    public static BufferedImage of(PageLayout page, SheetPlan plan, PageReading reading) {
        BufferedImage over = new BufferedImage(
                (int) Math.round(page.size().widthMm() * Overlays.PX_PER_MM),
                (int) Math.round(page.size().heightMm() * Overlays.PX_PER_MM),
                BufferedImage.TYPE_INT_ARGB);
        reading.fields().stream().filter(f -> f.picture() != null).forEach(read -> {
            FieldPlan field = plan.field(read.field());
            Rect at = page.fields().stream()
                    .filter(f -> f.id().equals(read.field()))
                    .findFirst()
                    .orElseThrow()
                    .rect();
            if (field.hasPicture()
                    && field.picture().columns() == read.picture().columns()) {
                paint(field, read.picture().colours(), at, over);
            }
        });
        return over;
    }

    private static void paint(FieldPlan field, Lab[] drawn, Rect at, BufferedImage over) {
        int columns = field.picture().columns();
        byte[] places = field.picture().places();
        Lab[] planned = IntStream.range(0, places.length)
                .mapToObj(i -> field.picture().predicted(places[i]))
                .toArray(Lab[]::new);
        Grid off = Grid.lightness(columns, drawn)
                .less(Grid.lightness(columns, planned))
                .mean(1);
        int width = (int) Math.round(at.width() * Overlays.PX_PER_MM);
        int height = (int) Math.round(at.height() * Overlays.PX_PER_MM);
        int left = (int) Math.round(at.x() * Overlays.PX_PER_MM);
        int top = (int) Math.round(at.y() * Overlays.PX_PER_MM);
        for (int y = 0; y < Math.min(height, over.getHeight() - top); y++) {
            for (int x = 0; x < Math.min(width, over.getWidth() - left); x++) {
                double lighter = off.at(y * off.rows / height * columns + x * columns / width);
                double shade = MIDDLE * (1 + Math.max(-1, Math.min(1, lighter / MOST)));
                over.setRGB(
                        left + x,
                        top + y,
                        0xff000000 | Srgb.of(new Lab(shade, 0, 0)).code());
            }
        }
    }
}
