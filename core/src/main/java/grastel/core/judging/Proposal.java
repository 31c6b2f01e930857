package grastel.core.judging;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.reading.fields.Measured;
import org.jspecify.annotations.Nullable;

/**
 * A proposed level for one goal.
 *
 * @param goal what is judged
 * @param level the proposal
 * @param figure what it rests on; unit as in {@link Goal}; null where nothing was tried
 * @param ladder the thresholds used
 * @param close true where the figure lies within its uncertainty of a threshold: look
 * @param cause likely reason, null at secure and beyond
 * @param field the box to look at, null where it is the whole set
 * @param atMm where along a strip to look, mm from its left end; null elsewhere
 */
public record Proposal(
        Goal goal,
        Level level,
        @Nullable Measured figure,
        Ladder ladder,
        boolean close,
        @Nullable Cause cause,
        @Nullable String field,
        @Nullable Double atMm) {
    Proposal because(Cause other) {
        return new Proposal(goal, level, figure, ladder, close, other, field, atMm);
    }
}
