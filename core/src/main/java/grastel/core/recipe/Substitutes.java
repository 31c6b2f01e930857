package grastel.core.recipe;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.List;

/** Pencils to use in place of one that is missing, value first. */
public final class Substitutes {
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
                .map(p -> compare(p, wanted))
                .sorted(Comparator.comparingDouble(Substitute::error))
                .limit(most)
                .toList();
    }

    private static Substitute compare(Pencil pencil, Lab wanted) {
        Lab colour = pencil.masstone().toLab();
        boolean grey = Math.min(colour.chroma(), wanted.chroma()) < SetGamut.GREYISH;
        double turn = Math.IEEEremainder(colour.hueDegrees() - wanted.hueDegrees(), 360);
        return new Substitute(
                pencil, ColourDifference.valueFirst(wanted, colour), colour.value() - wanted.value(), grey ? 0 : turn);
    }
}
