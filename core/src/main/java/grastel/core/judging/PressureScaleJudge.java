package grastel.core.judging;

import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.GradeBand;
import grastel.core.reading.FieldReading;
import grastel.core.reading.Measured;
import grastel.core.reading.StepScale;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/** Proposes levels for a stepped pressure scale. */
public final class PressureScaleJudge {
    /** A half of the steps is bunched when its mean is under this share of the other's. */
    private static final double BUNCHED = 0.6;
    /** An end counts as missed when it stops this share of the range short. */
    private static final double END_MISSED = 0.12;

    private final ExercisePlan plan;
    private final GradeBand band;

    public PressureScaleJudge(ExercisePlan plan, GradeBand band) {
        this.plan = plan;
        this.band = band;
    }

    /** One proposal a goal, in the order of {@link Goal}. @param fields all boxes of the sheet, in its order */
    public List<Proposal> judge(List<FieldReading> fields) {
        List<FieldReading> tried = fields.stream().filter(f -> !f.blank()).toList();
        if (tried.size() < 2) {
            return List.of(Goal.values()).stream().map(this::notTried).toList();
        }
        boolean complete = tried.size() == fields.size();
        StepScale scale = StepScale.of(tried, plan.darkening(), Math.abs(plan.lightest() - plan.darkest()));
        List<Proposal> proposals = new ArrayList<>();
        proposals.add(
                ofSet(Goal.ORDER, scale.smallestStep(), complete, orderCause(scale), tried.get(scale.smallestAt())));
        proposals.add(ofSet(Goal.EQUAL_STEPS, scale.spread(), complete, stepsCause(scale), null));
        proposals.add(ofSet(Goal.FULL_RANGE, scale.rangeUsed(), complete, rangeCause(tried), null));
        proposals.add(ofWorst(Goal.EVEN_INSIDE, tried, FieldReading::unevenness, Cause.PATCHY));
        proposals.add(ofWorst(Goal.RICH_DARK, List.of(darkest(tried)), FieldReading::specks, Cause.SPECKS_LEFT));
        proposals.add(ofWorst(Goal.NEAT_EDGE, tried, FieldReading::outside, Cause.OVER_EDGE));
        return List.copyOf(proposals);
    }

    private Proposal notTried(Goal goal) {
        return new Proposal(goal, Level.NOT_TRIED, null, ladder(goal), false, Cause.BOXES_LEFT_OUT, null);
    }

    /** Goals of the whole set cannot be more than beginning while boxes are missing. */
    private Proposal ofSet(Goal goal, Measured figure, boolean complete, Cause cause, FieldReading where) {
        Proposal proposal = of(goal, figure, cause, where == null ? null : where.field());
        if (complete) {
            return proposal;
        }
        return new Proposal(goal, Level.BEGINNING, figure, proposal.ladder(), false, Cause.BOXES_LEFT_OUT, null);
    }

    private Proposal ofWorst(
            Goal goal, List<FieldReading> fields, Function<FieldReading, Measured> measure, Cause cause) {
        FieldReading worst = fields.stream()
                .max(Comparator.comparingDouble(f -> measure.apply(f).value()))
                .orElseThrow();
        return of(goal, measure.apply(worst), cause, worst.field());
    }

    private Proposal of(Goal goal, Measured figure, Cause cause, String field) {
        Ladder ladder = ladder(goal);
        Level level = ladder.of(figure.value());
        boolean secure = level.compareTo(Level.SECURE) >= 0;
        return new Proposal(
                goal, level, figure, ladder, ladder.isClose(figure), secure ? null : cause, secure ? null : field);
    }

    private Ladder ladder(Goal goal) {
        return Thresholds.of(goal, band, plan.askedStep());
    }

    private static Cause orderCause(StepScale scale) {
        return scale.smallestStep().value() < 0 ? Cause.ORDER_REVERSED : Cause.NEIGHBOURS_ALIKE;
    }

    private static Cause stepsCause(StepScale scale) {
        if (scale.darkHalfMean() < BUNCHED * scale.lightHalfMean()) {
            return Cause.BUNCHED_DARK;
        }
        return scale.lightHalfMean() < BUNCHED * scale.darkHalfMean() ? Cause.BUNCHED_LIGHT : Cause.STEP_JUMPS;
    }

    private Cause rangeCause(List<FieldReading> tried) {
        double range = Math.abs(plan.lightest() - plan.darkest());
        double lightest =
                tried.stream().mapToDouble(f -> f.lightness().value()).max().orElseThrow();
        boolean notLight = plan.lightest() - lightest > END_MISSED * range;
        boolean notDark = darkest(tried).lightness().value() - plan.darkest() > END_MISSED * range;
        if (notLight && notDark) {
            return Cause.ALL_MIDDLE;
        }
        return notLight ? Cause.NEVER_LIGHT : Cause.NEVER_DARK;
    }

    private static FieldReading darkest(List<FieldReading> fields) {
        return fields.stream()
                .min(Comparator.comparingDouble(f -> f.lightness().value()))
                .orElseThrow();
    }
}
