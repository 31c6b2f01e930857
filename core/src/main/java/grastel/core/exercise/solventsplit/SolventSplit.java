package grastel.core.exercise.solventsplit;

import static grastel.core.words.Words.say;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.List;

/** The same pencil work left plain and dissolved, from thin to rich: solvent works only over enough pigment. */
public final class SolventSplit implements ExerciseKind {
    private static final String SECOND = "second";
    private static final double STILL_SPECKLED = 0.03;
    private static final List<PressureGrade> GRADES =
            List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM, PressureGrade.FIRM);

    @Override
    public String id() {
        return "solvent-split";
    }

    @Override
    public String name() {
        return say("solvent-split.name");
    }

    @Override
    public String teaches() {
        return say("solvent-split.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting)),
                new Parameter.OnePencil(
                        SECOND, say("solvent-split.layer-after-drying"), PencilChoice.darkening(setting), null),
                Parameters.box(24));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        if (setting.method().has(MethodAnswer.SOLVENT_NONE)) {
            throw new ImpossibleExercise("method", say("solvent-split.this-classs-method-has"));
        }
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> plain = new ArrayList<>();
        List<FieldPlan> dissolved = new ArrayList<>();
        for (PressureGrade grade : GRADES) {
            plain.add(builder.box(
                    String.valueOf(plain.size() + 1), say("exercise.plain"), "", side, base(builder, pencil, grade)));
        }
        for (PressureGrade grade : GRADES) {
            List<Step> steps = new ArrayList<>(base(builder, pencil, grade));
            steps.add(builder.solvent());
            FieldPlan box =
                    builder.box(String.valueOf(4 + dissolved.size()), say("solvent-split.dissolved"), "", side, steps);
            dissolved.add(box);
            double specks = builder.predict(steps, 0.5).specks();
            if (specks > STILL_SPECKLED) {
                builder.finding(Finding.of(box.id(), say("solvent-split.too-little-pigment-to", 100 * specks)));
            }
        }
        values.pencil(SECOND).ifPresent(second -> {
            List<Step> steps = new ArrayList<>(base(builder, pencil, PressureGrade.MEDIUM));
            steps.add(builder.solvent());
            steps.add(builder.colour(second, PressureGrade.LIGHT, 2));
            builder.box("7", say("solvent-split.after-drying"), second.name(), side, steps);
        });
        builder.goal(Goal.SPECKS_GONE, List.of(dissolved.get(1), dissolved.get(2)), 8, 4, 2);
        builder.goal(Goal.EVEN_INSIDE, dissolved, 5.5, 3.5, 2.2);
        builder.goal(Goal.NEAT_EDGE, dissolved, 6, 2, 0.7);
        words(builder, setting);
        return builder.plan(
                id(), say("solvent-split.dissolving", pencil.name()), say("solvent-split.left-plain-above-dissolved"));
    }

    private static List<Step> base(PlanBuilder builder, Pencil pencil, PressureGrade grade) {
        return List.of(builder.colour(pencil, grade, 2));
    }

    private static void words(PlanBuilder builder, Setting setting) {
        builder.step(say("solvent-split.both-rows-alike-in"));
        boolean generous = setting.method().has(MethodAnswer.SOLVENT_GENEROUS);
        builder.step(generous ? say("solvent-split.a-wet-brush") : say("solvent-split.at-the-end-of"));
        if (generous) {
            builder.step(say("solvent-split.while-it-is-wet"));
        }
        builder.step(generous ? say("solvent-split.let-it-dry-15") : say("solvent-split.let-it-dry-5"));
        builder.note(say("solvent-split.plan-it-for-the"));
        builder.fault(CommonMistake.TOO_LIGHT, "blotches", say("solvent-split.more-pigment-before-dissolving"));
        builder.caution(say("solvent-split.solvent-is-flammable-and"));
        builder.caution(say("solvent-split.keep-it-off-the"));
        if (setting.band() == GradeBand.FIRST_STEPS) {
            builder.finding(Finding.of(null, say("solvent-split.not-for-young-classes")));
        }
    }
}
