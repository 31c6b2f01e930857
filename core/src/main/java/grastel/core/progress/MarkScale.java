package grastel.core.progress;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A teacher's own scale: what levels come to as one mark.
 *
 * @param weights of goals, 0 … {@value #MOST_WEIGHT}; goals left out weigh 1
 * @param steps what each of the five levels is worth, the lowest first; their values run one way
 */
public record MarkScale(Map<Goal, Double> weights, List<Step> steps) {
    public static final double MOST_WEIGHT = 10;
    /** Whole levels are reached or not; so much is the error of adding up. */
    private static final double SAME = 1e-9;

    /** Levels as they are, 0…4. */
    public static final MarkScale LEVELS =
            new MarkScale(Map.of(), List.of(step(0), step(1), step(2), step(3), step(4)));

    /** @param value points or per cent; @param name a letter or a word; empty where the value is the mark */
    public record Step(double value, String name) {}

    /** A goal of an exercise as it was confirmed. */
    public record Reached(Goal goal, Level level) {}

    /**
     * A mark, which always shows its goals beside it.
     *
     * @param level of the weakest third of the goals by weight, 0…4
     * @param value between the steps, straight
     * @param name of the highest step that is reached, never rounded up; empty where steps have none
     */
    public record Mark(double level, double value, String name) {}

    public MarkScale {
        weights = Map.copyOf(weights);
        steps = List.copyOf(steps);
        if (steps.size() != Level.values().length) {
            throw new IllegalArgumentException("A scale has a step for each of the five levels, not " + steps.size());
        }
        weights.forEach((goal, weight) -> {
            if (!(weight >= 0 && weight <= MOST_WEIGHT)) {
                throw new IllegalArgumentException(
                        goal.label() + " must weigh 0…" + (int) MOST_WEIGHT + ", was " + weight);
            }
        });
        if (!runsOneWay(steps)) {
            throw new IllegalArgumentException("The values of a scale must rise from level to level, or fall");
        }
    }

    private static Step step(int level) {
        return new Step(level, "");
    }

    private static boolean runsOneWay(List<Step> steps) {
        double way = steps.get(steps.size() - 1).value() - steps.get(0).value();
        for (int i = 1; i < steps.size(); i++) {
            double next = steps.get(i).value() - steps.get(i - 1).value();
            if (!Double.isFinite(next) || next * Math.signum(way) < 0) {
                return false;
            }
        }
        return way != 0;
    }

    /** The mark of an exercise; none where no goal counts. @param goals as confirmed; 0 for one that was left out */
    public Optional<Mark> mark(Collection<Reached> goals) {
        List<LowestThird.Weighed> counting = goals.stream()
                .map(g -> new LowestThird.Weighed(g.level(), weights.getOrDefault(g.goal(), 1.0)))
                .filter(w -> w.weight() > 0)
                .toList();
        return counting.isEmpty() ? Optional.empty() : Optional.of(mark(LowestThird.of(counting)));
    }

    private Mark mark(double level) {
        int below = (int) Math.min(steps.size() - 2.0, level + SAME);
        Step from = steps.get(below);
        Step to = steps.get(below + 1);
        double value = from.value() + (to.value() - from.value()) * (level - below);
        return new Mark(level, value, steps.get((int) (level + SAME)).name());
    }
}
