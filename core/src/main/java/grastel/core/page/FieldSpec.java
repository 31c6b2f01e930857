package grastel.core.page;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Guide;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A field to be laid out.
 *
 * @param id short name, printed beside it; unique on the sheet
 * @param group fields of one group stand together; its name is printed over them; empty for none
 * @param widthMm width of the field, of a shape the width of its whole form
 * @param heightMm height likewise
 * @param outline closed lines of a shape, mm from the top left of its form; empty for a rectangle
 * @param askedLightness L* of the grey patch shown beside the id; null for none
 * @param asked what is asked, in words, beside the patch
 * @param recipe lines under the field
 * @param inside what is printed in it
 */
public record FieldSpec(
        String id,
        String group,
        double widthMm,
        double heightMm,
        List<List<Point>> outline,
        @Nullable Double askedLightness,
        String asked,
        List<String> recipe,
        Inside inside) {
    /** Faint things to draw by. @param columns and rows of a grid, 1 for none; @param guide lines and small words */
    public record Inside(int columns, int rows, Guide guide) {
        public static final Inside NOTHING = new Inside(1, 1, Guide.NONE);
    }

    public FieldSpec {
        outline = outline.stream().map(List::copyOf).toList();
        recipe = List.copyOf(recipe);
    }

    /** With nothing in it. */
    public FieldSpec(
            String id,
            String group,
            double widthMm,
            double heightMm,
            List<List<Point>> outline,
            @Nullable Double askedLightness,
            String asked,
            List<String> recipe) {
        this(id, group, widthMm, heightMm, outline, askedLightness, asked, recipe, Inside.NOTHING);
    }

    boolean isShape() {
        return !outline.isEmpty();
    }
}
