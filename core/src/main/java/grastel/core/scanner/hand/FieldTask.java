package grastel.core.scanner.hand;

import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.layering.Layer;
import grastel.core.page.PageLayout;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a field asks of the hand.
 *
 * @param field the field's id
 * @param along layers of its tones: of a strip from left to right at equal distances; one list for an even field
 * @param drawing where which of them lies
 */
public record FieldTask(String field, List<List<Layer>> along, Drawing drawing) {
    /** What lies where in a field; places are shares of its width and height. */
    public interface Drawing {
        /** Number of the tone at a place; between two numbers what lies between. */
        double tone(double across, double down);

        /** Share of the asked pressure there. */
        default double pressure(double across, double down) {
            return 1;
        }

        default double leastPressure() {
            return 1;
        }

        default double mostPressure() {
            return 1;
        }

        /** The same as one hand draws it this time. */
        default Drawing by(Hand hand, long seed) {
            return this;
        }
    }

    /** From left to right. */
    private record Strip(int tones) implements Drawing {
        @Override
        public double tone(double across, double down) {
            return across * (tones - 1);
        }
    }

    /** A strip, or an even field. */
    public FieldTask(String field, List<List<Layer>> along) {
        this(field, along, new Strip(along.size()));
    }

    public boolean isStrip() {
        return drawing instanceof Strip && along.size() > 1;
    }

    public FieldTask {
        along = along.stream().map(List::copyOf).toList();
        if (along.isEmpty()) {
            throw new IllegalArgumentException("Field " + field + " needs layers at one place at least");
        }
    }

    /** An even field. */
    public static FieldTask even(String field, List<Layer> layers) {
        return new FieldTask(field, List.of(layers));
    }

    /** All fields of a page as planned, along strips at every place that was predicted. */
    public static List<FieldTask> of(SheetPlan plan, PageLayout page) {
        return page.fields().stream().map(f -> of(plan, f.id())).toList();
    }

    private static FieldTask of(SheetPlan plan, String id) {
        FieldPlan field = plan.field(id);
        if (field.hasPicture()) {
            return PieceTask.of(plan.exerciseOf(id), field);
        }
        int places = field.predicted().size();
        return new FieldTask(
                id,
                IntStream.range(0, places)
                        .mapToObj(i -> plan.exerciseOf(id).layers(field, places == 1 ? 0.5 : i / (places - 1.0)))
                        .toList());
    }
}
