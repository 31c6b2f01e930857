package grastel.core.judging;

import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.media.Paper;
import grastel.core.reading.PageFlag;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Proposes a level for every goal of an exercise from what was read. Keeps what its plan predicts, so one judge for all pages is quickest. */
public final class Judge {
    /** What cannot be judged on a black and white picture. */
    private static final Set<Goal> OF_COLOUR = EnumSet.of(
            Goal.HUE_HOLDS,
            Goal.SHADE_CHROMA,
            Goal.CHROMA_FALLS,
            Goal.NEUTRAL_MIDDLE,
            Goal.NEAR_TARGET,
            Goal.TEMPERATURE_TURNS,
            Goal.HUE_ONE_WAY,
            Goal.CHROMA_KEPT,
            Goal.WIDE_OVERLAP,
            Goal.SHADOWS_COLOURED);

    /** What is read from a whole picture; of some the picture may not tell. */
    static final Set<Goal> OF_PICTURES = EnumSet.of(
            Goal.PROPORTION,
            Goal.PICTURE_RANGE,
            Goal.PICTURE_VALUES,
            Goal.LIGHT_AS_PLANNED,
            Goal.HIGHLIGHTS_LEFT,
            Goal.NO_DARK_LINES,
            Goal.SHADOWS_COLOURED,
            Goal.STRONGEST_AT_FOCUS,
            Goal.EDGES_READ,
            Goal.FADES_TURN,
            Goal.STROKES_FOLLOW,
            Goal.STROKE_LENGTH,
            Goal.DETAIL_SHOWS,
            Goal.TOOTH_LEFT,
            Goal.PATTERN_READS,
            Goal.SUBJECT_STANDS,
            Goal.EDGES_CRISP,
            Goal.EDGES_SOFT,
            Goal.COLOURS_TOGETHER,
            Goal.SMOOTH_AREAS);

    /** What a drawing without markers tells: neither proportion, which hangs on corners pointed at, nor edges and strokes. */
    private static final Set<Goal> WITHOUT_MARKERS = EnumSet.of(
            Goal.PICTURE_RANGE,
            Goal.PICTURE_VALUES,
            Goal.LIGHT_AS_PLANNED,
            Goal.HIGHLIGHTS_LEFT,
            Goal.SHADOWS_COLOURED,
            Goal.STRONGEST_AT_FOCUS,
            Goal.FADES_TURN,
            Goal.PATTERN_READS,
            Goal.SUBJECT_STANDS,
            Goal.COLOURS_TOGETHER,
            Goal.SMOOTH_AREAS);

    /** What it tells where it shows something else than was planned. */
    private static final Set<Goal> WITHOUT_PLAN = EnumSet.of(Goal.PICTURE_RANGE);

    /** A drawing whose light and dark lie so like the plan's was drawn by it, 100 × the correlation. */
    private static final double BY_PLAN = 50;

    /** What is read along a strip. */
    static final Set<Goal> OF_STRIPS = EnumSet.of(
            Goal.SMOOTH_FADE,
            Goal.NO_REVERSAL,
            Goal.FADES_TO_PAPER,
            Goal.CLEAN_JOIN,
            Goal.WIDE_OVERLAP,
            Goal.HUE_ONE_WAY,
            Goal.CHROMA_KEPT);

    private final ExercisePlan plan;
    private final GradeBand band;
    private final ExpectedSpecks cover;

    /** @param paper what the sheet was printed on */
    public Judge(ExercisePlan plan, GradeBand band, Paper paper) {
        this.plan = plan;
        this.band = band;
        this.cover = new ExpectedSpecks(plan, paper);
    }

    /** See {@link #judge(PageReading, List)}, of a page that has the whole exercise. */
    public List<Proposal> judge(PageReading page) {
        return judge(page, List.of());
    }

    /**
     * One proposal for each goal that has a field on this page, in the plan's order. Goals whose fields have not all been read
     * are left out, and those of colour where a picture has none, of edges under a card, of what a drawing without markers does
     * not tell: the teacher looks.
     *
     * @param others the student's other pages of this sheet, as far as they have been read; of a field that is on several the
     *     last one counts, and before all this page's own
     */
    public List<Proposal> judge(PageReading page, List<PageReading> others) {
        return weighed(page, others).stream()
                .filter(p -> isOf(plan.goals(), p.goal()))
                .toList();
    }

    /** What is measured beside the goals, as far as this page tells it: the level is what the figure would have meant. */
    public List<Proposal> figures(PageReading page) {
        return weighed(page, List.of()).stream()
                .filter(p -> isOf(plan.figures(), p.goal()))
                .toList();
    }

    private static boolean isOf(List<GoalPlan> goals, Goal goal) {
        return goals.stream().anyMatch(g -> g.goal() == goal);
    }

    /** Goals and figures: what is only a figure may still tell the cause of a goal. */
    private List<Proposal> weighed(PageReading page, List<PageReading> others) {
        Set<String> here = page.fields().stream().map(FieldReading::field).collect(Collectors.toSet());
        Map<String, FieldReading> byField = new HashMap<>();
        others.forEach(other -> other.fields().forEach(f -> byField.put(f.field(), f.elsewhere())));
        page.fields().forEach(f -> byField.put(f.field(), f));
        Set<String> notReached = notReached(byField);
        Set<Goal> told = page.has(PageFlag.WITHOUT_MARKERS) ? told(byField) : EnumSet.allOf(Goal.class);
        boolean grey = page.has(PageFlag.GREY) || others.stream().anyMatch(o -> o.has(PageFlag.GREY));
        List<Proposal> proposals = Stream.concat(plan.goals().stream(), plan.figures().stream())
                .filter(goal -> goal.fields().stream().anyMatch(here::contains))
                .filter(goal -> byField.keySet().containsAll(goal.fields()))
                .filter(goal -> told.contains(goal.goal()))
                .filter(goal -> !(grey && OF_COLOUR.contains(goal.goal())))
                .filter(goal -> !OF_STRIPS.contains(goal.goal())
                        || goal.fields().stream()
                                .allMatch(f -> Require.key(byField, f).profile() != null))
                .filter(goal -> goal.goal() != Goal.NEAT_EDGE
                        || goal.fields().stream()
                                .allMatch(f -> Require.key(byField, f).outside() != null))
                .map(goal -> propose(goal, byField, notReached))
                .flatMap(Optional::stream)
                .toList();
        return JointCauses.weighed(proposals, byField);
    }

