package grastel.core.judging;

import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.GoalPlan;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Ladder;
import grastel.core.reading.FieldReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Proposes a level for every goal of an exercise that can be measured from what was read. */
public final class Judge {
    private final ExercisePlan plan;
    private final GradeBand band;

    public Judge(ExercisePlan plan, GradeBand band) {
        this.plan = plan;
        this.band = band;
    }

    /**
     * One proposal a goal, in the plan's order. Goals whose fields are not all among the readings, and goals that are not
     * measured, are left out: the teacher looks.
     */
    public List<Proposal> judge(List<FieldReading> readings) {
        Map<String, FieldReading> byField =
                readings.stream().collect(Collectors.toMap(FieldReading::field, Function.identity()));
        List<Proposal> proposals = new ArrayList<>();
        for (GoalPlan goal : plan.goals()) {
            if (byField.keySet().containsAll(goal.fields())) {
                Measure.of(goal.goal())
                        .map(measure -> propose(goal, measure, byField))
                        .ifPresent(proposals::add);
            }
        }
        return List.copyOf(proposals);
    }

    private Proposal propose(GoalPlan goal, Measure measure, Map<String, FieldReading> byField) {
        List<FieldPlan> asked = goal.fields().stream().map(plan::field).toList();
        List<FieldReading> read = goal.fields().stream().map(byField::get).toList();
        List<Measure.Pair> tried = new ArrayList<>();
        for (int i = 0; i < read.size(); i++) {
            if (!read.get(i).blank() || isToBeBare(asked.get(i))) {
                tried.add(new Measure.Pair(asked.get(i), read.get(i)));
            }
        }
        Ladder ladder = goal.ladder().of(band);
        boolean complete = tried.size() == read.size();
        if (read.stream().filter(r -> !r.blank()).count() < Math.min(2, measure.fewest())
                || tried.size() < measure.fewest() && !complete) {
            return new Proposal(goal.goal(), Level.NOT_TRIED, null, ladder, false, Cause.BOXES_LEFT_OUT, null);
        }
        Optional<Measure.Figure> figure = measure.measured(tried, complete);
        return figure.map(f -> proposal(goal, f, ladder, complete || !measure.ofAll()))
                .orElseGet(() ->
                        new Proposal(goal.goal(), Level.BEGINNING, null, ladder, false, Cause.BOXES_LEFT_OUT, null));
    }

    /** A goal of all boxes together cannot be more than beginning while some are missing. */
    private static Proposal proposal(GoalPlan goal, Measure.Figure figure, Ladder ladder, boolean complete) {
        if (!complete) {
            return new Proposal(
                    goal.goal(), Level.BEGINNING, figure.measured(), ladder, false, Cause.BOXES_LEFT_OUT, null);
        }
        double value = figure.measured().value();
        Level level = level(ladder, value);
        boolean secure = level.compareTo(Level.SECURE) >= 0;
        return new Proposal(
                goal.goal(),
                level,
                figure.measured(),
                ladder,
                ladder.isClose(value, figure.measured().plusMinus()),
                secure ? null : figure.cause(),
                secure ? null : figure.field());
    }

    private static Level level(Ladder ladder, double figure) {
        if (ladder.reachesBeyond(figure)) {
            return Level.BEYOND;
        }
        if (ladder.reachesSecure(figure)) {
            return Level.SECURE;
        }
        return ladder.reachesNearly(figure) ? Level.NEARLY : Level.BEGINNING;
    }

    private static boolean isToBeBare(FieldPlan field) {
        return field.recipe().steps().isEmpty();
    }
}
