package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Blacks mixed from two dark colours, neither of them black. */
public final class MixedBlacks {
    private static final double DARK = 42;
    private static final double DARK_ENOUGH = 30;
    private static final double NEUTRAL_ENOUGH = 14;

    private MixedBlacks() {}

    /** @param under laid first and once more at the end; @param over between; @param layers how */
    public record Mixed(Pencil under, Pencil over, List<Layer> layers, Lab colour) {
        public Mixed {
            layers = List.copyOf(layers);
        }
    }

    /** The deepest and most neutral first; no pencil is used in more than two of them. */
    public static List<Mixed> of(List<Pencil> among, Paper paper, int most) {
        List<Pencil> darks = among.stream()
                .filter(p -> !p.colourless() && p.masstone().toLab().lightness() < DARK)
                .filter(p -> p.masstone().toLab().chroma() > 8)
                .toList();
        List<Mixed> all = new ArrayList<>();
        for (Pencil under : darks) {
            for (Pencil over : darks) {
                if (!under.equals(over)) {
                    all.add(mix(under, over, paper));
                }
            }
        }
        all.removeIf(m -> m.colour().lightness() > DARK_ENOUGH || m.colour().chroma() > NEUTRAL_ENOUGH);
        all.sort(Comparator.comparingDouble(
                m -> m.colour().lightness() + 1.3 * m.colour().chroma()));
        return varied(all, most);
    }

    private static List<Mixed> varied(List<Mixed> sorted, int most) {
        List<Mixed> chosen = new ArrayList<>();
        for (Mixed mixed : sorted) {
            if (chosen.size() < most
                    && uses(chosen, mixed.under()) < 2
                    && uses(chosen, mixed.over()) < 2
                    && chosen.stream()
                            .noneMatch(c ->
                                    c.under().equals(mixed.over()) && c.over().equals(mixed.under()))) {
                chosen.add(mixed);
            }
        }
        return List.copyOf(chosen);
    }

    private static long uses(List<Mixed> chosen, Pencil pencil) {
        return chosen.stream()
                .filter(c -> c.under().equals(pencil) || c.over().equals(pencil))
                .count();
    }

    private static Mixed mix(Pencil under, Pencil over, Paper paper) {
        List<Layer> layers = List.of(
                new Layer.Colour(Pass.of(under, PressureGrade.MEDIUM), 2),
                new Layer.Colour(Pass.of(over, PressureGrade.FIRM), 2),
                new Layer.Colour(Pass.of(under, PressureGrade.FULL), 1));
        return new Mixed(
                under,
                over,
                layers,
                new Stack(paper, Optional.empty(), layers).swatch().colour());
    }
}
