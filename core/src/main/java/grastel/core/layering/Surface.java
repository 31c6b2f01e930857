package grastel.core.layering;

import grastel.core.media.Pencil;
import grastel.core.media.Tooth;

/**
 * The top of a swatch: what the next pass meets and how the light is thrown back.
 *
 * @param depth of the tooth as it is now, relative; burnishing lowers it
 * @param polish 0 rough wax … 1 burnished to a shine
 * @param flake thickness of the flakes in which lead lies on the paper; pressing, rubbing and solvent spread them thinner
 * @param stroke the strokes seen on it
 * @param slick 0 holds … 1 nothing of another medium holds: crayon and oil pastel lie on it
 */
public record Surface(double depth, double polish, double flake, Stroke stroke, double slick) {
    /** Thickness of the flakes that a light pass leaves on fresh paper. */
    private static final double FLAKE = 0.225;

    private static final double SPREAD_BY_FULL_FORCE = 0.4;
    private static final double SPREAD_BY_SOLVENT = 0.5;
    private static final double SPREAD_BY_BURNISHING = 1.4;
    private static final double MOST_SPREAD = 0.9;

    /** Pressing harder than this begins to polish. */
    private static final double HARD = 0.7;

    private static final double POLISHED_BY_FULL_FORCE = 0.33;
    private static final double POLISHED_BY_BURNISHING = 0.82;

    private static final double SLIDING = 2.2;
    /** Share of lead that holds even on a shine. */
    private static final double LEAST_GRIP = 0.04;
    /** A needle pressed with full force bites into a shine; a point only a little duller slides. */
    private static final double BITE = 1.6;

    private static final double BITE_EXPONENT = 9;

    /** A pass of this pressure's reciprocal covers wholly. */
    private static final double COVERING = 2;

    static Surface of(Tooth tooth) {
        return new Surface(tooth.depth(), 0, FLAKE, Stroke.CIRCLES, 0);
    }

    /** How far a pressure is into the hard range, 0…1. */
    public static double hardness(double pressure) {
        return Math.max(0, (pressure - HARD) / (1 - HARD));
    }

    Surface pressed(Pass pass) {
        double p = pass.pressure();
        return new Surface(
                depth,
                1 - (1 - polish) * (1 - POLISHED_BY_FULL_FORCE * hardness(p)),
                flake * (1 - SPREAD_BY_FULL_FORCE * p * p),
                pass.stroke(),
                Math.max(slick, MediumProperties.of(pass.pencil()).slippery() * Math.min(1, COVERING * p)));
    }

    /** How deep one round of burnishing gets into the tooth, 0…1: the shallower it is the deeper. */
    double rubbed() {
        return 1 / (1 + depth);
    }

    Surface burnished() {
        double rub = rubbed();
        return new Surface(
                depth * (1 - rub),
                1 - (1 - polish) * (1 - POLISHED_BY_BURNISHING * rub),
                flake * (1 - Math.min(MOST_SPREAD, SPREAD_BY_BURNISHING * rub)),
                Stroke.CIRCLES,
                slick);
    }

    /** How well a pass takes hold, 1 on rough wax and paper; on a burnished shine it slides unless it is sharp and hard. */
    public double grip(Pass pass) {
        MediumProperties medium = MediumProperties.of(pass.pencil());
        double point = Math.min(pass.point(), medium.sharpest());
        double bite = LEAST_GRIP + BITE * pass.pressure() * Math.pow(point, BITE_EXPONENT);
        double grip = Math.min(1, Math.max(1 - SLIDING * polish, bite));
        return medium.slippery() > 0 ? grip : Math.max(LEAST_GRIP, grip * (1 - slick));
    }

    /** How well a light pass of any pencil takes hold on the shine alone, 0…1. */
    public double grip() {
        return Math.max(1 - SLIDING * polish, LEAST_GRIP);
    }

    /** The same of one pencil: what is slippery itself holds on its like. */
    public double grip(Pencil pencil) {
        return MediumProperties.of(pencil).slippery() > 0 ? grip() : Math.max(LEAST_GRIP, grip() * (1 - slick));
    }

    /** Solvent leaves the tooth as open as it was, and no strokes. */
    Surface wetted() {
        return new Surface(depth, polish, flake * SPREAD_BY_SOLVENT, Stroke.CIRCLES, slick);
    }

    /** A stump rubs the strokes away. */
    Surface stumped() {
        return new Surface(depth, polish, flake, Stroke.CIRCLES, slick);
    }

    /** Putty roughens what it lifts from. */
    Surface lifted(double strength) {
        return new Surface(depth, polish * (1 - 0.5 * strength), flake, stroke, slick * (1 - 0.5 * strength));
    }
}
