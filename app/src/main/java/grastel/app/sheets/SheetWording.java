package grastel.app.sheets;

import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.FieldPlan;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.FieldSpec;
import grastel.core.page.SheetWords;
import grastel.core.recipe.PressureRecipe;
import java.util.List;
import java.util.Locale;

/** The words on a printed pressure scale. */
final class SheetWording {
    private SheetWording() {}

    static String title(Pencil pencil) {
        return "Pressure scale in " + pencil.name();
    }

    static SheetWords words(String title, ExercisePlan plan, Pencil pencil, Paper paper) {
        int boxes = plan.fields().size();
        String ends = plan.darkening() ? "from just visible to rich and solid" : "from rich and solid to just visible";
        return new SheetWords(
                title,
                boxes + " equal steps, " + ends + ". Even inside, neat at the edge.",
                "Name",
                "Class",
                "Date",
                List.of(
                        "Sharpen. Hold the pencil loosely; let its own weight make the lightest box.",
                        "Small overlapping circles. Go over a box again from another side rather than pressing harder.",
                        "Give each next box one clear step more. The grey patch beside its number is the value to reach.",
                        "The darkest box last: press, and go over it until no white paper shows.",
                        "Squint from arm's length: are the steps equal? Correct the lighter of two that are alike."),
                "Try your pressures here first. This strip is not marked.",
                List.of(
                        "Pencil: " + pencil.code() + " " + pencil.name() + " · Paper: " + paper.name() + " · about "
                                + Math.round(plan.minutes()) + " min",
                        "Rest hand and eyes now and then; no pencils or brushes in the mouth. School rules and your teacher decide."));
    }

    static List<FieldSpec> fields(ExercisePlan plan) {
        return plan.fields().stream().map(SheetWording::field).toList();
    }

    private static FieldSpec field(FieldPlan field) {
        String value =
                String.format(Locale.ROOT, "value %.1f", MunsellValue.of(Lab.luminanceOf(field.askedLightness())));
        return new FieldSpec(
                field.id(), field.widthMm(), field.heightMm(), field.askedLightness(), value, recipe(field.recipe()));
    }

    private static List<String> recipe(PressureRecipe recipe) {
        String pressure = recipe.grade().name().toLowerCase(Locale.ROOT);
        return List.of(pressure, recipe.passes() == 1 ? "1 pass" : recipe.passes() + " passes");
    }
}
