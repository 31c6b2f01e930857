package grastel.core.exercise.finishedpiece;

import static grastel.core.words.Words.say;

import grastel.core.checks.Require;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.LightFrom;
import grastel.core.exercise.Piece;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Guide;
import grastel.core.exercise.plan.PicturePlan.Tone;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One picture, drawn from a reference in the class's pencils and held against what they can make of it. */
public final class FinishedPiece implements ExerciseKind {
    /** Which picture is drawn. */
    public static final String PIECE = "piece";

    public static final String STROKES = "strokes";

    /** What it is judged by; the rest is measured only. */
    public static final String GOALS = "goals";

    /** Fewer say little of a piece, more cannot be talked about with 28 students. */
    private static final int FEWEST_GOALS = 3;

    private static final int MOST_GOALS = 6;

    /** In the order in which they are offered and judged. */
    private static final List<Goal> POSSIBLE = List.of(
            Goal.PROPORTION,
            Goal.PICTURE_RANGE,
            Goal.PICTURE_VALUES,
            Goal.LIGHT_AS_PLANNED,
            Goal.HIGHLIGHTS_LEFT,
            Goal.STRONGEST_AT_FOCUS,
            Goal.SUBJECT_STANDS,
            Goal.EDGES_CRISP,
            Goal.EDGES_SOFT,
            Goal.NO_DARK_LINES,
            Goal.SHADOWS_COLOURED,
            Goal.COLOURS_TOGETHER,
            Goal.SMOOTH_AREAS,
            Goal.STROKES_FOLLOW);

    private static final List<Goal> SUGGESTED = List.of(
            Goal.PROPORTION,
            Goal.PICTURE_RANGE,
            Goal.PICTURE_VALUES,
            Goal.EDGES_CRISP,
            Goal.SHADOWS_COLOURED,
            Goal.SMOOTH_AREAS);

    /** How the tones are laid. */
    public enum Strokes {
        SMALL_CIRCLES,
        ROUND_THE_FORM
    }

    /** A value the pencils miss by more is said, L*. */
    private static final double MISSED = 6;

    /** Fewer bare cells than this are no highlight, cm². */
    private static final double HIGHLIGHT_CM2 = 0.1;

    @Override
    public String id() {
        return "finished-piece";
    }

    @Override
    public String name() {
        return say("finished-piece.name");
    }

