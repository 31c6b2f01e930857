package grastel.core.recipe;

import grastel.core.layering.PressureGrade;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One pencil laid at one pressure, or at two, the softer first, and what that gives.
 *
 * @param foundation how hard a darker pencil is laid under it, once; null for none
 * @param layers one or two, the first laid first
 * @param lightness predicted L*
 * @param specks predicted share of paper still showing, 0…1
 * @param toothLeft predicted room for more layers, 0…1
 */
public record PressureRecipe(
        @Nullable PressureGrade foundation, List<Candidate> layers, double lightness, double specks, double toothLeft) {
    /** @param passes how often the field is gone over, 1…5 */
    public record Candidate(PressureGrade grade, int passes) {}

    public PressureRecipe {
        layers = List.copyOf(layers);
    }

    /** How often the field is gone over with the pencil itself. */
    public int passes() {
        return layers.stream().mapToInt(Candidate::passes).sum();
    }
}
