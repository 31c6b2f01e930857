package grastel.core.exercise;

import java.util.List;

/**
 * A goal of an exercise.
 *
 * @param goal what is judged
 * @param fields the fields it is read from, in the order its measure needs; see the kinds
 * @param ladder thresholds of the developing band
 */
public record GoalPlan(Goal goal, List<String> fields, Ladder ladder) {
    public GoalPlan {
        fields = List.copyOf(fields);
        if (fields.isEmpty()) {
            throw new IllegalArgumentException("Goal " + goal + " needs fields");
        }
    }
}
