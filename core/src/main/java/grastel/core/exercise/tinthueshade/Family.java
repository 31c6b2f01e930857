package grastel.core.exercise.tinthueshade;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.media.ColourFamily;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Recipes for one family.
 *
 * @param foundationUnder true where the dark of the shade lies under its own colours
 */
record Family(List<Step> tint, List<Step> hue, List<Step> shade, boolean foundationUnder) {
    /** A tint is plainly lighter and still has room to be lighter than its hue, L*. */
    private static final double LIFT = 16;
    /** A shade is plainly darker, L*. */
    private static final double DROP = 12;

    private static final double HUE_HOLDS = 12;
    /** Amounts of the dark, the lightest first. */
    private static final List<Foundation> FOUNDATIONS = List.of(
            new Foundation(PressureGrade.WHISPER, 1),
            new Foundation(PressureGrade.LIGHT, 1),
            new Foundation(PressureGrade.LIGHT, 2),
            new Foundation(PressureGrade.MEDIUM, 1),
            new Foundation(PressureGrade.MEDIUM, 2));

    private record Foundation(PressureGrade grade, int passes) {
        Step of(PlanBuilder builder, Pencil dark, boolean under) {
            return under ? builder.blockedIn(dark, grade, passes) : builder.colour(dark, grade, passes);
        }
    }

    /** @param weight of its dark: its place among {@link #FOUNDATIONS} */
    private record Shade(List<Step> steps, int weight) {}

    static Family of(ColourFamily name, List<Pencil> family, Pencil white, Setting setting, PlanBuilder builder) {
        List<Pencil> pure = ofTheHue(name, family);
        Pencil main = main(pure);
        Pencil close = close(main, pure.size() > 1 ? pure : family);
        List<Step> hue =
                List.of(builder.colour(close, PressureGrade.LIGHT, 2), builder.colour(main, PressureGrade.MEDIUM, 2));
        Lab own = builder.predict(hue);
        boolean under = setting.method().has(MethodAnswer.FOUNDATION_UNDER);
        return new Family(
                tint(main, close, white, own, builder), hue, shade(main, close, own, setting, builder, under), under);
    }

    /** Those of a family that lie near its place on the wheel, all where none does: a family reaches halfway to the next. */
    private static List<Pencil> ofTheHue(ColourFamily name, List<Pencil> family) {
        List<Pencil> near =
                family.stream().filter(p -> name.isNear(PencilChoice.colour(p))).toList();
        return near.isEmpty() ? family : near;
    }

    /** Tries how much colour bears how much white: plainly lighter, and as little of hue and chroma lost as can be. */
    private static List<Step> tint(Pencil main, Pencil close, Pencil white, Lab hue, PlanBuilder builder) {
        List<List<Step>> all = new ArrayList<>();
        for (PressureGrade grade : List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM)) {
            for (int passes = 1; passes <= 2; passes++) {
                for (int whites = 1; whites <= 3; whites++) {
                    Step last = builder.colour(white, PressureGrade.FULL, whites);
                    all.add(List.of(builder.colour(main, grade, passes), last));
                    all.add(List.of(
                            builder.colour(close, PressureGrade.LIGHT, 1), builder.colour(main, grade, passes), last));
                }
            }
        }
        return all.stream()
                .max(Comparator.comparingDouble(tried -> tintWorth(builder.predict(tried), hue)))
                .orElseThrow();
    }

    private static double tintWorth(Lab tint, Lab hue) {
        double lift = Math.min(LIFT, tint.lightness() - hue.lightness());
        double chroma = tint.chroma() / Math.max(1, hue.chroma());
        return 2 * lift - 1.5 * Math.max(0, turned(tint, hue) - HUE_HOLDS) + 30 * Math.min(0.8, chroma);
    }

    private static double turned(Lab one, Lab other) {
        return Math.abs(Math.IEEEremainder(one.hueDegrees() - other.hueDegrees(), 360));
    }

    /** The purest of the family, leaving out what is nearly white or nearly black. */
    private static Pencil main(List<Pencil> family) {
        return family.stream()
                .max(Comparator.comparingDouble(p -> PencilChoice.colour(p).chroma()
                        - 0.5 * Math.max(0, 35 - PencilChoice.colour(p).lightness())))
                .orElseThrow();
    }

    /** The nearest other pencil of the family; the same again where there is none. */
    private static Pencil close(Pencil main, List<Pencil> family) {
        return family.stream()
                .filter(p -> !p.equals(main))
                .min(Comparator.comparingDouble(
                        p -> ColourDifference.ciede2000(PencilChoice.colour(p), PencilChoice.colour(main))))
                .orElse(main);
    }

    /**
     * Tries every dark in every amount up to a medium one: the one that darkens enough, keeps hue and chroma and is itself laid
     * as lightly as that allows, else the least bad. Without any dark, the hue's own pencil pressed hard.
     */
    private static List<Step> shade(
            Pencil main, Pencil close, Lab hue, Setting setting, PlanBuilder builder, boolean under) {
        List<Shade> all = new ArrayList<>();
        for (Pencil dark : darks(main, setting)) {
            for (int weight = 0; weight < FOUNDATIONS.size(); weight++) {
                Step foundation = FOUNDATIONS.get(weight).of(builder, dark, under);
                for (PressureGrade own : List.of(PressureGrade.MEDIUM, PressureGrade.FIRM)) {
                    for (int passes = 2; passes <= 3; passes++) {
                        List<Step> over = List.of(
                                builder.colour(close, PressureGrade.LIGHT, passes), builder.colour(main, own, passes));
                        all.add(new Shade(shade(foundation, over, under), weight));
                    }
                }
            }
        }
        return all.stream()
                .max(Comparator.comparingDouble(
                        tried -> shadeWorth(builder.predict(tried.steps()), hue) - 1.5 * tried.weight()))
                .map(Shade::steps)
                .orElseGet(() -> List.of(builder.colour(main, PressureGrade.FULL, 3)));
    }

    private static List<Step> shade(Step dark, List<Step> own, boolean under) {
        List<Step> steps = new ArrayList<>(own);
        steps.add(under ? 0 : own.size(), dark);
        return List.copyOf(steps);
    }

    /** Darker pencils, cool ones and relatives first of all; blacks only where the method has them. */
    private static List<Pencil> darks(Pencil main, Setting setting) {
        double lightness = PencilChoice.colour(main).lightness();
        Optional<Pencil> black = PencilChoice.black(setting);
        boolean blackAllowed = !setting.method().has(MethodAnswer.BLACK_MIXED);
        return setting.colours().stream()
                .filter(p -> PencilChoice.colour(p).lightness() < Math.min(50, lightness - 5))
                .filter(p -> blackAllowed || black.filter(p::equals).isEmpty())
                .toList();
    }

    /** How good a shade is: its drop, less what it loses beyond the goal in hue and chroma. */
    private static double shadeWorth(Lab shade, Lab hue) {
        double turned = turned(shade, hue);
        double drop = Math.min(DROP, hue.lightness() - shade.lightness());
        double chroma = shade.chroma() / Math.max(1, hue.chroma());
        return 2 * drop
                - 1.5 * Math.max(0, turned - HUE_HOLDS)
                - 80 * Math.max(0, 0.5 - chroma)
                - 30 * Math.max(0, chroma - 1.2)
                - 0.1 * turned;
    }
}
