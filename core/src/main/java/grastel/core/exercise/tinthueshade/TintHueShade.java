package grastel.core.exercise.tinthueshade;

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
import grastel.core.exercise.plan.GoalFields;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.ColourFamily;
import grastel.core.media.Pencil;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/** For each colour family a tint, the hue itself and a shade, with room to do one again. */
public final class TintHueShade implements ExerciseKind {
    private static final String FAMILIES = "families";
    private static final String REDO = "redo";
    private static final List<ColourFamily> HUES = List.of(
            ColourFamily.RED,
            ColourFamily.ORANGE,
            ColourFamily.YELLOW,
            ColourFamily.GREEN,
            ColourFamily.BLUE,
            ColourFamily.VIOLET,
            ColourFamily.BROWN);
    private static final double HUE_HOLDS = 15;
    private static final double TINT_LIFT = 12;
    private static final double SHADE_DROP = 6;
    private static final double SHADE_CHROMA = 0.45;
    /** Share of what an exact hand reaches that is asked of a student, where that is less than the usual. */
    private static final double REACHED = 0.7;

    private enum Redo {
        ONE_BOX_A_FAMILY,
        NONE
    }

    @Override
    public String id() {
        return "tint-hue-shade";
    }

    @Override
    public String name() {
        return say("tint-hue-shade.name");
    }

