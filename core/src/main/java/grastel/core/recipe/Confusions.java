package grastel.core.recipe;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.ColourVision;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Pencils that some eyes tell apart by their labels only. */
public final class Confusions {
    /** Below this two colours beside each other are taken for one, ΔE00. */
    public static final double ALIKE = 5;

    private Confusions() {}

    /** @param vision in which they are most alike; @param deltaE ΔE00 in it */
    public record Confusion(Pencil one, Pencil other, ColourVision vision, double deltaE) {}

    /** Pairs that usual eyes tell apart and at least one other kind does not, the most alike first. */
    public static List<Confusion> of(List<Pencil> pencils) {
        List<Confusion> found = new ArrayList<>();
        for (int i = 0; i < pencils.size(); i++) {
            for (Pencil other : pencils.subList(i + 1, pencils.size())) {
                between(pencils.get(i), other).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparingDouble(Confusion::deltaE));
        return List.copyOf(found);
    }

    private static Optional<Confusion> between(Pencil one, Pencil other) {
        Lab a = one.masstone().toLab();
        Lab b = other.masstone().toLab();
        if (one.colourless() || other.colourless() || ColourDifference.ciede2000(a, b) < ALIKE) {
            return Optional.empty();
        }
        return Stream.of(ColourVision.values())
                .map(v -> new Confusion(one, other, v, ColourDifference.ciede2000(v.seen(a), v.seen(b))))
                .filter(c -> c.deltaE() < ALIKE)
                .min(Comparator.comparingDouble(Confusion::deltaE));
    }
}
