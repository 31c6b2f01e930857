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
    private static final double MOST_RATIO = 1e6;
    private static final int HALVINGS = 48;

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
            double seen = pencil.masstone().at(i);
            scattering[i] = SCATTERING * opacity * Math.sqrt(seen);
            ratio[i] = ratio(seen, scattering[i] * SOLID_FILM);
        }
        return new PigmentOptics(pencil, ratio, scattering);
    }

    /** K/S at which a film on white paper reflects {@code seen}: the more it absorbs the darker it is. */
    private static double ratio(double seen, double power) {
        double low = Math.log(LEAST_RATIO);
        double high = Math.log(MOST_RATIO);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (KubelkaMunk.over(Math.exp(middle), power, WHITE_PAPER) > seen) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.exp((low + high) / 2);
    }
}
