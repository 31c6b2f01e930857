package grastel.core.progress;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What one student gave in of one exercise, as it was confirmed.
 *
 * @param received when it came in; attempts are in this order, whenever they were confirmed
 * @param kind of the exercise, by its id
 * @param shown its goals, none that was not tried
 */
public record Attempt(Instant received, String kind, List<Shown> shown) {
    public Attempt {
        shown = List.copyOf(shown);
    }

    /**
     * A goal of it.
     *
     * @param figure in the goal's unit; null where the level rests on none
     * @param plusMinus half width of its 95 % interval; null without a figure
     * @param rising true where a larger figure is better
     * @param cause likely reason for a level below secure, or null
     * @param page the evidence
     * @param field where on the page, or null for all of it
     */
    public record Shown(
            Goal goal,
            Level level,
            Double figure,
            Double plusMinus,
            boolean rising,
            Cause cause,
            UUID page,
            String field) {}

    /** The goals that show a skill. */
    List<Shown> of(Skill skill) {
        return shown.stream()
                .filter(s -> Skill.seenIn(kind, s.goal()).contains(skill))
                .toList();
    }
}
