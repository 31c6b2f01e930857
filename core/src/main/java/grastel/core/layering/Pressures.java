package grastel.core.layering;

import grastel.core.media.Pencil;
import java.util.List;

/**
 * How hard a class presses at each grade.
 *
 * @param shares of full force by grade, softest first, each at least the one before, 0…1
 */
public record Pressures(List<Double> shares) {
    /** As the grades are taught. */
    public static final Pressures TAUGHT = new Pressures(List.of(PressureGrade.values()).stream()
            .map(PressureGrade::pressure)
            .toList());

    public Pressures {
        shares = List.copyOf(shares);
        if (shares.size() != PressureGrade.values().length) {
            throw new IllegalArgumentException("Each of five grades needs a pressure, given were " + shares.size());
        }
        double before = 0;
        for (double share : shares) {
            if (!(share >= before && share <= 1)) {
                throw new IllegalArgumentException("Pressures rise from 0 to 1, were " + shares);
            }
            before = share;
        }
    }

    public double of(PressureGrade grade) {
        return shares.get(grade.ordinal());
    }

    /** The grade whose pressure is nearest. @param pressure 0…1 */
    public PressureGrade nearest(double pressure) {
        PressureGrade nearest = PressureGrade.WHISPER;
        for (PressureGrade grade : PressureGrade.values()) {
            if (Math.abs(of(grade) - pressure) < Math.abs(of(nearest) - pressure)) {
                nearest = grade;
            }
        }
        return nearest;
    }

    /** A grade as the class presses it, in small circles with the usual point. */
    public Pass pass(Pencil pencil, PressureGrade grade) {
        return new Pass(pencil, of(grade), Pass.USUAL_POINT, Stroke.CIRCLES);
    }
}
