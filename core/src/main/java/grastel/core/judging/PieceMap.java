package grastel.core.judging;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.reading.fields.FieldReading;
import java.awt.image.BufferedImage;
import java.util.Optional;

/** How much lighter or darker than planned a picture was drawn, a pixel for each cell. */
public final class PieceMap {
    /** As planned. */
    private static final double MIDDLE = 50;
    /** This much lighter is shown white, darker black, L*. */
    private static final double MOST = 25;

    private PieceMap() {}

    /** Middle grey where a picture is as planned, lighter where it is too light; none where no picture was read. */
    public static Optional<BufferedImage> of(FieldPlan field, FieldReading read) {
        return Registration.of(field.picture(), read.picture())
                .map(laid -> painted(field.ownPicture().columns(), laid));
    }

    private static BufferedImage painted(int columns, Registration laid) {
        Grid off = Grid.lightness(columns, laid.drawn())
                .less(Grid.lightness(columns, laid.planned()))
                .mean(1);
        BufferedImage map = new BufferedImage(columns, off.rows, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < laid.drawn().length; i++) {
            double shade = MIDDLE * (1 + Math.max(-1, Math.min(1, off.at(i) / MOST)));
            map.setRGB(i % columns, i / columns, Srgb.of(new Lab(shade, 0, 0)).code());
        }
        return map;
    }
}
