package grastel.core.judging;

import grastel.core.exercise.Goal;
import grastel.core.exercise.Ladder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

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
 * @param factor what to multiply the threshold of secure by; 1 where no other would do clearly better
 * @param agreeThen the same with that factor
 */
public record Agreement(
        Goal goal, int marks, int same, int higher, int lower, int agreeNow, double factor, int agreeThen) {
    /** Fewer decisions than this say nothing. */
    private static final int FEWEST = 8;
    /** A new threshold must settle at least this share of the marks. */
    private static final double WORTH = 0.1;

    /** A teacher's decision. @param figure what was measured; @param ladder the thresholds it was held against */
    public record Decision(Goal goal, double figure, Ladder ladder, Level proposed, Level decided) {
        /** The figure as a multiple of its threshold of secure. */
        private double share() {
            return figure / ladder.secure();
        }

        private boolean isSecure() {
            return decided.compareTo(Level.SECURE) >= 0;
        }

        private boolean agrees(double factor) {
            boolean rising = ladder.nearly() < ladder.beyond();
            boolean reached = rising ? share() >= factor : share() <= factor;
            return reached == isSecure();
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
        int now = agreeing(decisions, 1);
        double best = decisions.size() < FEWEST ? 1 : bestFactor(decisions);
        int then = agreeing(decisions, best);
        boolean worth = then - now >= Math.max(2, WORTH * decisions.size());
        return new Agreement(
                goal,
                decisions.size(),
                decisions.size() - higher - lower,
                higher,
                lower,
                now,
                worth ? best : 1,
                worth ? then : now);
    }

    /** Halfway between neighbouring figures; of equally good ones the nearest to 1. */
    private static double bestFactor(List<Decision> decisions) {
        double[] shares = decisions.stream()
                .filter(d -> d.ladder().secure() != 0)
                .mapToDouble(Decision::share)
                .sorted()
                .toArray();
        List<Double> tried = new ArrayList<>(List.of(1.0));
        for (int i = 1; i < shares.length; i++) {
            tried.add((shares[i - 1] + shares[i]) / 2);
        }
        return tried.stream()
                .filter(f -> f > 0)
                .max(Comparator.comparingInt((Double f) -> agreeing(decisions, f))
                        .thenComparingDouble(f -> -Math.abs(Math.log(f))))
                .orElse(1.0);
    }

    private static int agreeing(List<Decision> decisions, double factor) {
        return (int) decisions.stream().filter(d -> d.agrees(factor)).count();
    }
}
