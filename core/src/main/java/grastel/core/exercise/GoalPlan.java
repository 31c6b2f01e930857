package grastel.core.exercise;

import java.util.List;

/**
 * A goal of an exercise.
 *
 * @param goal what is judged
 * @param fields the fields it is read from, in the order its measure needs; see the kinds
 * @param ladder the usual thresholds of the developing band
 * @param factor what the teacher multiplies them by, {@value #LEAST_FACTOR} … {@value #MOST_FACTOR}; null, as in plans from
 *     before there was one, is 1
 */
public record GoalPlan(Goal goal, List<String> fields, Ladder ladder, Double factor) {
    public static final double LEAST_FACTOR = 0.25;
    public static final double MOST_FACTOR = 4;

    public GoalPlan {
        fields = List.copyOf(fields);
        if (fields.isEmpty()) {
            throw new IllegalArgumentException("Goal " + goal + " needs fields");
        }
        factor = factor == null ? 1.0 : factor;
        if (!(factor >= LEAST_FACTOR && factor <= MOST_FACTOR)) {
            throw new IllegalArgumentException("Thresholds cannot be multiplied by " + factor);
        }
    }

    /** By the usual thresholds. */
    public GoalPlan(Goal goal, List<String> fields, Ladder ladder) {
        this(goal, fields, ladder, 1.0);
    }

    /** The thresholds a student of a band is held against. */
    public Ladder held(GradeBand band) {
        return ladder.times(factor).of(band);
    }

    GoalPlan times(double newFactor) {
        return new GoalPlan(goal, fields, ladder, newFactor);
    }
}
