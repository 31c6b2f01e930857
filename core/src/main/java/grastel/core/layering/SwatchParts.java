package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import java.util.ArrayList;
import java.util.List;

/**
 * What a swatch is made of: who is seen how much, how muddy it is, and a cut through its tooth.
 *
 * @param paperShare share of what is seen that is paper, 0…1
 * @param layerShares the same for each layer of the stack, first layer first; with the paper they add up to 1
 * @param mud chroma lost against the pencils that take part, where their hues differ widely: 0 clean … 1 grey
 * @param section one column for each height class, peak first
 */
public record SwatchParts(double paperShare, List<Double> layerShares, double mud, List<Column> section) {
    /** Pencils of less chroma than this have no hue to quarrel with. */
    private static final double GREYISH = 12;
    /** Tints are nobody's opposite, L*. */
    private static final double TINT = 85;
    /** Hues this far apart on the painter's wheel begin to grey one another; twice as far, fully. */
    private static final double APART = 60;

    /**
     * One height class. @param depth of the paper's surface below its highest place, relative to the tooth of drawing
     * cartridge; @param bands films from the paper up
     */
    public record Column(double depth, List<Band> bands) {}

    /** @param layer the layer that brought most of it; @param thickness relative; @param colour of the film made thick */
    public record Band(int layer, double thickness, Lab colour) {}

    public static SwatchParts of(Swatch swatch) {
        double[] shares = new double[swatch.layers()];
        double[] chroma = new double[swatch.layers()];
        Lab[] colours = new Lab[swatch.layers()];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            share(swatch, c, shares, chroma, colours);
        }
        double covered = 0;
        List<Double> list = new ArrayList<>();
        for (double share : shares) {
            covered += share;
            list.add(share);
        }
        return new SwatchParts(
                1 - covered, List.copyOf(list), mud(swatch.colour(), shares, chroma, colours), section(swatch));
    }

    /** From the top down: a film shows by its opacity as far as what lies over it lets light through. */
    private static void share(Swatch swatch, int heightClass, double[] shares, double[] chroma, Lab[] colours) {
        double covered = swatch.coveredShare(heightClass);
        double through = covered / Deposit.CLASSES;
        List<Film> films = swatch.films();
        for (int f = films.size() - 1; f >= 0; f--) {
            Film film = films.get(f);
            double shown = through * film.opacity(heightClass, covered);
            through -= shown;
            double power = 0;
            for (Film.Part part : film.parts) {
                power += strength(part, heightClass);
            }
            for (Film.Part part : film.parts) {
                if (power > 0) {
                    double share = shown * strength(part, heightClass) / power;
                    shares[part.layer()] += share;
                    chroma[part.layer()] += share * part.optics().masstone.chroma();
                    colours[part.layer()] = part.optics().masstone;
                }
            }
        }
    }

    private static double strength(Film.Part part, int heightClass) {
        return part.optics().strength * part.amount()[heightClass];
    }

    private static double mud(Lab result, double[] shares, double[] chroma, Lab[] colours) {
        double expected = 0;
        double apart = 0;
        for (int i = 0; i < shares.length; i++) {
            expected += chroma[i];
            for (int j = 0; j < i; j++) {
                if (takesPart(shares[i], colours[i]) && takesPart(shares[j], colours[j])) {
                    apart = Math.max(apart, PaintersWheel.distance(colours[i].hueDegrees(), colours[j].hueDegrees()));
                }
            }
        }
        if (expected <= 0) {
            return 0;
        }
        double quarrel = Math.min(1, Math.max(0, apart / APART - 1));
        return quarrel * Math.min(1, Math.max(0, 1 - result.chroma() / expected));
    }

    private static boolean takesPart(double share, Lab colour) {
        return share > 0.04 && colour.chroma() > GREYISH && colour.lightness() < TINT;
    }

    private static List<Column> section(Swatch swatch) {
        List<Column> columns = new ArrayList<>();
        for (int c = 0; c < Deposit.CLASSES; c++) {
            List<Band> bands = new ArrayList<>();
            for (Film film : swatch.films()) {
                bands.add(new Band(mainLayer(film, c), film.thickness(c), film.masstone(c)));
            }
            columns.add(new Column(Deposit.HEIGHTS[c] * swatch.surface().depth(), List.copyOf(bands)));
        }
        return List.copyOf(columns);
    }

    private static int mainLayer(Film film, int heightClass) {
        Film.Part main = film.parts.get(0);
        for (Film.Part part : film.parts) {
            if (part.amount()[heightClass] > main.amount()[heightClass]) {
                main = part;
            }
        }
        return main.layer();
    }
}
