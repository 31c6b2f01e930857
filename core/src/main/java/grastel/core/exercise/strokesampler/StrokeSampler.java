package grastel.core.exercise.strokesampler;

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
import grastel.core.known.Known;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.Slip;
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
        HATCH("hatch", Stroke.ONE_WAY, "Parallel strokes, all one way, close together."),
        CROSS_HATCH("cross-hatch", Stroke.CROSSED, "Hatch, then hatch again at a right angle."),
        CIRCLES("small circles", Stroke.CIRCLES, "Small overlapping circles, no line of its own."),
        CONTOUR("contour", Stroke.ONE_WAY, "Strokes that bend as if round a barrel."),
        OUTLINE_AND_SHADE("outline, shade", Stroke.CIRCLES, "A firm edge first, then an even fill up to it.");

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
        return "Stroke sampler";
    }

    @Override
    public String teaches() {
        return "Strokes and points: direction, density, specks.";
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil("Pencil", PencilChoice.darkening(setting)),
                new Parameter.Several(
                        STROKES,
                        "Strokes",
                        Parameter.Option.of(Way.class, w -> w.words),
                        1,
                        Way.values().length,
                        List.of(Way.values()).stream().map(Way::name).toList()),
                Parameters.box(24));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, "that darkens this paper", setting);
        double side = values.measure(Parameters.BOX);
        List<Way> ways = values.several(STROKES).stream().map(Way::valueOf).toList();
        PlanBuilder builder = new PlanBuilder(setting);
        Map<Way, FieldPlan> sharp = row(builder, pencil, ways, side, "Sharp point", 0, SHARP);
        Map<Way, FieldPlan> dull = row(builder, pencil, ways, side, "Dull point", ways.size(), DULL);
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
        builder.step("Same pressure everywhere. Top row with a needle point, bottom row with a worn one.");
        builder.note("Let students say which box looks smoothest from two metres, and why.");
        builder.fault(Slip.BLUNT_POINT, "both rows alike", "Sharpen again before every box of the top row.");
        return builder.plan(
                id(), "Strokes in " + pencil.name(), "Each stroke true to its kind, one pressure all over.");
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
        double apart = Known.in(dull, way).predictedColour().lightness()
                - Known.in(sharp, way).predictedColour().lightness();
        if (apart < 2) {
            builder.finding(Finding.of(
                    null,
                    String.format(
                            Locale.ROOT,
                            "Sharp and dull differ by only %.1f L* on this paper; a rougher paper shows it better.",
                            apart)));
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
