package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import java.util.ArrayList;
import java.util.List;

/**
 * A field of paper with the passes laid on it so far. Immutable: {@link #with} gives a new swatch that shares the films
 * under it.
 *
 * <p>This is the model for plain passes; burnishing, solvent and erasing attach here as further kinds of change.
 */
public final class Swatch {
    private static final int CLASSES = Deposit.HEIGHTS.length;
    /** Yule and Nielsen 1951: light spreads sideways in paper, so classes average in R^(1/n). */
    private static final double SPREAD = 1.7;
    /** Surface reflection of a rough wax film that fully covers, added to what the pigment returns. */
    private static final double HAZE = 0.02;
    /** Film thickness over which bare paper fades from sight. */
    private static final double SPECK_THICKNESS = 0.06;

    private final Paper paper;
    private final List<Film> films;
    private final double[] thickness;

    private record Film(Lead lead, double[] thickness) {}

    private Swatch(Paper paper, List<Film> films, double[] thickness) {
        this.paper = paper;
        this.films = films;
        this.thickness = thickness;
    }

    public static Swatch bare(Paper paper) {
        return new Swatch(paper, List.of(), new double[CLASSES]);
    }

    /** This swatch after one more pass. */
    public Swatch with(Pass pass) {
        double[] added = Deposit.of(pass, paper.tooth(), thickness);
        double[] total = thickness.clone();
        for (int i = 0; i < CLASSES; i++) {
            total[i] += added[i];
        }
        List<Film> more = new ArrayList<>(films);
        more.add(new Film(Lead.of(pass.pencil()), added));
        return new Swatch(paper, List.copyOf(more), total);
    }

    /** The same pass {@code times} times. */
    public Swatch with(Pass pass, int times) {
        Swatch swatch = this;
        for (int i = 0; i < times; i++) {
            swatch = swatch.with(pass);
        }
        return swatch;
    }

    /** Reflectance seen from a distance at which single specks no longer show. */
    public Spectrum spectrum() {
        double[] seen = new double[Spectrum.SAMPLES];
        for (int c = 0; c < CLASSES; c++) {
            double[] r = ofClass(c);
            for (int i = 0; i < seen.length; i++) {
                seen[i] += Math.pow(r[i], 1 / SPREAD) / CLASSES;
            }
        }
        for (int i = 0; i < seen.length; i++) {
            seen[i] = Math.min(1, Math.pow(seen[i], SPREAD));
        }
        return Spectrum.of(seen);
    }

    public Lab colour() {
        return spectrum().toLab();
    }

    /** Share of the area that still shows bare paper, 0…1. */
    public double specks() {
        double sum = 0;
        for (double t : thickness) {
            sum += Math.exp(-t / SPECK_THICKNESS);
        }
        return sum / CLASSES;
    }

    /** Room for more layers: 1 bare paper … 0 a tooth that takes nothing more. */
    public double toothLeft() {
        double sum = 0;
        for (int c = 0; c < CLASSES; c++) {
            sum += Math.min(1, thickness[c] / Deposit.capacity(paper.tooth().depth(), Deposit.HEIGHTS[c], 1));
        }
        return 1 - sum / CLASSES;
    }

    /**
     * Light of each height class, peak to valley, for painting the swatch with its grain. Every class is scaled, wavelength
     * by wavelength, so that the plain average of the classes is the spectrum predicted by {@link #spectrum}.
     */
    public List<LinearRgb> grainLight() {
        double[] seen = spectrum().toArray();
        double[][] classes = new double[CLASSES][];
        double[] mean = new double[seen.length];
        for (int c = 0; c < CLASSES; c++) {
            classes[c] = ofClass(c);
            for (int i = 0; i < mean.length; i++) {
                mean[i] += classes[c][i] / CLASSES;
            }
        }
        List<LinearRgb> light = new ArrayList<>();
        for (double[] r : classes) {
            for (int i = 0; i < r.length; i++) {
                r[i] = Math.min(1, r[i] * seen[i] / mean[i]);
            }
            light.add(LinearRgb.of(Spectrum.of(r).toXyz()));
        }
        return List.copyOf(light);
    }

    /** Films composed from the paper up, then the haze of the wax on top. */
    private double[] ofClass(int c) {
        double[] r = paper.ground().toArray();
        for (Film film : films) {
            film.lead().cover(r, film.thickness()[c]);
        }
        double haze = HAZE * (1 - Math.exp(-thickness[c] / SPECK_THICKNESS));
        for (int i = 0; i < r.length; i++) {
            r[i] = Math.min(1, Math.max(0, r[i] * (1 - haze) + haze));
        }
        return r;
    }
}
