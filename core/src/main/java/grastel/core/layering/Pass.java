package grastel.core.layering;

import grastel.core.media.Pencil;

/**
 * One going-over of a field.
 *
 * @param pencil what with
 * @param pressure 0…1, see {@link PressureGrade}
 * @param point 0 dull … 1 needle
 * @param stroke how the pencil travels
 */
public record Pass(Pencil pencil, double pressure, double point, Stroke stroke) {
    /** How sharp a pencil is kept where nothing else is asked. */
    public static final double USUAL_POINT = 0.7;

    /** How steeply the lead that a pass offers rises with its pressure. */
    public static final double PRESSURE_EXPONENT = 1.6;

    public Pass {
        if (pencil == null || stroke == null) {
            throw new IllegalArgumentException("A pass needs a pencil and a stroke");
        }
        requireShare("pressure", pressure);
        requireShare("point", point);
    }

    public static Pass of(Pencil pencil, PressureGrade grade) {
        return Pressures.TAUGHT.pass(pencil, grade);
    }

    private static void requireShare(String name, double value) {
        if (!(value >= 0 && value <= 1)) {
            throw new IllegalArgumentException("Pass " + name + " must be 0…1, was " + value);
        }
    }
}
