package grastel.core.exercise.strokesampler;

import static grastel.core.words.Words.say;

import grastel.core.checks.Require;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Strokes side by side, with a sharp and with a dull point: what each does to grain and value. */
public final class StrokeSampler implements ExerciseKind {
    private static final String STROKES = "strokes";
    private static final double SHARP = 0.85;
    private static final double DULL = 0.15;

    /** How a box is filled. */
    private enum Way {
        HATCH(say("stroke-sampler.hatch"), Stroke.ONE_WAY, say("stroke-sampler.parallel-strokes-all-one")),
        CROSS_HATCH("cross-hatch", Stroke.CROSSED, say("stroke-sampler.hatch-then-hatch-again")),
        CIRCLES(
                say("stroke-sampler.small-circles"),
                Stroke.CIRCLES,
                say("stroke-sampler.small-overlapping-circles-no")),
        CONTOUR(say("stroke-sampler.contour"), Stroke.ONE_WAY, say("stroke-sampler.strokes-that-bend-as")),
        OUTLINE_AND_SHADE(say("stroke-sampler.outline-shade"), Stroke.CIRCLES, say("stroke-sampler.a-firm-edge-first"));

        private final String words;
        private final Stroke stroke;
        private final String how;

        Way(String words, Stroke stroke, String how) {
            this.words = words;
            this.stroke = stroke;
            this.how = how;
        }
    }

    @Override
    public String id() {
        return "stroke-sampler";
    }

    @Override
    public String name() {
        return say("stroke-sampler.name");
    }

    @Override
    public String teaches() {
        return say("stroke-sampler.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting)),
                new Parameter.Several(
                        STROKES,
                        say("exercise.strokes"),
                        Parameter.Option.of(Way.class, w -> w.words),
                        1,
                        Way.values().length,
                        List.of(Way.values()).stream().map(Way::name).toList()),
                Parameters.box(24));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double side = values.measure(Parameters.BOX);
        List<Way> ways = values.several(STROKES).stream().map(Way::valueOf).toList();
        PlanBuilder builder = new PlanBuilder(setting);
        Map<Way, FieldPlan> sharp = row(builder, pencil, ways, side, say("stroke-sampler.sharp-point"), 0, SHARP);
        Map<Way, FieldPlan> dull =
                row(builder, pencil, ways, side, say("stroke-sampler.dull-point"), ways.size(), DULL);
        List<FieldPlan> all = new ArrayList<>(sharp.values());
        all.addAll(dull.values());
        List<FieldPlan> directed =
                all.stream().filter(f -> f.label().equals(Way.HATCH.words)).toList();
        if (!directed.isEmpty()) {
            builder.goal(Goal.DIRECTION_KEPT, directed, 25, 15, 8);
        }
        builder.goal(Goal.SPECKS_AS_ASKED, all, 20, 12, 6);
        builder.goal(Goal.NEAT_EDGE, all, 6, 2, 0.7);
        difference(builder, sharp, dull);
        ways.forEach(w -> builder.step(capital(w.words) + ": " + w.how));
        builder.step(say("stroke-sampler.same-pressure-everywhere-top"));
        builder.note(say("stroke-sampler.let-students-say-which"));
        builder.fault(
                CommonMistake.BLUNT_POINT,
                say("stroke-sampler.both-rows-alike"),
                say("stroke-sampler.sharpen-again-before-every"));
        return builder.plan(
                id(), say("stroke-sampler.strokes-in", pencil.name()), say("stroke-sampler.each-stroke-true-to"));
    }

    private static Map<Way, FieldPlan> row(
            PlanBuilder builder, Pencil pencil, List<Way> ways, double side, String group, int before, double point) {
        Map<Way, FieldPlan> row = new EnumMap<>(Way.class);
        for (Way way : ways) {
            String id = String.valueOf(before + row.size() + 1);
            Step step = builder.colour(pencil, PressureGrade.MEDIUM, 1).stroked(way.stroke, point);
            row.put(way, builder.box(id, group, way.words, side, List.of(step)));
        }
        return row;
    }

    /** Says where sharp and dull can hardly be told apart on this paper. */
    private static void difference(PlanBuilder builder, Map<Way, FieldPlan> sharp, Map<Way, FieldPlan> dull) {
        Way way = sharp.keySet().iterator().next();
        double apart = Require.key(dull, way).predictedColour().lightness()
                - Require.key(sharp, way).predictedColour().lightness();
        if (apart < 2) {
            builder.finding(Finding.of(null, say("stroke-sampler.sharp-and-dull-differ", apart)));
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
