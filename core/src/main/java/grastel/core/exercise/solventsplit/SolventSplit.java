package grastel.core.exercise.solventsplit;

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
import grastel.core.layering.advice.Slip;
import grastel.core.media.Pencil;
import grastel.core.recipe.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

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
        return "Solvent split";
    }

    @Override
    public String teaches() {
        return "What dissolving does, and that it needs enough pigment.";
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil("Pencil", PencilChoice.darkening(setting)),
                new Parameter.OnePencil(SECOND, "Layer after drying", PencilChoice.darkening(setting), null),
                Parameters.box(24));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        if (setting.method().has(School.SOLVENT_NONE)) {
            throw new ImpossibleExercise(
                    "method", "This class's method has no solvent. A burnish trio shows a smooth surface without it.");
        }
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, "that darkens this paper", setting);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> plain = new ArrayList<>();
        List<FieldPlan> dissolved = new ArrayList<>();
        for (PressureGrade grade : GRADES) {
            plain.add(builder.box(String.valueOf(plain.size() + 1), "Plain", "", side, base(builder, pencil, grade)));
        }
        for (PressureGrade grade : GRADES) {
            List<Step> steps = new ArrayList<>(base(builder, pencil, grade));
            steps.add(builder.solvent());
            FieldPlan box = builder.box(String.valueOf(4 + dissolved.size()), "Dissolved", "", side, steps);
            dissolved.add(box);
            double specks = builder.predict(steps, 0.5).specks();
            if (specks > STILL_SPECKLED) {
                builder.finding(Finding.of(
                        box.id(),
                        String.format(
                                Locale.ROOT,
                                "Too little pigment to dissolve: %.0f %% of the paper stays bare. That is the lesson of"
                                        + " this box.",
                                100 * specks)));
            }
        }
        values.pencil(SECOND).ifPresent(second -> {
            List<Step> steps = new ArrayList<>(base(builder, pencil, PressureGrade.MEDIUM));
            steps.add(builder.solvent());
            steps.add(builder.colour(second, PressureGrade.LIGHT, 2));
            builder.box("7", "After drying", second.name(), side, steps);
        });
        builder.goal(Goal.SPECKS_GONE, List.of(dissolved.get(1), dissolved.get(2)), 8, 4, 2);
        builder.goal(Goal.EVEN_INSIDE, dissolved, 5.5, 3.5, 2.2);
        builder.goal(Goal.NEAT_EDGE, dissolved, 6, 2, 0.7);
        words(builder, setting);
        return builder.plan(id(), "Dissolving " + pencil.name(), "Left plain above, dissolved below: what changes?");
    }

    private static List<Step> base(PlanBuilder builder, Pencil pencil, PressureGrade grade) {
        return List.of(builder.colour(pencil, grade, 2));
    }

    private static void words(PlanBuilder builder, Setting setting) {
        builder.step("Both rows alike in pencil first, in the pressures under the boxes.");
        builder.step("At the end of the period: a damp, not wet, flat brush over the lower row, light to dark.");
        builder.step("Let it dry 5 to 10 minutes. Nothing over it while it is wet.");
        builder.note("Plan it for the end of a period, so that it dries between lessons.");
        builder.fault(Slip.TOO_LIGHT, "blotches", "More pigment before dissolving; less on the brush.");
        builder.caution(
                "Solvent is flammable and its vapour harmful: open windows, no flame or hot surface, small capped pots.");
        builder.caution("Keep it off the skin; rags into a closed metal bin. Read the maker's safety data sheet.");
        if (setting.band() == GradeBand.FIRST_STEPS) {
            builder.finding(
                    Finding.of(null, "Not for young classes: burnish instead, unless your school's policy allows it."));
        }
    }
}
