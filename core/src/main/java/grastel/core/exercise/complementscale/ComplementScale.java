package grastel.core.exercise.complementscale;

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
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.Complements;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.List;

/** A colour greyed in steps by its complement, and a shadow made by complement beside one made by black. */
public final class ComplementScale implements ExerciseKind {
    private static final String COMPLEMENT = "complement";
    private static final String STEPS = "steps";
    private static final int PASSES = 6;
    /** A shadow is plainly darker, L*; light layers of the dark that are tried for it. */
    private static final double SHADOW_DROP = 10;

    private static final int MOST_OF_THE_DARK = 4;
    /** Chroma a middle may keep and still count as neutral. */
    private static final double NEUTRAL = 12;

    @Override
    public String id() {
        return "complement-scale";
    }

    @Override
    public String name() {
        return say("complement-scale.name");
    }

    @Override
    public String teaches() {
        return say("complement-scale.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.colourful(setting);
        return List.of(
                Parameters.pencil(say("complement-scale.colour"), fitting),
                new Parameter.OnePencil(COMPLEMENT, say("complement-scale.complement"), fitting, null),
                new Parameter.Whole(STEPS, say("exercise.steps"), 3, 7, 5),
                Parameters.box(20));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil colour = Parameters.chosen(values, Parameters.PENCIL, say("exercise.with-a-clear-hue"), setting);
        Pencil complement = values.pencil(COMPLEMENT)
                .or(() -> Complements.of(colour, setting.colours(), setting.paper()).stream()
                        .findFirst()
                        .map(Complements.Pair::complement))
                .orElseThrow(() -> new ImpossibleExercise(
                        Parameters.PENCIL, say("complement-scale.no-pencil-here-greys", colour.name())));
        if (complement.equals(colour)) {
            throw new ImpossibleExercise(COMPLEMENT, say("complement-scale.a-colour-cannot-be"));
        }
        int steps = values.whole(STEPS);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> scale = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            scale.add(builder.box(
                    String.valueOf(i + 1),
                    say("complement-scale.scale"),
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
        if (!Complements.pair(colour, complement, setting.paper()).neutral()) {
            builder.finding(Finding.of(
                    scale.get(middle).id(), say("complement-scale.stays-chromatic", colour.name(), complement.name())));
        }
        PencilChoice.at(setting, PencilChoice.place(colour) + 180)
                .filter(opposite -> !opposite.equals(complement) && !opposite.equals(colour))
                .ifPresent(opposite ->
                        builder.note(say("complement-scale.the-wheels-opposite", opposite.name(), complement.name())));
        words(builder, colour, complement, shadows);
        return builder.plan(
                id(),
                say("complement-scale.and-its-complement", colour.name()),
                say("complement-scale.from-pure-through-grey", colour.name(), complement.name()));
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
        shadows.add(builder.box(
                String.valueOf(before + 1),
                say("complement-scale.shadow"),
                say("complement-scale.no-shadow"),
                side,
                own));
        shadows.add(builder.box(
                String.valueOf(before + 2),
                say("complement-scale.shadow"),
                say("complement-scale.by-complement"),
                side,
                shaded(builder, own, complement, setting)));
        PencilChoice.black(setting)
                .ifPresent(black -> shadows.add(builder.box(
                        String.valueOf(before + 3),
                        say("complement-scale.shadow"),
                        say("complement-scale.by-black"),
                        side,
                        shaded(builder, own, black, setting))));
        return shadows;
    }

    /** The colour with as little of a dark as makes a shadow, under it or over it as the class is taught. */
    private static List<Step> shaded(PlanBuilder builder, List<Step> own, Pencil dark, Setting setting) {
        boolean under = setting.method().has(MethodAnswer.FOUNDATION_UNDER);
        double lightness = builder.predict(own).lightness();
        List<Step> steps = own;
        for (int passes = 1; passes <= MOST_OF_THE_DARK; passes++) {
            steps = new ArrayList<>(own);
            steps.add(under ? 0 : own.size(), builder.colour(dark, PressureGrade.LIGHT, passes));
            if (builder.predict(steps).lightness() <= lightness - SHADOW_DROP) {
                break;
            }
        }
        return steps;
    }

    private static void findings(
            PlanBuilder builder, Pencil colour, Pencil complement, FieldPlan middle, Setting setting) {
        double left = middle.predictedColour().chroma();
        if (left > NEUTRAL) {
            Complements.of(colour, setting.colours(), setting.paper()).stream()
                    .findFirst()
                    .ifPresent(best -> builder.finding(new Finding(
                            middle.id(),
                            say(
                                    "complement-scale.the-middle-keeps-chroma",
                                    left,
                                    best.complement().name(),
                                    best.chroma()),
                            best.complement().equals(complement)
                                    ? List.of()
                                    : List.of(new Finding.Remedy(
                                            say(
                                                    "complement-scale.take",
                                                    best.complement().name()),
                                            ChosenValues.of(COMPLEMENT, best.complement()))))));
        }
    }

    private static void words(PlanBuilder builder, Pencil colour, Pencil complement, List<FieldPlan> shadows) {
        builder.step(say("complement-scale.light-layers-only-in", colour.name(), complement.name()));
        builder.step(say("complement-scale.the-numbers-over-each"));
        boolean under = shadows.get(1).recipe().steps().get(0).pencil()
                != shadows.get(0).recipe().steps().get(0).pencil();
        builder.step(
                under
                        ? say("complement-scale.shadow-row-dark-under", complement.name())
                        : say("complement-scale.shadow-row-dark-over", complement.name()));
        builder.note(say("complement-scale.ask-which-shadow-looks"));
        if (shadows.size() < 3) {
            builder.note(say("complement-scale.there-is-no-black"));
        }
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("complement-scale.mud-where-colour-is"),
                say("complement-scale.one-whisper-of-the"));
        builder.fault(
                CommonMistake.LAST_LAYER_LEFT_OUT,
                say("complement-scale.middle-still-coloured"),
                say("complement-scale.one-more-light-layer"));
    }
}
