package grastel.core.judging;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;

/** How far a goal is reached. The number printed is the ordinal. */
public enum Level {
    NOT_TRIED,
    BEGINNING,
    NEARLY,
    SECURE,
    BEYOND;

    /** What a figure reaches. */
    public static Level of(double figure, Ladder ladder) {
        if (ladder.reachesBeyond(figure)) {
            return BEYOND;
        }
        if (ladder.reachesSecure(figure)) {
            return SECURE;
        }
        return ladder.reachesNearly(figure) ? NEARLY : BEGINNING;
    }

    /**
     * This level as it counts where the class is held against another band than when it was decided. What does not follow
     * from the figure alone, as where a teacher saw more than it, stands.
     *
     * @param figure null where there is none
     * @param held thresholds the figure was held against
     */
    public Level moved(Double figure, Ladder held, GradeBand from, GradeBand to) {
        return from == to || figure == null || of(figure, held) != this ? this : of(figure, held.moved(from, to));
    }
}
