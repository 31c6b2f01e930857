package grastel.app.returns.api;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import java.time.Instant;
import java.util.UUID;

/**
 * A goal as a teacher confirmed it.
 *
 * @param exercise of the sheet, from 0
 * @param nearly, secure and beyond thresholds it was held against
 * @param band they are for
 * @param field to look at; of a goal of a whole set the last one begun
 * @param read when the reading was made that its pictures belong to
 */
public record Confirmed(
        UUID student,
        UUID run,
        int exercise,
        String kind,
        Goal goal,
        Level level,
        Double figure,
        Double plusMinus,
        double nearly,
        double secure,
        double beyond,
        GradeBand band,
        Cause cause,
        String field,
        UUID page,
        Instant read,
        Instant received) {
    /** Its student did not come so far: that says nothing of what was done. */
    public boolean isNotReached() {
        return level == Level.NOT_TRIED && cause == Cause.NOT_REACHED;
    }

    /** The attempt it is a goal of. */
    public AttemptedExercise attempt() {
        return new AttemptedExercise(student, run, exercise);
    }

    /** The thresholds as they count in a band. */
    public Ladder ladder(GradeBand now) {
        return new Ladder(nearly, secure, beyond).moved(band, now);
    }

    /** The level as it counts in a band. */
    public Level in(GradeBand now) {
        return level.moved(figure, new Ladder(nearly, secure, beyond), band, now);
    }
}
