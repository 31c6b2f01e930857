package grastel.core.layering;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import java.util.Arrays;

/**
 * How a pencil's film absorbs and scatters light (Kubelka 1948). Scattering comes from the pencil's opacity, which is what a film
 * does over black: S(λ) = {@value #SCATTERING} · opacity^{@value #SCATTERING_EXPONENT} · √masstone(λ) per unit of thickness.
 * Absorption K(λ) is then solved so that a solid film ({@value #SOLID_FILM}) on white paper ({@value #WHITE_PAPER}) is the
 * masstone: that is how a masstone is seen. Solved once for each pencil.
 */
public final class PigmentOptics {
    /** Thickness of a solid mark, in the model's relative unit. */
    static final double SOLID_FILM = 0.5;
    /** Reflectance of the white paper on which masstones are seen. */
    static final double WHITE_PAPER = 0.92;

    private static final double SCATTERING = 3.5;
    private static final double SCATTERING_EXPONENT = 1.1;
    /** Masstones lighter than this, L*, are whites and tints. */
    private static final double TINT_LIGHTNESS = 85;
    /** Share of their thickness that fills the tooth: they are rich in soft binder, and later colour pushes them aside. */
    private static final double TINT_FILLING = 0.5;

    /** A film that scatters nothing has no K/S; this little stands for nothing. */
    private static final double LEAST_OPACITY = 0.02;

    private static final double LEAST_RATIO = 1e-5;
    /** Reflectances below this are taken for this. */
    private static final double DARKEST = 0.002;

    private static final double PRECISION = 1e-8;
    private static final int MOST_TRIES = 60;

    private static final LoadingCache<Pencil, PigmentOptics> SOLVED =
            Caffeine.newBuilder().maximumSize(2_000).build(PigmentOptics::solve);

    final Pencil pencil;
    final MediumProperties medium;
    /** K/S by wavelength. */
    final double[] ratio;
    /** S of a film of thickness 1, by wavelength. */
    final double[] scattering;
    /** Mean of K + S over the wavelengths: how much a film takes part in what is seen. */
    final double strength;
    /** a = 1 + K/S of Kubelka's formula, b = √(a² − 1) and 2·b·S, by wavelength. */
    final double[] a;

    final double[] b;
    final double[] fading;
    public final Lab masstone;

    private PigmentOptics(Pencil pencil, double[] ratio, double[] scattering) {
        this.pencil = pencil;
        this.medium = MediumProperties.of(pencil);
        this.ratio = ratio;
        this.scattering = scattering;
        this.masstone = pencil.masstone().toLab();
        this.a = new double[ratio.length];
        this.b = new double[ratio.length];
        this.fading = new double[ratio.length];
        double sum = 0;
        for (int i = 0; i < ratio.length; i++) {
            a[i] = 1 + ratio[i];
            b[i] = Math.sqrt(a[i] * a[i] - 1);
            fading[i] = 2 * b[i] * scattering[i];
            sum += a[i] * scattering[i];
        }
        this.strength = sum / ratio.length;
    }

    public static PigmentOptics of(Pencil pencil) {
        return SOLVED.get(pencil);
    }

    /** How much of its thickness stands in the way of the next layer, 0…1. */
    double filling() {
        return medium.flows() ? 0 : isTint() ? TINT_FILLING : 1;
    }

    /** A white or a tint, which later colour pushes aside. */
    public boolean isTint() {
        return !isColourless() && masstone.lightness() > TINT_LIGHTNESS;
    }

    boolean isColourless() {
        return pencil.colourless();
    }

    private static PigmentOptics solve(Pencil pencil) {
        double[] ratio = new double[Spectrum.SAMPLES];
        double[] scattering = new double[Spectrum.SAMPLES];
        if (pencil.colourless()) {
            Arrays.fill(ratio, 1);
            return new PigmentOptics(pencil, ratio, scattering);
        }
        double opacity = Math.pow(Math.max(LEAST_OPACITY, pencil.hiding()), SCATTERING_EXPONENT);
        for (int i = 0; i < ratio.length; i++) {
            double seen = Math.max(DARKEST, pencil.masstone().at(i));
            scattering[i] = SCATTERING * opacity * Math.sqrt(seen);
            ratio[i] = ratio(seen, scattering[i] * SOLID_FILM);
        }
        return new PigmentOptics(pencil, ratio, scattering);
    }

    /**
     * K/S at which a film on white paper reflects {@code seen}. A thick film would need less, and so would a dye that scatters
     * nothing: from there up, by regula falsi (the Illinois rule), on the logarithm.
     */
    private static double ratio(double seen, double power) {
        double dye = Math.log(WHITE_PAPER / Math.max(seen, DARKEST)) / (2 * power);
        double low = Math.log(Math.max(LEAST_RATIO, Math.max(KubelkaMunk.ratioOf(seen), dye)));
        double above = off(low, power, seen);
        if (above <= 0) {
            return Math.exp(low);
        }
        double high = low + 1;
        double below = off(high, power, seen);
        while (below > 0) {
            low = high;
            above = below;
            high += 1;
            below = off(high, power, seen);
        }
        int side = 0;
        for (int i = 0; i < MOST_TRIES; i++) {
            double at = (low * below - high * above) / (below - above);
            double off = off(at, power, seen);
            if (Math.abs(off) < PRECISION) {
                return Math.exp(at);
            }
            if (off > 0) {
                low = at;
                above = off;
                below = side == 1 ? below / 2 : below;
                side = 1;
            } else {
                high = at;
                below = off;
                above = side == -1 ? above / 2 : above;
                side = -1;
            }
        }
        return Math.exp((low + high) / 2);
    }

    private static double off(double logRatio, double power, double seen) {
        return KubelkaMunk.over(Math.exp(logRatio), power, WHITE_PAPER) - seen;
    }
}