    @Override
    public String teaches() {
        return say("finished-piece.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Parameter.Option> options = setting.pieces().stream()
                .map(p -> new Parameter.Option(p.id(), p.title()))
                .toList();
        return List.of(
                new Parameter.Choice(
                        PIECE,
                        say("finished-piece.reference"),
                        options,
                        options.isEmpty() ? null : options.get(0).id()),
                new Parameter.Choice(
                        STROKES,
                        say("exercise.strokes"),
                        Parameter.Option.of(Strokes.class),
                        Strokes.SMALL_CIRCLES.name()),
                new Parameter.Several(
                        GOALS,
                        say("finished-piece.judged-by"),
                        POSSIBLE.stream()
                                .map(g -> new Parameter.Option(g.name(), g.label()))
                                .toList(),
                        FEWEST_GOALS,
                        MOST_GOALS,
                        SUGGESTED.stream().map(Goal::name).toList()));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Piece piece = setting.pieces().stream()
                .filter(p -> p.id().equals(values.chosen().get(PIECE)))
                .findFirst()
                .orElseThrow(() -> new ImpossibleExercise(PIECE, say("finished-piece.there-is-no-picture")));
        if (Math.min(piece.widthMm(), piece.heightMm()) < PicturePlan.LEAST_MM) {
            throw new ImpossibleExercise(
                    PIECE,
                    say(
                            "finished-piece.the-frame-of-is",
                            piece.title(),
                            piece.widthMm(),
                            piece.heightMm(),
                            PicturePlan.LEAST_MM));
        }
        Work work = piece.work(setting);
        if (work.tones().stream().allMatch(t -> t.layers().isEmpty())) {
            throw new ImpossibleExercise(PIECE, say("finished-piece.is-as-light-as", piece.title()));
        }
        PlanBuilder builder = new PlanBuilder(setting);
        boolean round = values.choice(STROKES, Strokes.class) == Strokes.ROUND_THE_FORM;
        Optional<FormStrokes> strokes = round
                ? Optional.of(FormStrokes.of(work, setting.paper())).filter(FormStrokes::areAsked)
                : Optional.empty();
        FieldPlan field = builder.picture(
                piece.title(),
                piece.widthMm(),
                piece.heightMm(),
                work,
                order(work.tones(), setting.method()),
                new Guide(strokes.map(FormStrokes::lines).orElse(List.of()), List.of(), work.focus()),
                strokes.map(FormStrokes::texture).orElse(null));
        goals(builder, field);
        judged(builder, values.several(GOALS).stream().map(Goal::valueOf).toList(), strokes.isPresent());
        missed(builder, field);
        if (round && strokes.isEmpty()) {
            builder.finding(Finding.of(null, say("finished-piece.hardly-anything-in-this")));
        }
        words(builder, setting, work.light(), strokes.isPresent());
        return builder.plan(id(), piece.title(), say("finished-piece.a-finished-piece-every"));
    }

    /** Light zones first, or dark ones, or those first that carry most of the picture, as the class is taught. */
    public static List<Integer> order(List<Made> tones, Method method) {
        Map<Integer, List<Made>> zones =
                tones.stream().collect(Collectors.groupingBy(Made::zone, TreeMap::new, Collectors.toList()));
        ToDoubleFunction<Integer> rank;
        if (method.has(MethodAnswer.DARKS_FIRST)) {
            rank = zone -> lightness(Require.key(zones, zone));
        } else if (method.has(MethodAnswer.OWN_COLOUR_FIRST)) {
            rank = zone -> -share(Require.key(zones, zone));
        } else {
            rank = zone -> -lightness(Require.key(zones, zone));
        }
        return zones.keySet().stream().sorted(Comparator.comparingDouble(rank)).toList();
    }

    private static double share(List<Made> zone) {
        return zone.stream().mapToDouble(Made::share).sum();
    }

    /** Mean L* of what it is made with. */
    private static double lightness(List<Made> zone) {
        return zone.stream()
                        .mapToDouble(t -> t.share() * t.predicted().lightness())
                        .sum()
                / Math.max(Double.MIN_NORMAL, share(zone));
    }

    private static void goals(PlanBuilder builder, FieldPlan field) {
        List<FieldPlan> of = List.of(field);
        builder.goal(Goal.PROPORTION, of, 6, 4, 2);
        builder.goal(Goal.PICTURE_RANGE, of, 60, 80, 92);
        builder.goal(Goal.PICTURE_VALUES, of, 12, 8, 4.5);
        builder.goal(Goal.LIGHT_AS_PLANNED, of, 40, 65, 85);
        double bare = field.ownPicture().tones().stream()
                .filter(t -> t.recipe().steps().isEmpty())
                .mapToDouble(t -> t.share() * field.widthMm() * field.heightMm() / 100)
                .sum();
        if (bare >= HIGHLIGHT_CM2) {
            builder.goal(Goal.HIGHLIGHTS_LEFT, of, 40, 65, 85);
        }
        if (field.ownPicture().guide().focus() != null) {
            builder.goal(Goal.STRONGEST_AT_FOCUS, of, 70, 90, 110);
        }
        builder.goal(Goal.SUBJECT_STANDS, of, 45, 77, 92);
        builder.goal(Goal.EDGES_CRISP, of, 3.8, 2.7, 1.8);
        builder.goal(Goal.EDGES_SOFT, of, 55, 75, 90);
        builder.goal(Goal.NO_DARK_LINES, of, 50, 28, 10);
        builder.goal(Goal.SHADOWS_COLOURED, of, 30, 50, 75);
        builder.goal(Goal.COLOURS_TOGETHER, of, 14, 9, 5);
        if (field.ownPicture().texture() == null) {
            builder.goal(Goal.SMOOTH_AREAS, of, 4, 2.5, 1.5);
        } else {
            builder.goal(Goal.STROKES_FOLLOW, of, 35, 22, 12);
        }
    }

    /** Smooth areas and strokes round the form are one goal, how the tones are laid: which it is hangs on what is asked. */
    private static void judged(PlanBuilder builder, List<Goal> chosen, boolean round) {
        Set<Goal> judged = EnumSet.copyOf(chosen);
        Goal laid = round ? Goal.STROKES_FOLLOW : Goal.SMOOTH_AREAS;
        Set<Goal> eitherWay = EnumSet.of(Goal.SMOOTH_AREAS, Goal.STROKES_FOLLOW);
        if (judged.removeAll(eitherWay)) {
            judged.add(laid);
        }
        builder.judgeOnly(judged);
        judged.removeIf(builder::isJudged);
        judged.forEach(g -> builder.finding(Finding.of(null, say("finished-piece.cannot-be-judged", g.label()))));
    }

    /** Says where the printed recipes do not come to the value that is asked. */
    private static void missed(PlanBuilder builder, FieldPlan field) {
        field.ownPicture().tones().stream()
                .filter(t -> Math.abs(off(t)) > MISSED)
                .max(Comparator.comparingDouble(t -> Math.abs(off(t))))
                .ifPresent(t -> builder.finding(Finding.of(
                        null,
                        say(
                                "finished-piece.the-recipe-comes-to",
                                t.wanted().value(),
                                t.zone(),
                                t.predicted().value()))));
    }

    private static double off(Tone tone) {
        return tone.predicted().lightness() - tone.wanted().lightness();
    }

    private static void words(PlanBuilder builder, Setting setting, @Nullable LightFrom light, boolean round) {
        builder.step(say("finished-piece.draw-the-outlines-lightly"));
        if (light != null) {
            builder.step(say("finished-piece.the-light-comes-from", light.words()));
        }
        builder.step(say("finished-piece.reserve-the-highlights-draw"));
        builder.step(
                setting.method().has(MethodAnswer.OWN_COLOUR_FIRST)
                        ? say("finished-piece.lay-the-own-colour")
                        : say("finished-piece.lay-every-zone-thinly"));
        if (round) {
            builder.step(say("finished-piece.pull-every-stroke-from"));
            builder.fault(null, say("exercise.strokes-all-one-way"), say("finished-piece.turn-the-sheet-so"));
        }
        builder.step(say("finished-piece.deepen-the-shadows-layer"));
        builder.step(say("finished-piece.last-darkest-accents-then"));
        builder.note(say("finished-piece.show-how-one-square"));
        builder.note(say("finished-piece.squint-at-the-reference"));
        builder.fault(null, say("finished-piece.all-in-middle-values"), say("finished-piece.put-the-darkest-dark"));
        builder.fault(null, say("finished-piece.lines-round-every-shape"), say("finished-piece.look-is-there-a"));
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("finished-piece.the-tooth-is-full"),
                say("finished-piece.lighter-layers-more-of"));
        builder.caution(say("finished-piece.draw-only-from-pictures"));
    }
}
