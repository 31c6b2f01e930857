package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.List;

/** Complements among the pencils owned, found by mixing: the partner whose layers come closest to neutral. */
public final class Complements {
    private static final double COLOURFUL = 15;

    private Complements() {}

    /** @param chroma of equal parts laid by turns; @param colour of them */
    public record Pair(Pencil complement, Lab colour, double chroma) {}

    /** The most neutral first; only pencils that themselves have a hue. */
    public static List<Pair> of(Pencil colour, List<Pencil> among, Paper paper) {
        return among.stream()
                .filter(p -> !p.equals(colour)
                        && !p.colourless()
                        && p.masstone().toLab().chroma() > COLOURFUL)
                .map(p -> pair(colour, p, paper))
                .sorted(Comparator.comparingDouble(Pair::chroma))
                .toList();
    }

    private static Pair pair(Pencil one, Pencil other, Paper paper) {
        Pass first = Pass.of(one, PressureGrade.LIGHT);
        Pass second = Pass.of(other, PressureGrade.LIGHT);
        Lab mixed = Swatch.bare(paper)
                .with(first, 2)
                .with(second, 2)
                .with(first)
                .with(second)
                .colour();
        return new Pair(other, mixed, mixed.chroma());
    }
}
