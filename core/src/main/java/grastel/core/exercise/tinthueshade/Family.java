package grastel.core.exercise.tinthueshade;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Recipe.Step;
import grastel.core.exercise.Setting;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.recipe.School;
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
    /** A hue this light gets its dark at a whisper only, L*. */
    private static final double DELICATE = 62;

    static Family of(List<Pencil> family, Pencil white, Setting setting, PlanBuilder builder) {
        Pencil main = main(family);
        Pencil close = close(main, family);
        List<Step> hue =
                List.of(builder.colour(close, PressureGrade.LIGHT, 2), builder.colour(main, PressureGrade.MEDIUM, 2));
        List<Step> tint =
                List.of(builder.colour(main, PressureGrade.LIGHT, 1), builder.colour(white, PressureGrade.FULL, 3));
        boolean under = setting.method().has(School.FOUNDATION_UNDER);
        return new Family(tint, hue, shade(main, close, builder.predict(hue), setting, builder, under), under);
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

    /** Tries every dark in every small amount: the one that darkens most and keeps hue and chroma, else the least bad. */
    private static List<Step> shade(
            Pencil main, Pencil close, Lab hue, Setting setting, PlanBuilder builder, boolean under) {
        List<PressureGrade> grades = PencilChoice.colour(main).lightness() > DELICATE || under
                ? List.of(PressureGrade.WHISPER, PressureGrade.LIGHT)
                : List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.MEDIUM);
        List<Step> best = List.of(builder.colour(main, PressureGrade.FULL, 3));
        double most = Double.NEGATIVE_INFINITY;
        for (Pencil dark : darks(main, setting)) {
            for (PressureGrade grade : grades) {
                for (PressureGrade own : List.of(PressureGrade.MEDIUM, PressureGrade.FIRM)) {
                    for (int passes = 2; passes <= 3; passes++) {
                        List<Step> tried = shade(builder, dark, grade, main, close, own, passes, under);
                        double worth = worth(builder.predict(tried), hue);
                        if (worth > most) {
                            most = worth;
                            best = tried;
                        }
                    }
                }
            }
        }
        return best;
    }

    private static List<Step> shade(
            PlanBuilder builder,
            Pencil dark,
            PressureGrade grade,
            Pencil main,
            Pencil close,
            PressureGrade own,
            int passes,
            boolean under) {
        List<Step> steps = new ArrayList<>();
        if (under) {
            steps.add(builder.blockedIn(dark, grade, 1));
        }
        steps.add(builder.colour(close, PressureGrade.LIGHT, passes));
        steps.add(builder.colour(main, own, passes));
        if (!under) {
            steps.add(builder.colour(dark, grade, 1));
        }
        return steps;
    }

    /** Darker pencils, cool ones and relatives first of all; blacks only where the method has them. */
    private static List<Pencil> darks(Pencil main, Setting setting) {
        double lightness = PencilChoice.colour(main).lightness();
        Optional<Pencil> black = PencilChoice.black(setting);
        boolean blackAllowed = !setting.method().has(School.BLACK_MIXED);
        return setting.colours().stream()
                .filter(p -> PencilChoice.colour(p).lightness() < Math.min(50, lightness - 5))
                .filter(p -> blackAllowed || black.filter(p::equals).isEmpty())
                .toList();
    }

    /** How good a shade is: its drop, less what it loses beyond the goal in hue and chroma. */
    private static double worth(Lab shade, Lab hue) {
        double turned = Math.abs(Math.IEEEremainder(shade.hueDegrees() - hue.hueDegrees(), 360));
        double drop = Math.min(18, hue.lightness() - shade.lightness());
        double chroma = shade.chroma() / Math.max(1, hue.chroma());
        return drop - 1.5 * Math.max(0, turned - 12) - 80 * Math.max(0, 0.5 - chroma) - 0.1 * turned;
    }
}
