package grastel.core.judging;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.FieldPlan;
import grastel.core.reading.FieldReading;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.stream.IntStream;

/** How much lighter or darker than planned a picture was drawn, a pixel for each cell. */
public final class PieceMap {
    /** As planned. */
    private static final double MIDDLE = 50;
    /** This much lighter is shown white, darker black, L*. */
    private static final double MOST = 25;

    private PieceMap() {}

    /** Middle grey where a picture is as planned, lighter where it is too light; none where no picture was read. */
    public static Optional<BufferedImage> of(FieldPlan field, FieldReading read) {
        boolean same = field.hasPicture()
                && read.picture() != null
                && read.picture().columns() == field.picture().columns()
                && read.picture().rows() == field.picture().rows();
        return same ? Optional.of(painted(field, read)) : Optional.empty();
    }

    private static BufferedImage painted(FieldPlan field, FieldReading read) {
        int columns = field.picture().columns();
        byte[] places = field.picture().places();
        Lab[] planned = IntStream.range(0, places.length)
                .mapToObj(i -> field.picture().predicted(places[i]))
                .toArray(Lab[]::new);
        Grid off = Grid.lightness(columns, read.picture().colours())
                .less(Grid.lightness(columns, planned))
                .mean(1);
        BufferedImage map = new BufferedImage(columns, off.rows, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < places.length; i++) {
            double shade = MIDDLE * (1 + Math.max(-1, Math.min(1, off.at(i) / MOST)));
            map.setRGB(i % columns, i / columns, Srgb.of(new Lab(shade, 0, 0)).code());
        }
        return map;
    }
}
