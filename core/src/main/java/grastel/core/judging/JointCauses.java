package grastel.core.judging;

import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.reading.fields.FieldReading;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Settles the cause of a goal by what other measures of the same page say: many faults look alike in one figure and part in a
 * second. Levels and figures stay as they are.
 */
final class JointCauses {
    /** A field with more paper than this between its pencil shows it as grain, %. */
    private static final double GRAIN_SHOWS = 10;
    /** A field with less than this has a full tooth, %. */
    private static final double FULL_TOOTH = 3;
    /** Strokes this much alike run one way; circles come to about 0.1. */
    private static final double ONE_WAY = 0.4;

    /** Where a proposal has a cause and something else holds, another cause is meant. The first that fits counts. */
    private record Rule(Cause seen, BiPredicate<JointCauses, Proposal> also, Cause meant) {}

    private static final List<Rule> RULES = List.of(
            new Rule(
                    Cause.SPECKS_LEFT,
                    (page, p) -> page.has(Goal.FULL_RANGE, Cause.NEVER_DARK, Cause.ALL_MIDDLE),
                    Cause.TOO_LITTLE_PRESSURE),
            new Rule(Cause.SPECKS_LEFT, (page, p) -> page.runsOneWay(p.field()), Cause.ONE_DIRECTION),
            new Rule(Cause.NEVER_DARK, (page, p) -> page.fails(Goal.RICH_DARK), Cause.TOO_LITTLE_PRESSURE),
            new Rule(Cause.NEVER_DARK, (page, p) -> page.reaches(Goal.RICH_DARK), Cause.DARK_TOO_THIN),
            new Rule(
                    Cause.NEIGHBOURS_ALIKE,
                    (page, p) -> p.goal() == Goal.SHRINKING_STEPS && page.specks(p.field()) < FULL_TOOTH,
                    Cause.TOOTH_FULL),
            new Rule(Cause.TINT_TOO_WEAK, (page, p) -> page.specks(p.field()) > GRAIN_SHOWS, Cause.WHITE_TOO_THIN),
            new Rule(Cause.SHADE_MUDDY, (page, p) -> page.fails(Goal.SHADE_DARKER), Cause.OPPOSITES_EQUAL),
            new Rule(Cause.PATCHY, (page, p) -> page.fails(Goal.NEAT_EDGE), Cause.HURRY),
            new Rule(Cause.OVER_EDGE, (page, p) -> page.fails(Goal.EVEN_INSIDE), Cause.HURRY));

    private final Map<Goal, Proposal> byGoal;
    private final Map<String, FieldReading> byField;

    private JointCauses(List<Proposal> proposals, Map<String, FieldReading> byField) {
        this.byGoal = proposals.stream().collect(Collectors.toMap(Proposal::goal, Function.identity(), (a, b) -> a));
        this.byField = byField;
    }

    /** The proposals with their causes settled by one another. @param byField what was read */
    static List<Proposal> weighed(List<Proposal> proposals, Map<String, FieldReading> byField) {
        JointCauses page = new JointCauses(proposals, byField);
        return proposals.stream().map(page::weighed).toList();
    }

    private Proposal weighed(Proposal p) {
        return RULES.stream()
                .filter(rule -> rule.seen() == p.cause() && rule.also().test(this, p))
                .findFirst()
                .map(rule -> p.because(rule.meant()))
                .orElse(p);
    }

    private boolean has(Goal goal, Cause... causes) {
        return fails(goal) && Set.of(causes).contains(Require.key(byGoal, goal).cause());
    }

    private boolean fails(Goal goal) {
        Proposal p = byGoal.get(goal);
        return p != null && p.figure() != null && p.level().compareTo(Level.SECURE) < 0;
    }

    private boolean reaches(Goal goal) {
        Proposal p = byGoal.get(goal);
        return p != null && p.level().compareTo(Level.SECURE) >= 0;
    }

    private boolean runsOneWay(@Nullable String field) {
        FieldReading read = byField.get(field);
        return read != null && read.strokes() != null && read.strokes().coherence() > ONE_WAY;
    }

    private double specks(@Nullable String field) {
        return Require.key(byField, field).specks().value();
    }
}
