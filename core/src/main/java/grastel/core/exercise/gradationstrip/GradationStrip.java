package grastel.core.exercise.gradationstrip;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
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
import grastel.core.exercise.plan.Span;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.recipe.PencilRange;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** One pencil fading evenly from its solid to bare paper, with no line or band. */
public final class GradationStrip implements ExerciseKind {
    private static final String STRIPS = "strips";
    private static final String WAY = "way";
    private static final String DARK_AT = "darkAt";

    /** How the fade is made. */
    private enum Technique {
        LAYERS,
        ONE_PASS
    }

    /** The end that is solid. */
    private enum DarkAt {
        LEFT,
        RIGHT
    }

    /** Layers of a fade, the longest first; each ends before the last. */
    private static final List<PressureGrade> LAYERS = List.of(PressureGrade.values());

    private static final double FINEST_CHANGE = 0.02;
    /** Each layer ends so much before the last, and none sooner than this, as shares of the strip. */
    private static final double SHORTER = 0.1;

    private static final double SHORTEST = 0.2;

    @Override
    public String id() {
        return "gradation-strip";
    }

    @Override
    public String name() {
        return say("gradation-strip.name");
    }

    @Override
    public String teaches() {
        return say("gradation-strip.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting.pressed())),
                new Parameter.Choice(
                        WAY, say("gradation-strip.way"), Parameter.Option.of(Technique.class), Technique.LAYERS.name()),
                new Parameter.Choice(
                        DARK_AT, say("gradation-strip.dark-at"), Parameter.Option.of(DarkAt.class), DarkAt.LEFT.name()),
                new Parameter.Whole(STRIPS, say("gradation-strip.strips"), 1, 4, 2),
                Parameters.length(),
                Parameters.height());
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double length = values.measure(Parameters.LENGTH);
        PencilRange reach = PencilRange.of(pencil, setting.paper(), Optional.empty(), setting.pressures());
        PlanBuilder builder = new PlanBuilder(setting);
        boolean onePass = values.choice(WAY, Technique.class) == Technique.ONE_PASS;
        boolean darkRight = values.choice(DARK_AT, DarkAt.class) == DarkAt.RIGHT;
        List<Step> fading = onePass ? onePass(builder, pencil) : fitted(builder, pencil, asked(reach, setting));
        List<Step> recipe = darkRight ? mirrored(fading) : fading;
        List<Lab> asked = onePass ? builder.along(recipe) : asked(reach, setting);
        if (darkRight && !onePass) {
            asked = reversed(asked);
        }
        List<FieldPlan> strips = new ArrayList<>();
        for (int i = 1; i <= values.whole(STRIPS); i++) {
            strips.add(
                    builder.strip(String.valueOf(i), "", "", length, values.measure(Parameters.HEIGHT), asked, recipe));
        }
        builder.goal(Goal.SMOOTH_FADE, strips, 4, 2.5, 1.8);
        builder.goal(Goal.NO_REVERSAL, strips, 5, 2, 0.8);
        builder.goal(Goal.FADES_TO_PAPER, strips, 8, 4, 2);
        builder.goal(Goal.FULL_RANGE, strips, 55, 75, 86);
        range(builder, pencil, reach);
        words(builder, length, fading, onePass);
        return builder.plan(
                id(), say("gradation-strip.fade-in", pencil.name()), say("gradation-strip.from-solid-to-bare"));
    }

    /** Equal steps of L* from the solid to the paper. */
    private static List<Lab> asked(PencilRange reach, Setting setting) {
        double paper = setting.paperLightness();
        List<Lab> asked = new ArrayList<>();
        for (int i = 0; i < PlanBuilder.STATIONS; i++) {
            double share = (double) i / (PlanBuilder.STATIONS - 1);
            asked.add(new Lab(reach.darkest() + share * (paper - reach.darkest()), 0, 0));
        }
        return asked;
    }

    /** One pass with the pressure eased from full to nothing. */
    private static List<Step> onePass(PlanBuilder builder, Pencil pencil) {
        return List.of(builder.colour(pencil, PressureGrade.FULL, 1).over(Span.fadingRight(0.03, 1)));
    }

