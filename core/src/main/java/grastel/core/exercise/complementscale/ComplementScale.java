package grastel.core.exercise.complementscale;

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
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.Slip;
import grastel.core.media.Pencil;
import grastel.core.recipe.Complements;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A colour greyed in steps by its complement, and a shadow made by complement beside one made by black. */
public final class ComplementScale implements ExerciseKind {
    private static final String COMPLEMENT = "complement";
    private static final String STEPS = "steps";
    private static final int PASSES = 6;
    /** Chroma a middle may keep and still count as neutral. */
    private static final double NEUTRAL = 12;

    @Override
    public String id() {
        return "complement-scale";
    }

    @Override
    public String name() {
        return "Complement scale";
    }

    @Override
    public String teaches() {
        return "Greying a colour by its opposite, and shadow without black.";
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.colourful(setting);
        return List.of(
                Parameters.pencil("Colour", fitting),
                new Parameter.OnePencil(COMPLEMENT, "Complement", fitting, null),
                new Parameter.Whole(STEPS, "Steps", 3, 7, 5),
                Parameters.box(20));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil colour = Parameters.chosen(values, Parameters.PENCIL, "with a clear hue", setting);
        Pencil complement = values.pencil(COMPLEMENT)
                .or(() -> Complements.of(colour, setting.colours(), setting.paper()).stream()
                        .findFirst()
                        .map(Complements.Pair::complement))
                .orElseThrow(() -> new ImpossibleExercise(
                        Parameters.PENCIL, "No pencil here greys " + colour.name() + ". Choose another colour."));
        if (complement.equals(colour)) {
            throw new ImpossibleExercise(COMPLEMENT, "A colour cannot be its own complement. Choose another pencil.");
        }
        int steps = values.whole(STEPS);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> scale = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            scale.add(builder.box(
                    String.valueOf(i + 1),
                    "Scale",
                    share(i, steps),
                    side,
                    mixed(builder, colour, complement, i, steps)));
        }
        List<FieldPlan> shadows = shadows(builder, colour, complement, setting, side, steps);
        int middle = (steps - 1) / 2;
        builder.goal(Goal.CHROMA_FALLS, GoalFields.row(scale.subList(0, middle + 1)), 0, 3, 6);
        builder.goal(Goal.NEUTRAL_MIDDLE, List.of(scale.get(middle)), 18, NEUTRAL, 8);
        List<FieldPlan> all = new ArrayList<>(scale);
        all.addAll(shadows);
        builder.cleanBoxes(all);
        findings(builder, colour, complement, scale.get(middle), setting);
        words(builder, colour, complement, shadows);
        return builder.plan(
                id(),
                colour.name() + " and its complement",
                "From pure " + colour.name() + " through grey to " + complement.name() + ".");
    }

    private static String share(int i, int steps) {
        int own = PASSES * (steps - 1 - i) / (steps - 1);
        return own + " : " + (PASSES - own);
    }

    /** Passes shared out by the step. */
    private static List<Step> mixed(PlanBuilder builder, Pencil colour, Pencil complement, int i, int steps) {
        int own = PASSES * (steps - 1 - i) / (steps - 1);
        return builder.byTurns(colour, own, complement, PASSES - own);
    }

    private static List<FieldPlan> shadows(
            PlanBuilder builder, Pencil colour, Pencil complement, Setting setting, double side, int before) {
        List<FieldPlan> shadows = new ArrayList<>();
        List<Step> own = List.of(builder.colour(colour, PressureGrade.MEDIUM, 2));
        shadows.add(builder.box(String.valueOf(before + 1), "Shadow", "no shadow", side, own));
        List<Step> byComplement = new ArrayList<>();
        byComplement.add(builder.colour(complement, PressureGrade.LIGHT, 1));
        byComplement.addAll(own);
        shadows.add(builder.box(String.valueOf(before + 2), "Shadow", "by complement", side, byComplement));
        PencilChoice.black(setting).ifPresent(black -> {
            List<Step> byBlack = new ArrayList<>(own);
            byBlack.add(builder.colour(black, PressureGrade.LIGHT, 1));
            shadows.add(builder.box(String.valueOf(before + 3), "Shadow", "by black", side, byBlack));
        });
        return shadows;
    }

    private static void findings(
            PlanBuilder builder, Pencil colour, Pencil complement, FieldPlan middle, Setting setting) {
        double left = middle.predictedColour().chroma();
        if (left > NEUTRAL) {
            Complements.of(colour, setting.colours(), setting.paper()).stream()
                    .findFirst()
                    .ifPresent(best -> builder.finding(new Finding(
                            middle.id(),
                            String.format(
                                    Locale.ROOT,
                                    "The middle keeps chroma %.0f; 12 counts as neutral. The best equal mixture here is"
                                            + " with %s: %.0f.",
                                    left,
                                    best.complement().name(),
                                    best.chroma()),
                            best.complement().equals(complement)
                                    ? List.of()
                                    : List.of(new Finding.Remedy(
                                            "take " + best.complement().name(),
                                            ChosenValues.of(COMPLEMENT, best.complement()))))));
        }
    }

    private static void words(PlanBuilder builder, Pencil colour, Pencil complement, List<FieldPlan> shadows) {
        builder.step("Light layers only, in turns: " + colour.name() + ", " + complement.name() + ", and again.");
        builder.step("The numbers over each box say how many layers of each; never both at once, never pressed.");
        builder.step("Shadow row: one whisper of the complement under the colour; beside it the colour with black.");
        builder.note("Ask which shadow looks alive and which looks dirty, before saying how they were made.");
        if (shadows.size() < 3) {
            builder.note("There is no black among these pencils, so the shadow by black is left out.");
        }
        builder.fault(
                Slip.TOO_HEAVY, "mud where colour is asked", "One whisper of the complement, then own colour on top.");
        builder.fault(
                Slip.LAST_LAYER_LEFT_OUT, "middle still coloured", "One more light layer of the weaker of the two.");
    }
}
