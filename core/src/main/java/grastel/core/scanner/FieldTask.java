package grastel.core.scanner;

import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.SheetPlan;
import grastel.core.layering.Layer;
import grastel.core.page.PageLayout;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a field asks of the hand.
 *
 * @param field the field's id
 * @param along layers at equal distances from left to right; one list for an even field
 */
public record FieldTask(String field, List<List<Layer>> along) {
    public FieldTask {
        along = along.stream().map(List::copyOf).toList();
        if (along.isEmpty()) {
            throw new IllegalArgumentException("Field " + field + " needs layers at one place at least");
        }
    }

    /** An even field. */
    static FieldTask even(String field, List<Layer> layers) {
        return new FieldTask(field, List.of(layers));
    }

    /** All fields of a page as planned, along strips at every place that was predicted. */
    public static List<FieldTask> of(SheetPlan plan, PageLayout page) {
        return page.fields().stream().map(f -> of(plan, f.id())).toList();
    }

    private static FieldTask of(SheetPlan plan, String id) {
        FieldPlan field = plan.field(id);
        int places = field.predicted().size();
        return new FieldTask(
                id,
                IntStream.range(0, places)
                        .mapToObj(i -> plan.exerciseOf(id).layers(field, places == 1 ? 0.5 : i / (places - 1.0)))
                        .toList());
    }
}
