package grastel.core.exercise.pressurescale;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
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
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.PencilRange;
import grastel.core.recipe.PressureRecipe;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** One pencil, three to eleven boxes in equal steps from its lightest mark to its solid or back. */
public final class PressureScale implements ExerciseKind {
    public static final String ID = "pressure-scale";
    public static final String STEPS = "steps";
    public static final String DIRECTION = "direction";
    public static final String FOUNDATION = "foundation";
    public static final int FEWEST_STEPS = 3;
    public static final int MOST_STEPS = 11;
    /** A class tells steps this far apart, L*. */
    private static final double VISIBLE_STEP = 4;

    private static final double SHARE_OF_ASKED_STEP = 0.55;
    /** Spread of the steps that is good, % of the mean step: what the recipes alone must keep well within. */
    private static final double EVEN = 25;
    /** A recipe may be this much further off than the nearest, as a share of a step, where it is simpler. */
    private static final double SIMPLER = 0.07;
    /** A foundation is at most this share as light as what goes over it. */
    private static final double FOUNDATION_LIGHTNESS = 0.62;

    private static final int FOUNDATIONS_TRIED = 6;

    public enum Direction {
        LIGHT_TO_DARK,
        DARK_TO_LIGHT
    }

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String name() {
        return say("pressure-scale.name");
    }

