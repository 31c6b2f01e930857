package grastel.core.exercise.layerladder;

import static grastel.core.words.Words.say;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Finding.Remedy;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;

/** One, two, three … light passes side by side, beside a single hard one: how the tooth fills. */
public final class LayerLadder implements ExerciseKind {
    private static final String RUNGS = "rungs";
    /** Light layers are tried until they come so near to the hard pass, L*, and no more of them than this. */
    private static final double ALIKE = 4;

    private static final int MOST_LIGHT_LAYERS = 16;
    /** A step that can still be seen, L*. */
    private static final double JUST_SEEN = 0.8;

    @Override
    public String id() {
        return "layer-ladder";
    }

    @Override
    public String name() {
        return say("layer-ladder.name");
    }

    @Override
    public String teaches() {
        return say("layer-ladder.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting)),
                new Parameter.Whole(RUNGS, say("layer-ladder.light-layers-most"), 3, 8, 5),
                Parameters.box(20));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> rungs = new ArrayList<>();
        for (int n = 1; n <= values.whole(RUNGS); n++) {
            rungs.add(builder.box(
                    String.valueOf(n), "", "", side, List.of(builder.colour(pencil, PressureGrade.LIGHT, n))));
        }
        int many = asDarkAsHard(builder, pencil);
        FieldPlan matched =
                builder.box("M", "", say("layer-ladder.matched", many), side, lightLayers(builder, pencil, many));
        FieldPlan hard = builder.box(
                "H", "", say("layer-ladder.hard"), side, List.of(builder.colour(pencil, PressureGrade.FULL, 1)));
        double smallest = smallestStep(rungs);
        builder.goal(Goal.SHRINKING_STEPS, GoalFields.row(rungs), 0, 0.5 * smallest, 0.9 * smallest);
        List<FieldPlan> all = new ArrayList<>(rungs);
        all.add(matched);
        all.add(hard);
        builder.cleanBoxes(all);
        findings(builder, pencil, rungs);
        words(builder, rungs, matched, hard, many, pencil);
        return builder.plan(
                id(), say("layer-ladder.layer-ladder-in", pencil.name()), say("layer-ladder.each-box-one-light"));
    }

    /** How many light layers come as near to one hard pass as they get while they still show. */
    private static int asDarkAsHard(PlanBuilder builder, Pencil pencil) {
        double hard = builder.predict(List.of(builder.colour(pencil, PressureGrade.FULL, 1)))
                .lightness();
        int layers = 1;
        double now = builder.predict(lightLayers(builder, pencil, layers)).lightness();
        while (layers < MOST_LIGHT_LAYERS && now - hard > ALIKE) {
            layers++;
            now = builder.predict(lightLayers(builder, pencil, layers)).lightness();
        }
        return layers;
    }

    private static List<Step> lightLayers(PlanBuilder builder, Pencil pencil, int layers) {
        List<Step> steps = new ArrayList<>();
        for (int left = layers; left > 0; left -= Layer.MOST_PASSES) {
            steps.add(builder.colour(pencil, PressureGrade.LIGHT, Math.min(left, Layer.MOST_PASSES)));
        }
        return steps;
    }

    private static double step(List<FieldPlan> rungs, int i) {
        return rungs.get(i - 1).predictedColour().lightness()
                - rungs.get(i).predictedColour().lightness();
    }

    private static double smallestStep(List<FieldPlan> rungs) {
        double smallest = Double.POSITIVE_INFINITY;
        for (int i = 1; i < rungs.size(); i++) {
            smallest = Math.min(smallest, step(rungs, i));
        }
        return Math.max(0.1, smallest);
    }

    private static void findings(PlanBuilder builder, Pencil pencil, List<FieldPlan> rungs) {
        for (int i = 1; i < rungs.size(); i++) {
            if (step(rungs, i) < JUST_SEEN) {
                List<Remedy> remedies = i < 3
                        ? List.of()
                        : List.of(new Remedy(say("layer-ladder.layers", rungs.size(), i), ChosenValues.of(RUNGS, i)));
                builder.finding(new Finding(
                        rungs.get(i).id(),
                        say("layer-ladder.from-here-another-layer", pencil.name(), JUST_SEEN),
                        remedies));
                return;
            }
        }
    }

    private static void words(
            PlanBuilder builder, List<FieldPlan> rungs, FieldPlan matched, FieldPlan hard, int many, Pencil pencil) {
        int left = builder.predict(rungs.get(rungs.size() - 1).recipe().steps(), 0.5)
                .layersLeft(pencil);
        int leftByHard = builder.predict(hard.recipe().steps(), 0.5).layersLeft(pencil);
        builder.step(say("layer-ladder.every-box-of-the"));
        builder.step(say("layer-ladder.box-1-once-box"));
        builder.step(say("layer-ladder.the-last-box-one"));
        builder.step(say("layer-ladder.feel-both-with-a"));
        builder.note(say(
                "layer-ladder.light-layers-come-to",
                many,
                matched.predictedColour().value(),
                hard.predictedColour().value()));
        builder.note(say("layer-ladder.layers-left", rungs.size(), left, leftByHard));
        builder.fault(
                CommonMistake.TOO_HEAVY, say("layer-ladder.boxes-alike"), say("layer-ladder.keep-the-pressure-light"));
    }
}
