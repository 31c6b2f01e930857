package grastel.core.project;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.RecipeFinder.Found;
import grastel.core.recipe.RecipeFinder.Limits;
import grastel.core.recipe.Target;
import grastel.core.reference.Zones.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A zone's own, light and shadow colour as near as pencils come to it on a paper. */
public final class ZoneColours {
    /** What is nearer to the zone's own colour than this is no colour of its own, ΔE00. */
    private static final double APART = 4;

    /** What the paper itself comes as near to is left bare, ΔE00. */
    private static final double BARE = 3;

    private ZoneColours() {}

    /** Which of a zone's colours. */
    public enum Part {
        OWN,
        LIGHT,
        SHADOW
    }

    /**
     * A colour that can be laid.
     *
     * @param wanted as the picture has it
     * @param layers first layer first; none where the paper stays bare
     * @param colour predicted
     * @param minutes for a box of 4 cm²
     */
    public record Mixed(Part part, Lab wanted, List<Layer> layers, Lab colour, double minutes) {
        public Mixed {
            layers = List.copyOf(layers);
        }

        /** How far it is off, ΔE00. */
        public double error() {
            return ColourDifference.ciede2000(wanted, colour);
        }

        /** How much lighter than wanted, Munsell value. */
        public double valueOff() {
            return colour.value() - wanted.value();
        }
    }

    /** The own colour first; light and shadow where the zone has them apart from it. */
    public static List<Mixed> of(Zone zone, Paper paper, List<Pencil> pencils, Method method) {
        List<Mixed> all = new ArrayList<>();
        mixed(Part.OWN, zone.own(), paper, pencils, method).ifPresent(all::add);
        if (isApart(zone.light(), zone.own())) {
            mixed(Part.LIGHT, zone.light(), paper, pencils, method).ifPresent(all::add);
        }
        if (isApart(zone.shadow(), zone.own())) {
            mixed(Part.SHADOW, zone.shadow(), paper, pencils, method).ifPresent(all::add);
        }
        return all;
    }

    private static boolean isApart(Lab one, Lab other) {
        return ColourDifference.ciede2000(one, other) >= APART;
    }

    private static Optional<Mixed> mixed(Part part, Lab wanted, Paper paper, List<Pencil> pencils, Method method) {
        Lab ground = paper.ground().toLab();
        if (ColourDifference.ciede2000(wanted, ground) < BARE) {
            return Optional.of(new Mixed(part, wanted, List.of(), ground, 0));
        }
        Optional<Found> found =
                RecipeFinder.closest(new Target(wanted, method.closeness()), paper, pencils, method, Limits.USUAL);
        return found.map(f -> new Mixed(part, wanted, f.layers(), f.colour(), f.minutes()));
    }
}
