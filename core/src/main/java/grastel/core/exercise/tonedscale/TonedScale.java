package grastel.core.exercise.tonedscale;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Finding.Remedy;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.PencilRange;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** On toned paper: a dark pencil for the darks, bare paper for the middle, a light pencil for the lights, never crossing. */
public final class TonedScale implements ExerciseKind {
    private static final String DARK = "dark";
    private static final String LIGHT = "light";
    private static final String EACH_SIDE = "eachSide";
    /** The simplest recipe so near to a value is taken, L*. */
    private static final double NEAR_ENOUGH = 2;

    @Override
    public String id() {
        return "toned-scale";
    }

    @Override
    public String name() {
        return say("toned-scale.name");
    }

    @Override
    public String teaches() {
        return say("toned-scale.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        double paper = setting.paperLightness();
        List<Pencil> darks = PencilChoice.darkening(setting);
        List<Pencil> lights = setting.colours().stream()
                .filter(p -> PencilChoice.colour(p).lightness() > paper + 8)
                .toList();
        return List.of(
                new Parameter.OnePencil(
                        DARK,
                        say("toned-scale.for-the-darks"),
                        darks,
                        PencilChoice.black(setting).orElse(null)),
                new Parameter.OnePencil(
                        LIGHT,
                        say("toned-scale.for-the-lights"),
                        lights,
                        PencilChoice.white(setting.pencils().pencils())
                                .filter(lights::contains)
                                .orElse(null)),
                new Parameter.Whole(EACH_SIDE, say("toned-scale.steps-on-each-side"), 1, 5, 2),
                Parameters.box(20));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        if (setting.onLightPaper()) {
            throw new ImpossibleExercise(
                    "paper", say("toned-scale.is-white-it-has", setting.paper().name()));
        }
        Pencil dark = Parameters.chosen(values, DARK, say("toned-scale.that-is-black-or"), setting);
        Pencil light = Parameters.chosen(values, LIGHT, say("toned-scale.that-is-lighter-than"), setting);
        int side = values.whole(EACH_SIDE);
        double box = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        PencilRange darks = PencilRange.of(dark, setting.paper(), Optional.empty(), setting.pressures());
        PencilRange lights = PencilRange.of(light, setting.paper(), Optional.empty(), setting.pressures());
        List<FieldPlan> scale = new ArrayList<>();
        for (int i = side; i >= 1; i--) {
            scale.add(step(builder, light, lights, i, side, box, scale.size(), setting));
        }
        Lab paper = setting.paper().ground().toLab();
        FieldPlan middle = builder.box(
                String.valueOf(scale.size() + 1),
                "",
                say("toned-scale.paper"),
                box,
                Ask.VALUE,
                List.of(paper),
                List.of());
        scale.add(middle);
        for (int i = 1; i <= side; i++) {
            scale.add(step(builder, dark, darks, i, side, box, scale.size(), setting));
        }
        List<FieldPlan> worked =
                scale.stream().filter(f -> !f.id().equals(middle.id())).toList();
        builder.goal(Goal.ORDER, GoalFields.row(scale), 0, 3, 5);
        builder.goal(Goal.PAPER_LEFT_BARE, List.of(middle), 5, 2.5, 1);
        builder.goal(Goal.FULL_RANGE, GoalFields.row(scale), 55, 75, 86);
        builder.cleanBoxes(worked);
        findings(builder, light, lights, side, say("toned-scale.lights"));
        findings(builder, dark, darks, side, say("toned-scale.darks"));
        words(builder, scale, side, dark, light, setting);
        return builder.plan(
                id(),
                say("toned-scale.light-and-dark-on", setting.paper().name()),
                say("toned-scale.lights-bare-paper-darks"));
    }

    /** @param i 1 nearest the paper … {@code side} the furthest from it */
    private static FieldPlan step(
            PlanBuilder builder,
            Pencil pencil,
            PencilRange reach,
            int i,
            int side,
            double box,
            int before,
            Setting setting) {
        double paper = setting.paperLightness();
        double asked = paper + (reach.darkest() - paper) * i / side;
        List<Step> steps = builder.laid(pencil, reach.nearest(asked, NEAR_ENOUGH));
        FieldPlan field =
                builder.box(String.valueOf(before + 1), "", "", box, Ask.VALUE, List.of(new Lab(asked, 0, 0)), steps);
        builder.tellIfMissed(field);
        return field;
    }

    /** The pressure of a box's last layer, in a word. */
    private static String hardest(FieldPlan box) {
        List<Step> steps = box.recipe().steps();
        return Words.called(Objects.requireNonNull(steps.get(steps.size() - 1).grade()));
    }

    private static void findings(PlanBuilder builder, Pencil pencil, PencilRange reach, int side, String which) {
        int steps = (int) Math.floor(Math.abs(reach.darkest() - reach.paper()) / 6);
        if (steps < side) {
            List<Remedy> remedies = steps < 1
                    ? List.of()
                    : List.of(new Remedy(
                            say("toned-scale.on-each-side", side, steps), ChosenValues.of(EACH_SIDE, steps)));
            builder.finding(new Finding(
                    null, say("toned-scale.makes-clear-steps-of", pencil.name(), steps, which, side), remedies));
        }
    }

    private static void words(
            PlanBuilder builder, List<FieldPlan> scale, int side, Pencil dark, Pencil light, Setting setting) {
        builder.step(say("toned-scale.leave-the-middle-box"));
        String lights = say(
                "toned-scale.lights-with-the-furthest",
                light.name(),
                hardest(scale.get(0)),
                hardest(scale.get(side - 1)));
        String darks = say(
                "toned-scale.darks-with-the-furthest",
                dark.name(),
                hardest(scale.get(2 * side)),
                hardest(scale.get(side + 1)));
        boolean darksFirst = setting.method().has(MethodAnswer.DARKS_FIRST);
        builder.step(darksFirst ? darks : lights);
        builder.step(darksFirst ? lights : darks);
        builder.step(say("toned-scale.wash-or-wipe-your"));
        builder.note(say("toned-scale.show-a-white-stroke"));
        builder.fault(null, say("toned-scale.chalky-grey"), say("toned-scale.plan-a-band-of"));
        builder.fault(null, say("toned-scale.white-everywhere"), say("toned-scale.highlights-only-where-the"));
    }
}