    private static List<Step> mirrored(List<Step> fading) {
        return fading.stream()
                .map(s -> s.over(Span.fadingLeft(1 - s.span().to(), 1 - s.span().fullTo())))
                .toList();
    }

    private static List<Lab> reversed(List<Lab> along) {
        List<Lab> reversed = new ArrayList<>(along);
        Collections.reverse(reversed);
        return reversed;
    }

    /** Moves the ends of the layers until the fade is as even as it gets: each end in turn, by ever smaller amounts. */
    private static List<Step> fitted(PlanBuilder builder, Pencil pencil, List<Lab> asked) {
        double[] ends = {1, 0.85, 0.65, 0.45, 0.3};
        double best = unevenness(builder, layers(builder, pencil, ends), asked);
        for (double by = 0.16; by >= FINEST_CHANGE; by /= 2) {
            for (int round = 0; round < 2; round++) {
                for (int layer = 1; layer < ends.length; layer++) {
                    for (double change : new double[] {-by, by}) {
                        double least = layer + 1 < ends.length ? ends[layer + 1] + SHORTER : SHORTEST;
                        double[] moved = ends.clone();
                        moved[layer] = Math.min(ends[layer - 1] - SHORTER, Math.max(least, ends[layer] + change));
                        double off = unevenness(builder, layers(builder, pencil, moved), asked);
                        if (off < best) {
                            best = off;
                            ends = moved;
                        }
                    }
                }
            }
        }
        return layers(builder, pencil, ends);
    }

    private static List<Step> layers(PlanBuilder builder, Pencil pencil, double[] ends) {
        List<Step> layers = new ArrayList<>();
        for (int i = 0; i < LAYERS.size(); i++) {
            layers.add(builder.colour(pencil, LAYERS.get(i), 1).over(Span.fadingRight(0.1 * ends[i], ends[i])));
        }
        return layers;
    }

    private static double unevenness(PlanBuilder builder, List<Step> layers, List<Lab> asked) {
        double sum = 0;
        for (int i = 0; i < asked.size(); i += 3) {
            double at = (double) i / (asked.size() - 1);
            double off = builder.predict(layers, at).colour().lightness()
                    - asked.get(i).lightness();
            sum += off * off;
        }
        return sum;
    }

    private static void range(PlanBuilder builder, Pencil pencil, PencilRange reach) {
        double range = reach.paper() - reach.darkest();
        if (range < 25) {
            builder.finding(Finding.of(null, say("gradation-strip.falls-only-l-from", pencil.name(), range)));
        }
    }

    private static void words(PlanBuilder builder, double length, List<Step> recipe, boolean onePass) {
        if (onePass) {
            builder.step(say("gradation-strip.one-pass-pressed"));
            builder.step(say("gradation-strip.go-back-only"));
        } else {
            layered(builder, length, recipe);
        }
        builder.step(say("gradation-strip.a-line-shows-feather"));
        builder.note(say("gradation-strip.draw-one-fade-with"));
        builder.fault(null, say("gradation-strip.visible-line-or-band"), say("gradation-strip.feather-from-the-light"));
        builder.fault(
                null, say("gradation-strip.ends-before-the-paper"), say("gradation-strip.let-the-last-centimetre"));
    }

    private static void layered(PlanBuilder builder, double length, List<Step> recipe) {
        builder.step(say("gradation-strip.whole-strip-first-at"));
        builder.step(say("gradation-strip.next-layers-fade", ends(length, recipe)));
        builder.step(say("gradation-strip.lift-the-pressure-before"));
    }

    /** Where the layers over the first one end; those that end alike are named together. */
    private static String ends(double length, List<Step> recipe) {
        Map<Long, String> alike = new LinkedHashMap<>();
        for (int i = 1; i < LAYERS.size(); i++) {
            alike.merge(
                    Math.round(recipe.get(i).span().to() * length),
                    Words.called(LAYERS.get(i)),
                    (one, next) -> say("exercise.and", one, next));
        }
        return alike.entrySet().stream()
                .map(e -> say("gradation-strip.layers-at", e.getValue(), e.getKey()))
                .collect(Collectors.joining(", "));
    }
}
