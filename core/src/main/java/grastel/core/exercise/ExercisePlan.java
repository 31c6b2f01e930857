package grastel.core.exercise;

import java.util.List;

/**
 * What a sheet asks and how it can be done.
 *
 * @param fields in reading order
 * @param darkening true if the fields go from light to dark
 * @param paperLightness L* of the bare paper
 * @param lightest L* of the lightest mark the pencil is taught to make here
 * @param darkest L* of the pencil's solid here
 * @param minutes working minutes for a student of the band, without setting up and clearing
 * @param feasibility what cannot fully be done; empty when all can
 */
public record ExercisePlan(
        List<FieldPlan> fields,
        boolean darkening,
        double paperLightness,
        double lightest,
        double darkest,
        double minutes,
        List<Feasibility> feasibility) {
    public ExercisePlan {
        fields = List.copyOf(fields);
        feasibility = List.copyOf(feasibility);
    }

    /** Distance in L* the plan asks between neighbouring fields. */
    public double askedStep() {
        return Math.abs(lightest - darkest) / (fields.size() - 1);
    }
}
