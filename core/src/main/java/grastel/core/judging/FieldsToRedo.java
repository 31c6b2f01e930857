package grastel.core.judging;

import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.media.Paper;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which fields of an exercise a student does again: those that keep its goals below secure, and those it takes to see that they
 * are right. Of a goal that is as good as its worst field that is every field below secure; of a row the one that is out of it
 * with its neighbours, both ends, or all of it; of a family all three; of tries at the same the best, and of what was left
 * empty the empty ones; of a form always the whole form.
 */
public final class FieldsToRedo {
    private final ExercisePlan plan;
    private final GradeBand band;
    private final Judge judge;

    public FieldsToRedo(ExercisePlan plan, GradeBand band, Paper paper) {
        this.plan = plan;
        this.band = band;
        this.judge = new Judge(plan, band, paper);
    }

    /** A goal as it stands. @param field the one to look at, or null */
    public record Missed(
            Goal goal,
            Level level,
            @Nullable Cause cause,
            @Nullable String field) {
        /** It is not secure yet, and its student came so far. */
        public boolean isToRedo() {
            return level.compareTo(Level.SECURE) < 0 && cause != Cause.NOT_REACHED;
        }
    }

    /**
     * The fields in their order, each with why; nothing where all is secure or was not reached.
     *
     * @param goals of the exercise as they stand
     * @param pages what was read of the exercise
     */
    public Map<String, Optional<Cause>> fields(List<Missed> goals, List<PageReading> pages) {
        Map<String, FieldReading> byField = new HashMap<>();
        pages.forEach(page -> page.fields().forEach(f -> byField.put(f.field(), f)));
        Map<String, Optional<Cause>> found = new HashMap<>();
        goals.stream()
                .filter(Missed::isToRedo)
                .sorted(Comparator.comparing(Missed::level))
                .forEach(m -> of(m, byField)
                        .forEach((field, cause) ->
                                found.merge(field, cause, (first, then) -> first.isPresent() ? first : then)));
        return ordered(found);
    }

    private Map<String, Optional<Cause>> of(Missed missed, Map<String, FieldReading> byField) {
        Optional<GoalPlan> goal =
                plan.goals().stream().filter(g -> g.goal() == missed.goal()).findFirst();
        if (goal.isEmpty() || !byField.keySet().containsAll(goal.get().fields())) {
            return missed.field() == null ? Map.of() : Map.of(missed.field(), Optional.ofNullable(missed.cause()));
        }
        return missed.cause() == Cause.BOXES_LEFT_OUT
                ? because(missed.cause(), leftOut(goal.get(), byField))
                : drawn(goal.get(), missed, byField);
    }

    private Map<String, Optional<Cause>> drawn(GoalPlan goal, Missed missed, Map<String, FieldReading> byField) {
        Map<String, Optional<Cause>> found = new HashMap<>();
        if (!Judge.OF_STRIPS.contains(missed.goal())) {
            below(goal, byField).forEach(f -> found.put(f.field(), Optional.ofNullable(f.cause())));
        }
        if (missed.field() != null) {
            found.put(missed.field(), Optional.ofNullable(missed.cause()));
        }
        if (found.isEmpty()) {
            found.putAll(because(missed.cause(), ofRow(goal.fields(), missed.cause())));
        }
        List.copyOf(found.keySet()).stream()
                .flatMap(field -> shownWith(goal, field).stream())
                .forEach(field -> found.putIfAbsent(field, Optional.empty()));
        return found;
    }

    /** The fields beside which one is seen to be right: of an end of a range the other end, else what the goal says. */
    private static List<String> shownWith(GoalPlan goal, String field) {
        List<String> all = goal.fields();
        return goal.goal() == Goal.FULL_RANGE && goal.of() instanceof GoalFields.Row
                ? List.of(all.get(0), all.get(all.size() - 1))
                : goal.of().shownWith(field);
    }

    private static Map<String, Optional<Cause>> because(@Nullable Cause cause, Collection<String> fields) {
        return fields.stream().distinct().collect(Collectors.toMap(f -> f, f -> Optional.ofNullable(cause)));
    }

    private List<String> leftOut(GoalPlan goal, Map<String, FieldReading> byField) {
        return goal.fields().stream()
                .filter(f -> Require.key(byField, f).blank() && !Judge.isToBeBare(plan.field(f)))
                .toList();
    }

    /** Of fields that are wrong as a row: the end that was missed, else all. @param row from light to dark */
    private static List<String> ofRow(List<String> row, @Nullable Cause cause) {
        String lightest = row.get(0);
        String darkest = row.get(row.size() - 1);
        if (cause == null) {
            return row;
        }
        return switch (cause) {
            case NEVER_DARK, TOO_LITTLE_PRESSURE, DARK_TOO_THIN -> List.of(darkest);
            case NEVER_LIGHT -> List.of(lightest);
            case ALL_MIDDLE -> List.of(lightest, darkest);
            default -> row;
        };
    }

    private List<Measure.Figure> below(GoalPlan goal, Map<String, FieldReading> byField) {
        Ladder ladder = goal.ladder(band);
        return judge.figures(goal, byField).stream()
                .filter(f ->
                        f.field() != null && !ladder.reachesSecure(f.measured().value()))
                .toList();
    }

    /** In the plan's order; where a zone of a form is among them, with its other zones. */
    private Map<String, Optional<Cause>> ordered(Map<String, Optional<Cause>> found) {
        Set<String> forms = plan.fields().stream()
                .filter(f -> f.isShape() && found.containsKey(f.id()))
                .map(FieldPlan::group)
                .collect(Collectors.toSet());
        Map<String, Optional<Cause>> ordered = new LinkedHashMap<>();
        for (FieldPlan field : plan.fields()) {
            if (found.containsKey(field.id())) {
                ordered.put(field.id(), found.get(field.id()));
            } else if (field.isShape() && forms.contains(field.group())) {
                ordered.put(field.id(), Optional.empty());
            }
        }
        return ordered;
    }
}
