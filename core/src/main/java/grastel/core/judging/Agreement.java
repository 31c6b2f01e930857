package grastel.core.judging;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.GoalPlan;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Where a teacher and the proposals part, goal by goal. Nothing is shifted by it: it says how often they agree, and by what
 * factor the threshold of secure would have to move to agree with the teacher most often, where that makes a difference.
 *
 * @param goal what was judged
 * @param marks decided marks that had a figure
 * @param same decided as proposed
 * @param higher decided higher than proposed
 * @param lower decided lower than proposed
 * @param agreeNow marks on the same side of secure as the teacher has them, with the thresholds as they were
 * @param factor what the usual thresholds would have to be multiplied by; null where nothing would do clearly better than
 *     those in use
 * @param agreeThen marks on the teacher's side of secure with that factor
 * @param secure the usual threshold of secure, the median over the marks
 * @param inUse the threshold of secure as it was held, the median over the marks
 */
public record Agreement(
        Goal goal,
        int marks,
        int same,
        int higher,
        int lower,
        int agreeNow,
        @Nullable Double factor,
        int agreeThen,
        double secure,
        double inUse) {
    /** Fewer decisions than this say nothing. */
    private static final int FEWEST = 8;
    /** A new threshold must settle at least this share of the marks. */
    private static final double WORTH = 0.1;

    /**
     * A teacher's decision.
     *
     * @param figure what was measured
     * @param ladder the thresholds it was held against
     * @param factor what the teacher had multiplied the usual ones by
     */
    public record Decision(Goal goal, double figure, Ladder ladder, double factor, Level proposed, Level decided) {
        private double usual() {
            return ladder.secure() / factor;
        }

        /** The figure as a multiple of the usual threshold of secure. A threshold of 0 is reached by 0, whatever the factor. */
        private double share() {
            if (figure == 0 && usual() == 0) {
                return rising() ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
            }
            return figure / usual();
        }

        private boolean rising() {
            return ladder.nearly() < ladder.beyond();
        }

        private boolean secure() {
            return decided.compareTo(Level.SECURE) >= 0;
        }

        private boolean agrees(double withFactor) {
            return (rising() ? share() >= withFactor : share() <= withFactor) == secure();
        }
    }

    /**
     * How many decisions agree with a factor, told by their order: a year has thousands of decisions, and as many factors to
     * try. Each array holds the shares, sorted, of those that agree while the factor is …
     */
    private record Tally(double[] atMost, double[] below, double[] atLeast, double[] above) {
        static Tally of(List<Decision> decisions) {
            return new Tally(
                    sorted(decisions, true, true),
                    sorted(decisions, false, false),
                    sorted(decisions, false, true),
                    sorted(decisions, true, false));
        }

        private static double[] sorted(List<Decision> decisions, boolean rising, boolean secure) {
            return decisions.stream()
                    .filter(d -> d.rising() == rising && d.secure() == secure)
                    .mapToDouble(Decision::share)
                    .sorted()
                    .toArray();
        }

        int at(double factor) {
            double next = Math.nextUp(factor);
            return atMost.length
                    - smaller(atMost, factor)
                    + below.length
                    - smaller(below, next)
                    + smaller(atLeast, next)
                    + smaller(above, factor);
        }

        private static int smaller(double[] sorted, double than) {
            int from = 0;
            int to = sorted.length;
            while (from < to) {
                int middle = (from + to) >>> 1;
                if (sorted[middle] < than) {
                    from = middle + 1;
                } else {
                    to = middle;
                }
            }
            return from;
        }
    }

    /** One for each goal that was decided, in the goals' own order. */
    public static List<Agreement> of(List<Decision> decisions) {
        Map<Goal, List<Decision>> byGoal =
                decisions.stream().collect(Collectors.groupingBy(Decision::goal, TreeMap::new, Collectors.toList()));
        return byGoal.entrySet().stream().map(e -> of(e.getKey(), e.getValue())).toList();
    }

    private static Agreement of(Goal goal, List<Decision> decisions) {
        int higher = (int) decisions.stream()
                .filter(d -> d.decided().compareTo(d.proposed()) > 0)
                .count();
        int lower = (int) decisions.stream()
                .filter(d -> d.decided().compareTo(d.proposed()) < 0)
                .count();
        int now = (int) decisions.stream().filter(d -> d.agrees(d.factor())).count();
        Tally tally = Tally.of(decisions);
        double best = decisions.size() < FEWEST ? 1 : bestFactor(decisions, tally);
        int then = tally.at(best);
        boolean worth = decisions.size() >= FEWEST && then - now >= Math.max(2, WORTH * decisions.size());
        return new Agreement(
                goal,
                decisions.size(),
                decisions.size() - higher - lower,
                higher,
                lower,
                now,
                worth ? (Double) best : null,
                worth ? then : now,
                median(decisions.stream().mapToDouble(Decision::usual)),
                median(decisions.stream().mapToDouble(d -> d.ladder().secure())));
    }

    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        return (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
    }

    /** Halfway between neighbouring figures, as far as thresholds may be moved; of equally good ones the nearest to 1. */
    private static double bestFactor(List<Decision> decisions, Tally tally) {
        double[] shares = decisions.stream()
                .filter(d -> d.ladder().secure() != 0)
                .mapToDouble(Decision::share)
                .sorted()
                .toArray();
        return DoubleStream.concat(
                        DoubleStream.of(1),
                        IntStream.range(1, shares.length).mapToDouble(i -> (shares[i - 1] + shares[i]) / 2))
                .filter(f -> f >= GoalPlan.LEAST_FACTOR && f <= GoalPlan.MOST_FACTOR)
                .boxed()
                .max(Comparator.comparingInt((Double f) -> tally.at(f))
                        .thenComparingDouble(f -> -Math.abs(Math.log(f))))
                .orElseThrow();
    }
}
