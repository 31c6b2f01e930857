package grastel.core.planning;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a course is held against.
 *
 * @param students in the class, ≥ 0
 * @param secure how far the class is in the skills it has marks for
 * @param copies pencils at hand and how many of each, ≥ 1; null where nobody said what the class has
 * @param ready share of a class that must be secure in what a lesson needs, 0…1
 */
public record ClassFacts(
        int students,
        GradeBand band,
        Method method,
        Map<Skill, Secure> secure,
        @Nullable Map<Pencil, Integer> copies,
        double ready) {
    /** Two of three. */
    public static final double USUALLY_READY = 2.0 / 3;

    public ClassFacts {
        secure = Map.copyOf(secure);
        copies = copies == null ? null : Map.copyOf(copies);
    }

    /** @param students secure in a skill; @param of those with marks for it */
    public record Secure(int students, int of) {}

    /**
     * Copies of a pencil at hand, 0 where it is not. A plan keeps its pencils as they were when it was made: one calibrated since
     * is still the same pencil, known by its code and name.
     *
     * @return null where nobody said what the class has
     */
    public @Nullable Integer copiesOf(Pencil pencil) {
        return copies == null
                ? null
                : copies.entrySet().stream()
                        .filter(e -> e.getKey().title().equals(pencil.title()))
                        .mapToInt(Map.Entry::getValue)
                        .sum();
    }

    boolean isReady(Secure found) {
        return found.students() >= ready * found.of();
    }

    List<Pencil> pencils() {
        return copies == null ? List.of() : List.copyOf(copies.keySet());
    }
}
