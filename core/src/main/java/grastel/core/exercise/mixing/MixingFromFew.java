package grastel.core.exercise.mixing;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.colour.Temperature;
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
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.MixedBlacks;
import grastel.core.recipe.Target;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Secondaries and tertiaries from red, yellow and blue by alternating light layers; mixed blacks compared. */
public final class MixingFromFew implements ExerciseKind {
    private static final String RED = "red";
    private static final String YELLOW = "yellow";
    private static final String BLUE = "blue";
    private static final String HOW_FAR = "howFar";
    private static final String BLACKS = "blacks";
    private static final int MOST_LAYERS = 6;
    private static final double NEAR = 8;
    private static final double SIDE = 1.5;
    /** A mixture further off the hue between its two than this misses it, degrees. */
    private static final double OFF_HUE = 20;
    /** With less of the chroma asked for, it is a brown or a grey. */
    private static final double DULL = 0.4;

    private enum HowFar {
        SECONDARIES,
        SECONDARIES_AND_TERTIARIES
    }

    @Override
    public String id() {
        return "mixing-from-few";
    }

    @Override
    public String name() {
        return say("mixing-from-few.name");
    }

    @Override
    public String teaches() {
        return say("mixing-from-few.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.colourful(setting);
        return List.of(
                new Parameter.OnePencil(RED, say("mixing-from-few.red"), fitting, suggested(setting, fitting, 0)),
                new Parameter.OnePencil(
                        YELLOW, say("mixing-from-few.yellow"), fitting, suggested(setting, fitting, 120)),
                new Parameter.OnePencil(BLUE, say("mixing-from-few.blue"), fitting, suggested(setting, fitting, 240)),
                new Parameter.Choice(
                        HOW_FAR,
                        say("mixing-from-few.how-far"),
                        Parameter.Option.of(HowFar.class),
                        HowFar.SECONDARIES.name()),
                new Parameter.Whole(BLACKS, say("mixing-from-few.mixed-blacks"), 0, 4, 3),
                Parameters.box(20));
    }

    private static @Nullable Pencil suggested(Setting setting, List<Pencil> fitting, double place) {
        return PencilChoice.at(setting, place).filter(fitting::contains).orElse(null);
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        List<Pencil> primaries = List.of(
                Parameters.chosen(values, RED, say("mixing-from-few.a-red"), setting),
                Parameters.chosen(values, YELLOW, say("mixing-from-few.a-yellow"), setting),
                Parameters.chosen(values, BLUE, say("mixing-from-few.a-blue"), setting));
        boolean tertiaries = values.choice(HOW_FAR, HowFar.class) == HowFar.SECONDARIES_AND_TERTIARIES;
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> mixtures = new ArrayList<>();
        for (int i = 0; i < primaries.size(); i++) {
            between(builder, setting, primaries.get(i), primaries.get((i + 1) % 3), tertiaries, side, mixtures);
        }
        List<FieldPlan> blacks = blacks(builder, setting, values.whole(BLACKS), side, mixtures.size());
        builder.goal(Goal.NEAR_TARGET, mixtures, 12, NEAR, 5);
        if (!blacks.isEmpty()) {
            double darkest = blacks.get(0).predictedColour().lightness();
            builder.goal(Goal.DEEP_BLACK, blacks, darkest + 18, darkest + 10, darkest + 5);
        }
        List<FieldPlan> all = new ArrayList<>(mixtures);
        all.addAll(blacks);
        builder.cleanBoxes(all);
        words(builder, primaries, !blacks.isEmpty());
        return builder.plan(
                id(),
                say("mixing-from-few.mixing-from-three"),
                say(
                        "mixing-from-few.new-colours-from-and",
                        primaries.get(0).name(),
                        primaries.get(1).name(),
                        primaries.get(2).name()));
    }

    /** One mixture halfway, or three at the quarters. */
    private static void between(
            PlanBuilder builder,
            Setting setting,
            Pencil one,
            Pencil other,
            boolean tertiaries,
            double side,
            List<FieldPlan> into) {
        for (double share : tertiaries ? new double[] {0.25, 0.5, 0.75} : new double[] {0.5}) {
            Target target =
                    new Target(between(one, other, share), setting.method().closeness());
            List<Step> best = List.of();
            double least = Double.POSITIVE_INFINITY;
            for (int layers = 3; layers <= MOST_LAYERS; layers++) {
                for (List<Step> tried : alternations(builder, one, other, share, layers)) {
                    double off = target.error(builder.predict(tried)) + 0.15 * layers;
                    if (off < least) {
                        least = off;
                        best = tried;
                    }
                }
            }
            FieldPlan box = builder.box(
                    String.valueOf(into.size() + 1),
                    say("mixing-from-few.mixtures"),
                    say("mixing-from-few.and", one.code(), other.code()),
                    side,
                    best);
            into.add(box);
            hueReached(builder, box, target.colour());
        }
    }

    /**
     * What light layers of both should come to: hue between the two on the wheel, chroma that pencil mixtures keep,
     * value between them, a little dark of being two.
     */
    private static Lab between(Pencil one, Pencil other, double share) {
        Lab a = PencilChoice.colour(one);
        Lab b = PencilChoice.colour(other);
        double place = PencilChoice.place(one);
        double turn = Math.IEEEremainder(PencilChoice.place(other) - place, 360);
        double hue = Math.toRadians(PaintersWheel.labHueOf(place + share * turn));
        double chroma = 0.62 * (a.chroma() + share * (b.chroma() - a.chroma()));
        double lightness = a.lightness() + share * (b.lightness() - a.lightness());
        return new Lab(lightness, chroma * Math.cos(hue), chroma * Math.sin(hue));
    }

    /** Light layers by turns, either first, shared out by {@code share} as near as whole layers allow. */
    private static List<List<Step>> alternations(
            PlanBuilder builder, Pencil one, Pencil other, double share, int layers) {
        List<List<Step>> ways = new ArrayList<>();
        for (int of = Math.max(1, (int) Math.floor(share * layers));
                of <= Math.min(layers - 1, share * layers + 1);
                of++) {
            ways.add(builder.byTurns(one, layers - of, other, of));
            ways.add(builder.byTurns(other, of, one, layers - of));
        }
        return ways;
    }

    private static void hueReached(PlanBuilder builder, FieldPlan box, Lab target) {
        double turned = Math.abs(Math.IEEEremainder(box.predictedColour().hueDegrees() - target.hueDegrees(), 360));
        double kept = box.predictedColour().chroma() / target.chroma();
        if (kept < DULL) {
            builder.finding(Finding.of(
                    box.id(),
                    say(
                            "mixing-from-few.these-two-give-chroma",
                            box.predictedColour().chroma())));
        } else if (turned > OFF_HUE) {
            builder.finding(Finding.of(
                    box.id(),
                    say(
                            "mixing-from-few.these-two-miss-the-hue",
                            turned,
                            Words.called(
                                    PaintersWheel.nameOf(box.predictedColour().hueDegrees())))));
        }
    }

    private static List<FieldPlan> blacks(PlanBuilder builder, Setting setting, int count, double side, int before) {
        List<FieldPlan> boxes = new ArrayList<>();
        for (MixedBlacks.Mixed black : MixedBlacks.of(setting.colours(), setting.paper(), count)) {
            List<Step> steps = builder.steps(black.layers());
            double warmth = Temperature.warmth(black.colour());
            String label = say("mixing-from-few." + (warmth < -SIDE ? "cool" : warmth > SIDE ? "warm" : "neutral"));
            boxes.add(builder.box(
                    String.valueOf(before + boxes.size() + 1),
                    say("mixing-from-few.mixed-blacks"),
                    label,
                    side,
                    steps));
        }
        if (boxes.size() < count) {
            builder.finding(Finding.of(null, say("mixing-from-few.mixed-blacks-asked-for", count, boxes.size())));
        }
        return boxes;
    }

    private static void words(PlanBuilder builder, List<Pencil> primaries, boolean blacks) {
        builder.step(say("mixing-from-few.light-layers-by-turns"));
        builder.step(say("mixing-from-few.the-last-colour-speaks"));
        if (blacks) {
            builder.step(say("mixing-from-few.mixed-blacks-brown-and"));
        }
        builder.note(say(
                "mixing-from-few.lay-one-mixture-in",
                primaries.get(0).name(),
                primaries.get(1).name()));
        builder.fault(
                CommonMistake.LAST_LAYER_LEFT_OUT,
                say("mixing-from-few.mixture-looks-like-one"),
                say("mixing-from-few.one-more-light-layer"));
        builder.fault(null, say("mixing-from-few.brown-instead-of-a"), say("mixing-from-few.a-third-primary-has"));
    }
}
