package grastel.core.layering;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import java.util.Arrays;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * The optics of a pencil's film. K/S per wavelength comes from its masstone (Kubelka 1948). Absorption saturates: pigment
 * grains are opaque, and a thin mark is grains beside grains, not a dye. So where a pencil absorbs much it scatters less, S(λ)
 * = S₀ · (1 + (K/S)/{@value #SATURATING_RATIO})^−{@value #SATURATION}, which leaves the masstone what it is and takes from
 * thin films the chroma they would have as clear inks. S₀ is solved so that a thin film covers as much as the pencil's hiding
 * says. Dark and middle colours are judged over white (92 %), whites and tints (masstone L* over 85) over black (5 %). Solved
 * once for each pencil.
 */
public final class Lead {
    private static final double SATURATING_RATIO = 2.8;
    private static final double SATURATION = 0.75;

    /** Of the film by which a pencil's hiding is judged. */
    private static final double REFERENCE_THICKNESS = 0.25;
    /** Of pale colours and of whites: those cover with a thinner film, these take a thicker one. */
    private static final double PALE_THICKNESS = 0.04;

    private static final double WHITE_THICKNESS = 0.32;
    private static final double WHITE_CHROMA = 10;
    private static final double TINT_LIGHTNESS = 85;
    /**
     * Whites and tints are rich in soft binder: what lies over them pushes them aside, so that they fill the tooth less than
     * a pigmented film as thick. Without this, white laid first would keep later colours out, which no hand finds.
     */
    private static final double TINT_FILLING = 0.15;
    /** Scattering of clear wax; with K/S = 1 its absorption is the same. */
    private static final double CLEAR = 0.002;

    private static final double LEAST_POWER = 1e-5;
    private static final double MOST_POWER = 1e4;
    private static final double PRECISION = 1e-10;
    private static final int BRENT_ORDER = 5;
    private static final int MOST_TRIES = 100;

    private static final LoadingCache<Pencil, Lead> SOLVED =
            Caffeine.newBuilder().maximumSize(2_000).build(Lead::solve);

    final Pencil pencil;
    final Handling handling;
    /** K/S by wavelength. */
    final double[] ratio;
    /** S of a film of thickness 1, by wavelength. */
    final double[] scattering;
    /** Its mean. */
    final double strength;
    /** a = 1 + K/S of Kubelka's formula, and b·S with b = √(a² − 1), by wavelength. */
    final double[] a;

    final double[] b;
    final double[] fading;
    public final Lab masstone;

    private Lead(Pencil pencil, double[] ratio, double[] scattering, Lab masstone) {
        this.pencil = pencil;
        this.handling = Handling.of(pencil);
        this.ratio = ratio;
        this.scattering = scattering;
        this.strength = Arrays.stream(scattering).average().orElseThrow();
        this.masstone = masstone;
        this.a = new double[ratio.length];
        this.b = new double[ratio.length];
        this.fading = new double[ratio.length];
        for (int i = 0; i < ratio.length; i++) {
            a[i] = 1 + ratio[i];
            b[i] = Math.sqrt(a[i] * a[i] - 1);
            fading[i] = 2 * b[i] * scattering[i];
        }
    }

    public static Lead of(Pencil pencil) {
        return SOLVED.get(pencil);
    }

    /** How much of its thickness stands in the way of the next layer, 0…1. */
    double filling() {
        return handling.flows() ? 0 : isTint() ? TINT_FILLING : 1;
    }

    /** A white or a tint, which what comes after pushes aside. */
    boolean isTint() {
        return !isColourless() && masstone.lightness() > TINT_LIGHTNESS;
    }

    boolean isColourless() {
        return pencil.colourless();
    }

    private static Lead solve(Pencil pencil) {
        double[] ratio = new double[Spectrum.SAMPLES];
        double[] scattering = new double[Spectrum.SAMPLES];
        Lab colour = pencil.masstone().toLab();
        if (pencil.colourless()) {
            Arrays.fill(ratio, 1);
            Arrays.fill(scattering, CLEAR);
            return new Lead(pencil, ratio, scattering, colour);
        }
        for (int i = 0; i < ratio.length; i++) {
            ratio[i] = KubelkaMunk.ratioOf(pencil.masstone().at(i));
            scattering[i] = Math.pow(1 + ratio[i] / SATURATING_RATIO, -SATURATION);
        }
        boolean tint = colour.lightness() > TINT_LIGHTNESS;
        double ground = tint ? 0.05 : 0.92;
        double share = tint ? 0.22 + 0.30 * pencil.hiding() : 0.80 + 0.18 * pencil.hiding();
        double from = Lab.lightnessOf(ground);
        double wanted = from + share * (colour.lightness() - from);
        double thickness =
                !tint ? REFERENCE_THICKNESS : colour.chroma() > WHITE_CHROMA ? PALE_THICKNESS : WHITE_THICKNESS;
        double power = power(ratio, scattering, ground, wanted) / thickness;
        for (int i = 0; i < scattering.length; i++) {
            scattering[i] *= power;
        }
        return new Lead(pencil, ratio, scattering, colour);
    }

    /** S₀·X: the film's L* moves steadily from the ground to the masstone as it grows. */
    private static double power(double[] ratio, double[] scattering, double ground, double wanted) {
        return Math.exp(new BracketingNthOrderBrentSolver(PRECISION, BRENT_ORDER)
                .solve(
                        MOST_TRIES,
                        log -> lightness(ratio, scattering, Math.exp(log), ground) - wanted,
                        Math.log(LEAST_POWER),
                        Math.log(MOST_POWER)));
    }

    private static double lightness(double[] ratio, double[] scattering, double power, double ground) {
        double[] film = new double[ratio.length];
        for (int i = 0; i < film.length; i++) {
            film[i] = KubelkaMunk.over(ratio[i], scattering[i] * power, ground);
        }
        return Spectrum.of(film).toLab().lightness();
    }
}
