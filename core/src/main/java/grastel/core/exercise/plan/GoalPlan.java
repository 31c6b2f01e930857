package grastel.core.exercise.plan;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import java.util.List;

/**
 * A goal of an exercise.
 *
 * @param goal what is judged
 * @param of the fields it is read from, as what they are to it
 * @param ladder the usual thresholds of the developing band
 * @param factor what the teacher multiplies them by, {@value #LEAST_FACTOR} … {@value #MOST_FACTOR}; null, as in plans from
 *     before there was one, is 1
 */
public record GoalPlan(Goal goal, GoalFields of, Ladder ladder, Double factor) {
    public static final double LEAST_FACTOR = 0.25;
    public static final double MOST_FACTOR = 4;

    public GoalPlan {
        if (of.all().isEmpty()) {
            throw new IllegalArgumentException("Goal " + goal + " needs at least one field");
        }
        factor = factor == null ? 1.0 : factor;
        if (!(factor >= LEAST_FACTOR && factor <= MOST_FACTOR)) {
            throw new IllegalArgumentException("Thresholds of " + goal + " are multiplied by " + LEAST_FACTOR + " … "
                    + MOST_FACTOR + ", not by " + factor);
        }
    }

    /** By the usual thresholds. */
    public GoalPlan(Goal goal, GoalFields of, Ladder ladder) {
        this(goal, of, ladder, 1.0);
    }

    /** Ids of all fields, each once. */
    public List<String> fields() {
        return of.all();
    }

    /** The thresholds a student of a band is held against. */
    public Ladder ladder(GradeBand band) {
        return ladder.times(factor).of(band);
    }

    GoalPlan times(double newFactor) {
        return new GoalPlan(goal, of, ladder, newFactor);
    }
}