    @Override
    public String teaches() {
        return say("tint-hue-shade.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<ColourFamily> there = HUES.stream()
                .filter(f -> !PencilChoice.family(setting, f).isEmpty())
                .toList();
        return List.of(
                new Parameter.Several(
                        FAMILIES,
                        say("tint-hue-shade.colour-families"),
                        HUES.stream()
                                .map(f -> new Parameter.Option(f.name(), words(f)))
                                .toList(),
                        1,
                        8,
                        there.stream().limit(6).map(ColourFamily::name).toList()),
                new Parameter.Choice(
                        REDO,
                        say("tint-hue-shade.room-to-do-one"),
                        Parameter.Option.of(Redo.class),
                        Redo.ONE_BOX_A_FAMILY.name()),
                Parameters.box(20));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        List<ColourFamily> families =
                values.several(FAMILIES).stream().map(ColourFamily::valueOf).toList();
        Pencil white = PencilChoice.white(setting.pencils().pencils())
                .orElseThrow(() -> new ImpossibleExercise(FAMILIES, say("tint-hue-shade.tints-need-a-white")));
        boolean redo = values.choice(REDO, Redo.class) == Redo.ONE_BOX_A_FAMILY;
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        List<FieldPlan> all = new ArrayList<>();
        List<GoalFields.Family> named = new ArrayList<>();
        List<Family> made = new ArrayList<>();
        for (ColourFamily family : families) {
            List<Pencil> pencils = PencilChoice.family(setting, family);
            if (pencils.isEmpty()) {
                throw new ImpossibleExercise(
                        FAMILIES, say("tint-hue-shade.these-pencils-hold-no", words(family), words(family)));
            }
            Family one = Family.of(family, pencils, white, setting, builder);
            int number = 3 * made.size();
            FieldPlan tint = builder.box(
                    String.valueOf(number + 1), words(family), say("tint-hue-shade.tint"), side, one.tint());
            FieldPlan hue =
                    builder.box(String.valueOf(number + 2), words(family), say("tint-hue-shade.hue"), side, one.hue());
            FieldPlan shade = builder.box(
                    String.valueOf(number + 3), words(family), say("tint-hue-shade.shade"), side, one.shade());
            if (redo) {
                builder.redo("R" + (made.size() + 1), words(family), side);
            }
            check(builder, family, tint, hue, shade, families);
            all.addAll(List.of(tint, hue, shade));
            named.add(GoalFields.family(tint, hue, shade));
            made.add(one);
        }
        double turn = Math.max(HUE_HOLDS, most(all) / REACHED);
        GoalFields each = new GoalFields.Families(named);
        builder.goal(Goal.HUE_HOLDS, each, 1.6 * turn, turn, 0.6 * turn);
        double lift = Math.min(TINT_LIFT, REACHED * least(all, 0, 1));
        double drop = Math.min(SHADE_DROP, REACHED * least(all, 1, 2));
        builder.goal(Goal.TINT_LIGHTER, each, 0.5 * lift, lift, 1.4 * lift);
        builder.goal(Goal.SHADE_DARKER, each, 0.5 * drop, drop, 1.4 * drop);
        builder.goal(Goal.SHADE_CHROMA, each, 30, 100 * SHADE_CHROMA, 60);
        builder.cleanBoxes(all);
        words(builder, made, white);
        return builder.plan(id(), say("tint-hue-shade.name"), say("tint-hue-shade.each-family-lightened-and"));
    }

    /** Least predicted distance in L* from one box of a family to the next. */
    private static double least(List<FieldPlan> all, int lighter, int darker) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < all.size(); i += 3) {
            least = Math.min(
                    least,
                    all.get(i + lighter).predictedColour().lightness()
                            - all.get(i + darker).predictedColour().lightness());
        }
        return Math.max(1, least);
    }

    /** Largest predicted turn of a tint or a shade from its hue, degrees. */
    private static double most(List<FieldPlan> all) {
        double most = 0;
        for (int i = 0; i < all.size(); i += 3) {
            Lab hue = all.get(i + 1).predictedColour();
            most = Math.max(most, turned(all.get(i).predictedColour(), hue));
            most = Math.max(most, turned(all.get(i + 2).predictedColour(), hue));
        }
        return most;
    }

    private static double turned(Lab one, Lab other) {
        return Math.abs(Math.IEEEremainder(one.hueDegrees() - other.hueDegrees(), 360));
    }

    private static String words(ColourFamily family) {
        return Words.called(family);
    }

    /** Says what even an exact hand will not reach. */
    private static void check(
            PlanBuilder builder,
            ColourFamily family,
            FieldPlan tint,
            FieldPlan hue,
            FieldPlan shade,
            List<ColourFamily> families) {
        Lab own = hue.predictedColour();
        Lab dark = shade.predictedColour();
        double lift = tint.predictedColour().lightness() - own.lightness();
        double drop = own.lightness() - dark.lightness();
        double turned = turned(dark, own);
        List<Remedy> leaveOut = families.size() == 1
                ? List.of()
                : List.of(new Remedy(
                        say("tint-hue-shade.leave-out", words(family)),
                        ChosenValues.of(
                                FAMILIES,
                                families.stream()
                                        .filter(f -> f != family)
                                        .map(ColourFamily::name)
                                        .toList())));
        double tinted = turned(tint.predictedColour(), own);
        if (tinted > HUE_HOLDS) {
            builder.finding(
                    new Finding(tint.id(), say("tint-hue-shade.white-turns-by-the", words(family), tinted), leaveOut));
        }
        if (lift < TINT_LIFT) {
            builder.finding(
                    new Finding(tint.id(), say("tint-hue-shade.white-lifts-by-only", words(family), lift), leaveOut));
        }
        if (drop < SHADE_DROP || turned > HUE_HOLDS || dark.chroma() < SHADE_CHROMA * own.chroma()) {
            builder.finding(new Finding(
                    shade.id(),
                    say(
                            "tint-hue-shade.the-best-shade-of",
                            words(family),
                            drop,
                            turned,
                            100 * dark.chroma() / own.chroma()),
                    leaveOut));
        }
    }

    private static void words(PlanBuilder builder, List<Family> made, Pencil white) {
        builder.step(say("tint-hue-shade.hue-the-two-colours"));
        builder.step(say("tint-hue-shade.tint-the-same-lighter", white.name()));
        if (made.stream().anyMatch(Family::foundationUnder)) {
            builder.step(say("tint-hue-shade.shade-the-dark-first"));
        } else {
            builder.step(say("tint-hue-shade.shade-the-familys-colours"));
        }
        builder.step(say("tint-hue-shade.compare-the-three-at"));
        builder.note(say("tint-hue-shade.show-what-happens-when"));
        builder.note(say("tint-hue-shade.yellow-and-orange-are"));
        builder.fault(
                CommonMistake.TOO_HEAVY, say("tint-hue-shade.muddy-shade"), say("tint-hue-shade.one-whisper-of-the"));
        builder.fault(
                CommonMistake.ORDER_TURNED_ROUND,
                say("tint-hue-shade.tint-chalky-or-barely"),
                say("tint-hue-shade.white-last-firmly"));
        builder.tooMuch(
                CommonMistake.TOO_HEAVY,
                say("tint-hue-shade.shade-too-heavy"),
                say("tint-hue-shade.it-does-not-lift"),
                say("tint-hue-shade.lift-a-little-with"));
    }
}
