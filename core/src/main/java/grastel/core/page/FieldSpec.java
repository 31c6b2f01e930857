package grastel.core.page;

import java.util.List;

/**
 * A box to be laid out.
 *
 * @param id short name, printed as its number
 * @param widthMm box width
 * @param heightMm box height
 * @param askedLightness L* of the grey patch shown beside the number
 * @param asked the asked value in words, beside the patch
 * @param recipe lines under the box
 */
public record FieldSpec(
        String id, double widthMm, double heightMm, double askedLightness, String asked, List<String> recipe) {
    public FieldSpec {
        recipe = List.copyOf(recipe);
    }
}
