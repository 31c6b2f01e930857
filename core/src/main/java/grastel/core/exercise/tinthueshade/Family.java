package grastel.core.exercise.tinthueshade;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.media.ColourFamily;
import grastel.core.media.Masstone;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Recipes for one family.
 *
 * @param foundationUnder true where the dark of the shade lies under its own colours
 */
record Family(List<Step> tint, List<Step> hue, List<Step> shade, boolean foundationUnder) {
    /** A tint is plainly lighter and still has room to be lighter than its hue, L*. */
    private static final double LIFT = 16;
    /** A tint keeps at least this share of its hue's chroma, or it reads as white. */
    private static final double TINT_CHROMA = 0.4;
    /** A shade is plainly darker, L*. */
    private static final double DROP = 9;
    /** So many of the best darks are tried two by two. */
    private static final int PAIRED = 4;

    private static final double HUE_HOLDS = 12;
    /** Amounts of a dark, the lightest first: a whisper or light layers, no more. */
    private static final List<Foundation> FOUNDATIONS = List.of(
            new Foundation(PressureGrade.WHISPER, 1),
            new Foundation(PressureGrade.LIGHT, 1),
            new Foundation(PressureGrade.LIGHT, 2));

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
                tint(main, close, white, own, builder), hue, shade(main, hue, own, setting, builder, under), under);
    }

    /** Those of a family that lie near its place on the wheel, all where none does: a family reaches halfway to the next. */
    private static List<Pencil> ofTheHue(ColourFamily name, List<Pencil> family) {
        List<Pencil> near =
                family.stream().filter(p -> name.isNear(PencilChoice.colour(p))).toList();
        return near.isEmpty() ? family : near;
    }

    /** Tries how much colour under one pressed layer of white: plainly lighter, and as little of hue and chroma lost as can be. */
    private static List<Step> tint(Pencil main, Pencil close, Pencil white, Lab hue, PlanBuilder builder) {
        List<List<Step>> all = new ArrayList<>();
        Step last = builder.colour(white, PressureGrade.FULL, 1);
        for (PressureGrade grade : List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM)) {
            for (int passes = 1; passes <= 3; passes++) {
                all.add(List.of(builder.colour(main, grade, passes), last));
                all.add(List.of(
                        builder.colour(close, PressureGrade.LIGHT, 1), builder.colour(main, grade, passes), last));
            }
        }
        return all.stream()
                .max(Comparator.comparingDouble(tried -> tintWorth(builder.predict(tried), hue)))
                .orElseThrow();
    }

    private static double tintWorth(Lab tint, Lab hue) {
        double lift = Math.min(LIFT, tint.lightness() - hue.lightness());
        double chroma = tint.chroma() / Math.max(1, hue.chroma());
        return 2 * lift
                - 1.5 * Math.max(0, turned(tint, hue) - HUE_HOLDS)
                - 100 * Math.max(0, TINT_CHROMA - chroma)
                + 30 * Math.min(0.8, chroma);
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
     * The hue at its own pressure with a little of one dark or two, under it or over it: pressing harder makes no shade. Tries
     * every dark in every amount; the one that darkens enough, keeps hue and chroma and is laid as lightly as that allows, else
     * the least bad. Without any dark, the hue alone.
     */
    private static List<Step> shade(
            Pencil main, List<Step> own, Lab hue, Setting setting, PlanBuilder builder, boolean under) {
        List<Shade> all = new ArrayList<>();
        List<Pencil> darks = darks(main, setting);
        for (Pencil dark : darks) {
            for (int weight = 0; weight < FOUNDATIONS.size(); weight++) {
                all.add(new Shade(
                        shade(List.of(FOUNDATIONS.get(weight).of(builder, dark, under)), own, under), weight));
            }
        }
        List<Pencil> best = all.stream()
                .sorted(Comparator.comparingDouble((Shade s) -> -worth(s, builder, hue)))
                .map(s -> builder.pencil(s.steps().get(under ? 0 : own.size())))
                .distinct()
                .limit(PAIRED)
                .toList();
        for (Pencil one : best) {
            for (Pencil other : best) {
                if (!one.equals(other)) {
                    Foundation light = FOUNDATIONS.get(1);
                    List<Step> both = List.of(light.of(builder, one, under), light.of(builder, other, under));
                    all.add(new Shade(shade(both, own, under), FOUNDATIONS.size()));
                }
            }
        }
        return all.stream()
                .max(Comparator.comparingDouble(s -> worth(s, builder, hue)))
                .map(Shade::steps)
                .orElse(own);
    }

    private static double worth(Shade tried, PlanBuilder builder, Lab hue) {
        return shadeWorth(builder.predict(tried.steps()), hue) - 1.5 * tried.weight();
    }

    private static List<Step> shade(List<Step> darks, List<Step> own, boolean under) {
        List<Step> steps = new ArrayList<>(own);
        steps.addAll(under ? 0 : own.size(), darks);
        return List.copyOf(steps);
    }

    /** Cool or neutral darker pencils; blacks only where the method has them. */
    private static List<Pencil> darks(Pencil main, Setting setting) {
        double lightness = PencilChoice.colour(main).lightness();
        boolean blackAllowed = !setting.method().has(MethodAnswer.BLACK_MIXED);
        return setting.colours().stream()
                .filter(p -> !p.equals(main))
                .filter(p -> PencilChoice.colour(p).lightness() < Math.min(50, lightness - 5))
                .filter(p -> blackAllowed || !Masstone.isBlack(PencilChoice.colour(p)))
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
