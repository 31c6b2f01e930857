package grastel.core.progress;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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
     * @param ladder the thresholds it was held against, as the class is held now
     * @param askedStep of a goal of steps, how far apart two neighbours were asked; null of others
     * @param cause likely reason for a level below secure, or null
     * @param page the evidence
     * @param field where on the page, or null for all of it
     */
    public record Shown(
            Goal goal,
            Level level,
            Double figure,
            Double plusMinus,
            Ladder ladder,
            @Nullable Double askedStep,
            Cause cause,
            UUID page,
            String field) {
        /** True where the level follows from the figure alone; false where the teacher saw more than it, or there is none. */
        private boolean isByFigure() {
            return figure != null && Level.of(figure, ladder) == level;
        }

        /**
         * Where it lies on the thresholds, 0…4; a level that does not follow from a figure in its middle.
         *
         * @param asked the attempt whose steps it is compared with: smaller steps are harder to draw alike
         */
        double position(Shown asked) {
            if (isByFigure()) {
                return ladder.position(figure * scaled(asked));
            }
            return level == Level.BEYOND ? level.ordinal() : level.ordinal() + 0.5;
        }

        /** Half width of the 95 % interval of its place, levels. */
        double positionError() {
            return plusMinus == null || !isByFigure()
                    ? 0
                    : Math.abs(ladder.position(figure + plusMinus) - ladder.position(figure - plusMinus)) / 2;
        }

        /** What its figure is multiplied by to be one of as large steps as the other's. */
        private double scaled(Shown asked) {
            Double own = askedStep;
            Double others = asked.askedStep;
            if (own == null || others == null) {
                return 1;
            }
            // a share of the step falls as the step grows, a step itself rises with it
            return goal == Goal.EQUAL_STEPS ? own / others : others / own;
        }
    }

    /** The goals that show a skill. */
    List<Shown> of(Skill skill) {
        return shown.stream()
                .filter(s -> Skill.seenIn(kind, s.goal()).contains(skill))
                .toList();
    }
}
