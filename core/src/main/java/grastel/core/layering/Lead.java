package grastel.core.layering;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import java.util.Arrays;

/**
 * The optics of a pencil's film: K/S per wavelength from its masstone, and one scattering power S per unit of thickness,
 * solved so that a film of thickness 0.3 covers as much as the pencil's hiding says. Dark and middle colours are judged
 * over white (92 %), whites and tints (masstone L* over 85) over black (5 %). Solved once for each pencil.
 */
final class Lead {
    private static final double REFERENCE_THICKNESS = 0.3;
    private static final double TINT_LIGHTNESS = 85;
    /**
     * Whites and tints are rich in soft binder: what lies over them pushes them aside, so that they fill the tooth less than
     * a pigmented film as thick. Without this, white laid first would keep later colours out, which no hand finds.
     */
    private static final double TINT_FILLING = 0.35;
    /** Scattering of clear wax; with K/S = 1 its absorption is the same. */
    private static final double CLEAR = 0.002;

    private static final LoadingCache<Pencil, Lead> SOLVED =
            Caffeine.newBuilder().maximumSize(2_000).build(Lead::solve);

    final Pencil pencil;
    final double[] ratio;
    final double scattering;
    /** a = 1 + K/S and b = √(a² − 1) of Kubelka's formula, per wavelength. */
    final double[] a;

    final double[] b;
    final Lab masstone;

    private Lead(Pencil pencil, double[] ratio, double scattering, Lab masstone) {
        this.pencil = pencil;
        this.ratio = ratio;
        this.scattering = scattering;
        this.masstone = masstone;
        this.a = new double[ratio.length];
        this.b = new double[ratio.length];
        for (int i = 0; i < ratio.length; i++) {
            a[i] = 1 + ratio[i];
            b[i] = Math.sqrt(a[i] * a[i] - 1);
        }
    }

    static Lead of(Pencil pencil) {
        return SOLVED.get(pencil);
    }

    /** How much of its thickness stands in the way of the next layer, 0…1. */
    double filling() {
        return !isColourless() && masstone.lightness() > TINT_LIGHTNESS ? TINT_FILLING : 1;
    }

    boolean isColourless() {
        return pencil.colourless();
    }

    private static Lead solve(Pencil pencil) {
        double[] ratio = new double[Spectrum.SAMPLES];
        Lab colour = pencil.masstone().toLab();
        if (pencil.colourless()) {
            Arrays.fill(ratio, 1);
            return new Lead(pencil, ratio, CLEAR, colour);
        }
        for (int i = 0; i < ratio.length; i++) {
            ratio[i] = KubelkaMunk.ratioOf(pencil.masstone().at(i));
        }
        boolean tint = colour.lightness() > TINT_LIGHTNESS;
        double ground = tint ? 0.05 : 0.92;
        double share = tint ? 0.22 + 0.30 * pencil.hiding() : 0.80 + 0.18 * pencil.hiding();
        double from = Lab.lightnessOf(ground);
        double wanted = from + share * (colour.lightness() - from);
        return new Lead(pencil, ratio, scattering(ratio, ground, from, wanted), colour);
    }

    /** Bisection on S: the film's L* moves steadily from the ground to the masstone as S grows. */
    private static double scattering(double[] ratio, double ground, double from, double wanted) {
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
}
