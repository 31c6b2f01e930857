package grastel.core.exercise.asked;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something the plan cannot fully do, or that wants care.
 *
 * @param field the field it concerns, or null for the whole exercise
 * @param words what, with its figures
 * @param remedies changes of the parameters that would help, the best first
 */
public record Finding(@Nullable String field, String words, List<Remedy> remedies) {
    public Finding {
        remedies = List.copyOf(remedies);
    }

    /** @param words the change in a few words, as on a button; @param change new values by parameter */
    public record Remedy(String words, ChosenValues change) {}

    public static Finding of(@Nullable String field, String words) {
        return new Finding(field, words, List.of());
    }
}
