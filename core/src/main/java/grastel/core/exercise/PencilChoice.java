package grastel.core.exercise;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.media.ColourFamily;
import grastel.core.media.Pencil;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Pencils for a purpose, from those at hand. */
public final class PencilChoice {
    private static final double WHITE_CHROMA = 10;
    private static final double COLOURFUL = 25;
    private static final double GREYISH = 12;

    private PencilChoice() {}

    /** The lightest pencil a class calls white. */
    public static Optional<Pencil> white(Collection<Pencil> among) {
        return among.stream()
                .filter(p -> !p.colourless())
                .filter(p -> colour(p).lightness() > 88 && colour(p).chroma() < WHITE_CHROMA)
                .max(Comparator.comparingDouble(p -> colour(p).lightness()));
    }

    public static Optional<Pencil> blender(Collection<Pencil> among) {
        return among.stream().filter(Pencil::colourless).findFirst();
    }

    /** The darkest black. */
    public static Optional<Pencil> black(Setting setting) {
        return setting.colours().stream()
                .filter(p -> ColourFamily.of(colour(p)) == ColourFamily.BLACK)
                .min(Comparator.comparingDouble(p -> colour(p).lightness()));
    }

    /** The palest pencil of a related hue that still has a hue. */
    public static Optional<Pencil> paleTint(Setting setting, Pencil related) {
        return setting.colours().stream()
                .filter(p -> !p.equals(related) && colour(p).lightness() > 70)
                .filter(p -> colour(p).chroma() >= WHITE_CHROMA)
                .filter(p -> PaintersWheel.distance(
                                colour(p).hueDegrees(), colour(related).hueDegrees())
                        <= 60)
                .max(Comparator.comparingDouble(p -> colour(p).lightness()));
    }

    public static List<Pencil> family(Setting setting, ColourFamily family) {
        return setting.colours().stream()
                .filter(p -> ColourFamily.of(colour(p)) == family)
                .toList();
    }

    /** Pencils with a hue to speak of. */
    public static List<Pencil> colourful(Setting setting) {
        return setting.colours().stream()
                .filter(p -> colour(p).chroma() > COLOURFUL)
                .toList();
    }

    /** Pencils darker than the paper that make a visible mark. */
    public static List<Pencil> darkening(Setting setting) {
        double paper = setting.paperLightness();
        return setting.colours().stream()
                .filter(p -> colour(p).lightness() < paper - 8)
                .toList();
    }

    /** The purest pencil nearest to a place on the painter's wheel. @param place degrees, 0 red, 120 yellow, 240 blue */
    public static Optional<Pencil> at(Setting setting, double place) {
        return at(setting.colours(), place);
    }

    /** The same of some pencils. */
    public static Optional<Pencil> at(Collection<Pencil> among, double place) {
        double hue = PaintersWheel.labHueOf(place);
        return among.stream()
                .filter(p -> colour(p).chroma() > GREYISH)
                .min(Comparator.comparingDouble(
                        p -> PaintersWheel.distance(colour(p).hueDegrees(), hue)
                                - 0.4 * colour(p).chroma()));
    }

    /** Place on the painter's wheel. */
    public static double place(Pencil pencil) {
        return PaintersWheel.placeOf(colour(pencil).hueDegrees());
    }

    public static Lab colour(Pencil pencil) {
        return pencil.masstone().toLab();
    }
}
