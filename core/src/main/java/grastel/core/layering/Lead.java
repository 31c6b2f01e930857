package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;

/**
 * The optics of a pencil's film: K/S per wavelength from its masstone, and one scattering power S per unit of thickness,
 * solved so that a film of thickness 0.3 covers as much as the pencil's hiding says. Dark and middle colours are judged
 * over white (92 %), whites and tints (masstone L* over 85) over black (5 %).
 */
final class Lead {
    private static final double REFERENCE_THICKNESS = 0.3;
    private static final double TINT_LIGHTNESS = 85;

    private final double[] ratio;
    private final double scattering;

    private Lead(double[] ratio, double scattering) {
        this.ratio = ratio;
        this.scattering = scattering;
    }

    static Lead of(Pencil pencil) {
        double[] ratio = new double[Spectrum.SAMPLES];
        for (int i = 0; i < ratio.length; i++) {
            ratio[i] = KubelkaMunk.ratioOf(pencil.masstone().at(i));
        }
        double masstone = pencil.masstone().toLab().lightness();
        boolean tint = masstone > TINT_LIGHTNESS;
        double ground = tint ? 0.05 : 0.92;
        double share = tint ? 0.22 + 0.30 * pencil.hiding() : 0.80 + 0.18 * pencil.hiding();
        double from = Lab.lightnessOf(ground);
        return new Lead(ratio, solve(ratio, ground, from, from + share * (masstone - from)));
    }

    /** Bisection on S: the film's L* moves steadily from the ground to the masstone as S grows. */
    private static double solve(double[] ratio, double ground, double from, double wanted) {
        double low = 0;
        double high = 1e4;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            double reached = lightness(ratio, middle, ground);
            if ((wanted < from) == (reached > wanted)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double lightness(double[] ratio, double scattering, double ground) {
        double[] film = new double[ratio.length];
        for (int i = 0; i < film.length; i++) {
            film[i] = KubelkaMunk.over(ratio[i], scattering * REFERENCE_THICKNESS, ground);
        }
        return Spectrum.of(film).toLab().lightness();
    }

    /** Lays a film of {@code thickness} over {@code backing}, in place, one value per wavelength. */
    void cover(double[] backing, double thickness) {
        double power = scattering * thickness;
        for (int i = 0; i < backing.length; i++) {
            backing[i] = KubelkaMunk.over(ratio[i], power, backing[i]);
        }
    }
}
