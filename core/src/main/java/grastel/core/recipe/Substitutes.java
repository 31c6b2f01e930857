package grastel.core.recipe;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.List;

/**
 * Pencils to use in place of one that is missing: of the same family of hue, about as strong and about as dark. Nothing where
 * none is near, so that a grey never stands in for a blue.
 */
public final class Substitutes {
    /** Hues further apart are read as another colour, degrees. */
    private static final double SAME_HUE = 35;
    /** One is at most so many times as strong as the other. */
    private static final double SAME_CHROMA = 2;
    /** Values further apart make another picture, Munsell steps. */
    private static final double SAME_VALUE = 2;

    private Substitutes() {}

    /**
     * @param error ΔE00 with value counted double
     * @param deltaValue Munsell value of the substitute less the missing one's
     * @param deltaHue degrees of CIELAB hue, −180…180; 0 where either is grey
     */
    public record Substitute(Pencil pencil, double error, double deltaValue, double deltaHue) {}

    /** The nearest first. @param among may hold the missing pencil itself; it is passed over */
    public static List<Substitute> of(Pencil missing, List<Pencil> among, int most) {
        Lab wanted = missing.masstone().toLab();
        return among.stream()
                .filter(p -> !p.colourless() && !p.equals(missing))
                .filter(p -> p.binder() == missing.binder()
                        || p.binder().isPencil() && missing.binder().isPencil())
                .filter(p -> isNear(p.masstone().toLab(), wanted))
                .map(p -> compare(p, wanted))
                .sorted(Comparator.comparingDouble(Substitute::error))
                .limit(most)
                .toList();
    }

    private static boolean isNear(Lab colour, Lab wanted) {
        if (Math.abs(colour.value() - wanted.value()) > SAME_VALUE) {
            return false;
        }
        double weaker = Math.min(colour.chroma(), wanted.chroma());
        double stronger = Math.max(colour.chroma(), wanted.chroma());
        if (weaker < SetGamut.GREYISH) {
            return stronger < SetGamut.GREYISH * SAME_CHROMA;
        }
        double turn = Math.IEEEremainder(colour.hueDegrees() - wanted.hueDegrees(), 360);
        return stronger <= SAME_CHROMA * weaker && Math.abs(turn) <= SAME_HUE;
    }

    private static Substitute compare(Pencil pencil, Lab wanted) {
        Lab colour = pencil.masstone().toLab();
        boolean grey = Math.min(colour.chroma(), wanted.chroma()) < SetGamut.GREYISH;
        double turn = Math.IEEEremainder(colour.hueDegrees() - wanted.hueDegrees(), 360);
        return new Substitute(
                pencil, ColourDifference.valueFirst(wanted, colour), colour.value() - wanted.value(), grey ? 0 : turn);
    }
}
