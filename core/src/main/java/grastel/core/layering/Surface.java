package grastel.core.layering;

import grastel.core.media.Pencil;
import grastel.core.media.Tooth;

/**
 * The top of a swatch: what the next pass meets and how the light is thrown back.
 *
 * @param depth of the tooth as it is now, relative; hard work lowers it
 * @param polish 0 rough wax … 1 burnished to a shine
 * @param stroke the strokes seen on it
 * @param slick 0 holds … 1 nothing of another medium holds: crayon and oil pastel lie on it
 */
public record Surface(double depth, double polish, Stroke stroke, double slick) {
    /** Pressing harder than this begins to flatten the tooth. */
    private static final double HARD = 0.7;

    private static final double FLATTENED_BY_PRESSING = 0.08;
    private static final double POLISHED_BY_PRESSING = 0.10;
    private static final double LEFT_BY_BURNISHING = 0.45;
    private static final double POLISHED_BY_BURNISHING = 0.45;

    /** Share of lead that still holds on a shine. */
    private static final double SLIPPING = 0.04;

    /** A pass of this pressure's reciprocal covers wholly. */
    private static final double COVERING = 2;

    static Surface of(Tooth tooth) {
        return new Surface(tooth.depth(), 0, Stroke.CIRCLES, 0);
    }

    /** How far a pressure is into the hard range, 0…1. */
    public static double hardness(double pressure) {
        return Math.max(0, (pressure - HARD) / (1 - HARD));
    }

    Surface pressed(Pass pass) {
        double h = hardness(pass.pressure());
        return new Surface(
                depth * (1 - FLATTENED_BY_PRESSING * h),
                1 - (1 - polish) * (1 - POLISHED_BY_PRESSING * h),
                pass.stroke(),
                Math.max(slick, Handling.of(pass.pencil()).slippery() * Math.min(1, COVERING * pass.pressure())));
    }

    Surface burnished() {
        return new Surface(
                depth * LEFT_BY_BURNISHING, 1 - (1 - polish) * (1 - POLISHED_BY_BURNISHING), Stroke.CIRCLES, slick);
    }

    /** How well lead takes hold, 1 on rough wax and paper; on a burnished shine it slides. */
    public double grip() {
        return Math.max(SLIPPING, 1 - 2.2 * polish);
    }

    /** The same of one pencil: what is slippery itself holds on its like. */
    public double grip(Pencil pencil) {
        return Handling.of(pencil).slippery() > 0 ? grip() : Math.max(SLIPPING, grip() * (1 - slick));
    }

    /** Solvent leaves the tooth as open as it was, and no strokes. */
    Surface wetted() {
        return new Surface(depth, polish, Stroke.CIRCLES, slick);
    }

    /** Putty roughens what it lifts from. */
    Surface lifted(double strength) {
        return new Surface(depth, polish * (1 - 0.5 * strength), stroke, slick * (1 - 0.5 * strength));
    }
}