    /** What a drawing without markers tells. */
    private Set<Goal> told(Map<String, FieldReading> byField) {
        boolean byPlan = plan.fields().stream()
                .filter(f -> f.hasPicture() && byField.containsKey(f.id()))
                .map(f -> PieceFigures.of(new Measure.PlannedVersusMeasured(f, Require.key(byField, f.id()), cover)))
                .flatMap(Optional::stream)
                .map(PieceFigures::pattern)
                .flatMap(Optional::stream)
                .anyMatch(likeness -> likeness.measured().value() >= BY_PLAN);
        return byPlan ? WITHOUT_MARKERS : WITHOUT_PLAN;
    }

    /**
     * Fields at the end of the order without pigment: their student did not come so far, which says something of pace and
     * nothing of skill. None where the whole exercise is empty.
     */
    private Set<String> notReached(Map<String, FieldReading> byField) {
        List<FieldPlan> order = plan.fields().stream()
                .filter(f -> !isToBeBare(f) && byField.containsKey(f.id()))
                .toList();
        int end = order.size();
        while (end > 0 && Require.key(byField, order.get(end - 1).id()).blank()) {
            end--;
        }
        return end == 0
                ? Set.of()
                : order.subList(end, order.size()).stream().map(FieldPlan::id).collect(Collectors.toSet());
    }

    /** None where a picture does not tell. */
    private Optional<Proposal> propose(GoalPlan goal, Map<String, FieldReading> byField, Set<String> notReached) {
        List<FieldReading> read = goal.fields().stream().map(byField::get).toList();
        Measure measure = Measure.of(goal.goal(), read.get(0).profile() != null);
        JudgedFields tried = tried(goal, byField);
        int count = tried.filled().size();
        Ladder ladder = goal.ladder(band);
        boolean complete = tried.isComplete();
        Set<String> empty = goal.fields().stream()
                .filter(f -> !tried.filled().containsKey(f))
                .collect(Collectors.toSet());
        boolean cutShort = !empty.isEmpty() && notReached.containsAll(empty);
        Cause cause = cutShort ? Cause.NOT_REACHED : Cause.BOXES_LEFT_OUT;
        if (read.stream().filter(r -> !r.blank()).count() < Math.min(2, measure.fewest())
                || count < measure.fewest() && !complete) {
            return Optional.of(new Proposal(goal.goal(), Level.NOT_TRIED, null, ladder, false, cause, null, null));
        }
        if (cutShort && measure.ofAll()) {
            return Optional.of(new Proposal(goal.goal(), Level.NOT_TRIED, null, ladder, false, cause, null, null));
        }
        return measure.measured(tried)
                .map(f -> proposal(goal, f, ladder, complete || !measure.ofAll()))
                .or(() -> OF_PICTURES.contains(goal.goal())
                        ? Optional.empty()
                        : Optional.of(new Proposal(
                                goal.goal(), Level.BEGINNING, null, ladder, false, Cause.BOXES_LEFT_OUT, null, null)));
    }

    /** The figure of each part of a goal that can be judged by itself; fields by their ids. */
    List<Measure.Figure> figures(GoalPlan goal, Map<String, FieldReading> byField) {
        FieldReading first = Require.key(byField, goal.fields().get(0));
        JudgedFields tried = tried(goal, byField);
        return tried.filled().isEmpty()
                ? List.of()
                : Measure.of(goal.goal(), first.profile() != null).figures().apply(tried);
    }

    private JudgedFields tried(GoalPlan goal, Map<String, FieldReading> byField) {
        Map<String, FieldPlan> asked =
                goal.fields().stream().map(plan::field).collect(Collectors.toMap(FieldPlan::id, f -> f));
        Map<String, Measure.PlannedVersusMeasured> filled = asked.values().stream()
                .map(f -> new Measure.PlannedVersusMeasured(f, Require.key(byField, f.id()), cover))
                .filter(p -> !p.read().blank() || isToBeBare(p.asked()))
                .collect(Collectors.toMap(Measure.PlannedVersusMeasured::id, p -> p));
        return new JudgedFields(goal.of(), asked, filled);
    }

    /** A goal of all boxes together cannot be more than beginning while some are missing. */
    private static Proposal proposal(GoalPlan goal, Measure.Figure figure, Ladder ladder, boolean complete) {
        if (!complete) {
            return new Proposal(
                    goal.goal(), Level.BEGINNING, figure.measured(), ladder, false, Cause.BOXES_LEFT_OUT, null, null);
        }
        double value = figure.measured().value();
        Level level = Level.of(value, ladder);
        boolean secure = level.compareTo(Level.SECURE) >= 0;
        return new Proposal(
                goal.goal(),
                level,
                figure.measured(),
                ladder,
                ladder.isClose(value, figure.measured().plusMinus()),
                secure ? null : figure.cause(),
                secure ? null : figure.field(),
                secure ? null : figure.atMm());
    }

    static boolean isToBeBare(FieldPlan field) {
        return field.recipe().steps().isEmpty();
    }
}
