package grastel.core.project;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.RecipeFinder.Family;
import grastel.core.recipe.RecipeFinder.Limits;
import grastel.core.recipe.Target;
import grastel.core.reference.Zones.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A zone's own, light and shadow colour as near as pencils come to it on a paper. */
public final class ZoneColours {
    /** What is nearer to the zone's own colour than this is no colour of its own, ΔE00. */
    private static final double APART = 4;

    /** What the paper itself comes as near to is left bare, ΔE00. */
    private static final double BARE = 3;

    /** Nearer than bare paper by less is not worth covering it, as the target measures. */
    private static final double WORTH = 1;

    /** Light with less chroma is white, C*. */
    private static final double COLOURLESS = 10;

    /** Light and shadow differ from the own colour by so much at least, L*. */
    private static final double DIFFERENT = 2;

    private static final double MOST_LIGHTNESS = 101;

    /** There may be sixty of them to be found while a teacher waits. */
    private static final Limits QUICK = new Limits(4, Limits.USUAL.grades(), 2_500);

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

    /** The own colour first; light and shadow where the zone has them apart from it, with its pencils and like its grain. */
    public static List<Mixed> of(Zone zone, Paper paper, List<Pencil> pencils, Method method) {
        Mixed own = mixed(Part.OWN, zone.own(), paper, pencils, method, Optional.empty());
        List<Mixed> all = new ArrayList<>(List.of(own));
        Swatch seen = new Stack(paper, Optional.empty(), own.layers()).swatch();
        List<Pencil> family = own.layers().stream()
                .flatMap(l -> Stream.ofNullable(l.pencil()))
                .distinct()
                .toList();
        if (isApart(zone.light(), zone.own())) {
            Family lighter = new Family(
                    family, seen.specks(), MOST_LIGHTNESS, own.colour().lightness() + DIFFERENT);
            all.add(mixed(Part.LIGHT, zone.light(), paper, pencils, method, inFamily(family, lighter)));
        }
        if (isApart(zone.shadow(), zone.own())) {
            Family darker = new Family(family, seen.specks(), own.colour().lightness() - DIFFERENT, 0);
            all.add(mixed(Part.SHADOW, zone.shadow(), paper, pencils, method, inFamily(family, darker)));
        }
        return all;
    }

    private static Optional<Family> inFamily(List<Pencil> pencils, Family family) {
        return pencils.isEmpty() ? Optional.empty() : Optional.of(family);
    }

    private static boolean isApart(Lab one, Lab other) {
        return ColourDifference.ciede2000(one, other) >= APART;
    }

    /** True where light is wanted that no pencil adds: what is laid would only take some away. */
    private static boolean takesLight(Lab wanted, Lab ground, Lab laid) {
        return wanted.lightness() >= ground.lightness()
                && laid.lightness() <= ground.lightness()
                && wanted.chroma() < COLOURLESS;
    }

    /** The paper itself where no pencil comes nearer, or it is near enough. */
    private static Mixed mixed(
            Part part, Lab wanted, Paper paper, List<Pencil> pencils, Method method, Optional<Family> family) {
        Lab ground = paper.ground().toLab();
        Mixed bare = new Mixed(part, wanted, List.of(), ground, 0);
        if (ColourDifference.ciede2000(wanted, ground) < BARE) {
            return bare;
        }
        Target target = new Target(wanted, method.closeness());
        return family.map(f -> RecipeFinder.recipe(target, paper, pencils, method, QUICK, f))
                .orElseGet(() -> RecipeFinder.recipe(target, paper, pencils, method, QUICK))
                .filter(f -> f.error() < target.error(ground) - WORTH && !takesLight(wanted, ground, f.colour()))
                .map(f -> new Mixed(part, wanted, f.layers(), f.colour(), f.minutes()))
                .orElse(bare);
    }
}