    @Override
    public String teaches() {
        return say("pressure-scale.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        boolean darksFirst = setting.method().has(MethodAnswer.DARKS_FIRST);
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting.pressed())),
                new Parameter.Whole(STEPS, say("exercise.steps"), FEWEST_STEPS, MOST_STEPS, 5),
                new Parameter.Choice(
                        DIRECTION,
                        say("pressure-scale.direction"),
                        Parameter.Option.of(Direction.class),
                        (darksFirst ? Direction.DARK_TO_LIGHT : Direction.LIGHT_TO_DARK).name()),
                Parameters.box(20),
                new Parameter.OnePencil(
                        FOUNDATION,
                        say("pressure-scale.foundation-under-the-darks"),
                        PencilChoice.darkening(setting),
                        null));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        return new Drawing(values, setting).plan();
    }

    /** One plan in the making. */
    private static final class Drawing {
        private final Setting setting;
        private final Pencil pencil;
        private final Optional<Pencil> foundation;
        private final int steps;
        private final double boxMm;
        private final boolean darkening;
        private final PencilRange reach;
        private final PlanBuilder builder;

        Drawing(ChosenValues values, Setting setting) {
            this.pencil =
                    Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
            this.setting = setting.like(pencil);
            this.foundation = values.pencil(FOUNDATION);
            this.steps = values.whole(STEPS);
            this.boxMm = values.measure(Parameters.BOX);
            this.darkening = values.choice(DIRECTION, Direction.class) == Direction.LIGHT_TO_DARK;
            this.reach = PencilRange.of(pencil, setting.paper(), foundation, setting.pressures());
            this.builder = new PlanBuilder(setting);
        }

        ExercisePlan plan() {
            List<FieldPlan> boxes = boxes();
            double range = Math.abs(reach.lightest() - reach.darkest());
            double visible = Math.min(VISIBLE_STEP, SHARE_OF_ASKED_STEP * range / (steps - 1));
            builder.goal(Goal.ORDER, GoalFields.row(inOrder(boxes)), 0, visible, 1.5 * visible);
            builder.goal(Goal.EQUAL_STEPS, GoalFields.row(inOrder(boxes)), 45, EVEN, 15);
            builder.goal(Goal.FULL_RANGE, GoalFields.row(inOrder(boxes)), 55, 75, 86);
            builder.goal(Goal.EVEN_INSIDE, boxes, 5.5, 3.5, 2.2);
            builder.goal(Goal.RICH_DARK, List.of(inOrder(boxes).get(steps - 1)), 12, 5, 2);
            builder.goal(Goal.NEAT_EDGE, boxes, 6, 2, 0.7);
            findings(boxes);
            words();
            String ends =
                    darkening ? say("pressure-scale.from-just-visible-to") : say("pressure-scale.from-rich-and-solid");
            return builder.plan(
                    ID,
                    say("pressure-scale.pressure-scale-in", pencil.name()),
                    say("pressure-scale.equal-steps-even-inside", steps, ends));
        }

        /** The lightest first, as the goals are read. */
        private List<FieldPlan> inOrder(List<FieldPlan> boxes) {
            return boxes.stream()
                    .sorted(Comparator.comparingDouble(FieldPlan::askedLightness)
                            .reversed())
                    .toList();
        }

        private List<FieldPlan> boxes() {
            List<FieldPlan> boxes = new ArrayList<>();
            for (int i = 0; i < steps; i++) {
                double asked = asked(i, steps);
                List<Step> recipe = laid(recipe(asked, steps));
                Lab value = new Lab(asked, 0, 0);
                boxes.add(builder.box(String.valueOf(i + 1), "", "", boxMm, Ask.VALUE, List.of(value), recipe));
            }
            return boxes;
        }

        /** L* of one box of a scale with so many. */
        private double asked(int box, int of) {
            double first = darkening ? reach.lightest() : reach.darkest();
            double last = darkening ? reach.darkest() : reach.lightest();
            return first + (last - first) * box / (of - 1);
        }

        private PressureRecipe recipe(double asked, int of) {
            return reach.nearest(asked, SIMPLER * Math.abs(reach.lightest() - reach.darkest()) / (of - 1));
        }

        /** How far the steps of a scale with so many boxes are from alike where its recipes are followed, % of the mean. */
        private double spread(int of) {
            double[] values = IntStream.range(0, of)
                    .mapToDouble(i -> recipe(asked(i, of), of).lightness())
                    .toArray();
            double mean = (values[of - 1] - values[0]) / (of - 1);
            double squares = IntStream.range(1, of)
                    .mapToDouble(i -> values[i] - values[i - 1] - mean)
                    .map(off -> off * off)
                    .sum();
            return 100 * Math.sqrt(squares / (of - 1)) / Math.abs(mean);
        }

        private List<Step> laid(PressureRecipe recipe) {
            List<Step> layers = new ArrayList<>();
            if (recipe.foundation() != null) {
                layers.add(builder.blockedIn(foundation.orElseThrow(), recipe.foundation(), 1));
            }
            layers.addAll(builder.laid(pencil, recipe));
            return layers;
        }

        private void findings(List<FieldPlan> boxes) {
            if (reach.steps() < FEWEST_STEPS) {
                builder.finding(new Finding(
                        null, say("pressure-scale.hardly-darkens-this-paper", pencil.name()), foundations()));
            } else if (steps > reach.steps()) {
                List<Remedy> remedies = new ArrayList<>();
                remedies.add(new Remedy(
                        say("pressure-scale.steps-2", steps, reach.steps()), ChosenValues.of(STEPS, reach.steps())));
                remedies.addAll(foundations());
                builder.finding(new Finding(
                        null,
                        say("pressure-scale.spans-clear-steps-on", pencil.name(), reach.steps(), steps),
                        remedies));
            } else if (spread(steps) > EVEN) {
                builder.finding(
                        new Finding(null, say("pressure-scale.no-recipe-of-lies", pencil.name(), steps), evenSteps()));
            }
            for (int i = 0; i < boxes.size(); i++) {
                box(boxes, i);
            }
        }

        /** The nearest lower number of steps that comes out even. */
        private List<Remedy> evenSteps() {
            return IntStream.iterate(steps - 1, n -> n >= FEWEST_STEPS, n -> n - 1)
                    .filter(n -> spread(n) <= EVEN)
                    .limit(1)
                    .mapToObj(n -> new Remedy(say("pressure-scale.steps-2", steps, n), ChosenValues.of(STEPS, n)))
                    .toList();
        }

        private void box(List<FieldPlan> boxes, int i) {
            FieldPlan box = boxes.get(i);
            builder.tellIfMissed(box);
            if (i > 0 && boxes.get(i - 1).recipe().equals(box.recipe())) {
                builder.finding(Finding.of(box.id(), say("pressure-scale.gets-the-same-pressure")));
            }
        }

        /** Of the dark neighbours on the wheel the one that carries the scale furthest. */
        private List<Remedy> foundations() {
            if (foundation.isPresent()) {
                return List.of();
            }
            return setting.colours().stream()
                    .filter(p -> PencilChoice.colour(p).lightness()
                            < FOUNDATION_LIGHTNESS * PencilChoice.colour(pencil).lightness())
                    .sorted(Comparator.comparingDouble(this::unlike))
                    .limit(FOUNDATIONS_TRIED)
                    .max(Comparator.comparingInt(
                            p -> PencilRange.of(pencil, setting.paper(), Optional.of(p), setting.pressures())
                                    .steps()))
                    .map(p -> new Remedy(
                            say("pressure-scale.add-a-foundation", p.name()),
                            ChosenValues.of(FOUNDATION, p).with(STEPS, steps)))
                    .stream()
                    .toList();
        }

        private double unlike(Pencil dark) {
            Lab own = PencilChoice.colour(pencil);
            Lab other = PencilChoice.colour(dark);
            return PaintersWheel.distance(own.hueDegrees(), other.hueDegrees())
                    + Math.abs(own.chroma() - other.chroma()) / 2;
        }

        private void words() {
            boolean pointed = pencil.binder().hasPoint();
            builder.step(
                    pointed ? say("pressure-scale.sharpen-hold-the-pencil") : say("pressure-scale.a-clean-edge-of"));
            builder.step(say("pressure-scale.small-overlapping-circles-go"));
            builder.step(say("pressure-scale.give-each-next-box"));
            builder.step(say("pressure-scale.the-darkest-box-last"));
            builder.step(say("pressure-scale.squint-from-arms-length"));
            builder.note(say("pressure-scale.show-the-two-ends"));
            builder.note(say("pressure-scale.let-students-say-the"));
            builder.fault(
                    CommonMistake.TOO_HEAVY,
                    say("pressure-scale.steps-bunch-at-the"),
                    say("pressure-scale.start-the-light-end"));
            builder.fault(
                    CommonMistake.TOO_LIGHT,
                    say("pressure-scale.all-middle-short-range"),
                    say("pressure-scale.darkest-box-go-over"));
            builder.fault(
                    CommonMistake.BLUNT_POINT,
                    say("pressure-scale.white-specks-in-the"),
                    say(
                            "pressure-scale.small-circles-one-more",
                            pointed ? say("exercise.sharpen") : say("exercise.a-fresh-edge")));
        }
    }
}
