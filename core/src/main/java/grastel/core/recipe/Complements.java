package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.List;

/**
 * Partners that grey a colour, among the pencils owned. They are found by mixing: the wheel's opposite is often only near, as
 * pencils' opposites lie 97–150° apart in CIELAB.
 */
public final class Complements {
    private static final double COLOURFUL = 15;
    /** A mixture with more of the duller one's chroma is no neutral. */
    private static final double NEUTRAL_SHARE = 0.45;

    private static final int PASSES = 3;

    private Complements() {}

    /**
     * @param chroma of equal parts laid lightly by turns
     * @param colour of them
     * @param neutral whether that counts as a neutral: under {@value #NEUTRAL_SHARE} of the chroma of the duller of the two
     */
    public record Pair(Pencil complement, Lab colour, double chroma, boolean neutral) {}

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

    /** One pair. */
    public static Pair pair(Pencil one, Pencil other, Paper paper) {
        Pass first = Pass.of(one, PressureGrade.LIGHT);
        Pass second = Pass.of(other, PressureGrade.LIGHT);
        Swatch bare = Swatch.bare(paper);
        Lab mixed = bare.with(first, 2).with(second, 2).with(first).with(second).colour();
        double duller = Math.min(
                bare.with(first, PASSES).colour().chroma(),
                bare.with(second, PASSES).colour().chroma());
        return new Pair(other, mixed, mixed.chroma(), mixed.chroma() < NEUTRAL_SHARE * duller);
    }
}
