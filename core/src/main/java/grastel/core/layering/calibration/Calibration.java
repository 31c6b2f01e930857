package grastel.core.layering.calibration;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.MovedReflectance;
import grastel.core.fit.LeastSquares;
import grastel.core.fit.LeastSquares.Unknown;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Fits a pencil's masstone, opacity and softness, or a paper's depth, to measured swatches. Least squares on L*, a* and b*;
 * what the swatches do not tell is held near its start by a weak prior. White paper hardly tells opacity: it stays as it was
 * unless a swatch lies over a dark pencil.
 */
public final class Calibration {
    public static final int FEWEST_SWATCHES = 2;

    /** Measurements scatter about so much in each of L*, a*, b*. */
    private static final double COLOUR_SIGMA = 0.5;

    /** Spread of what is not fitted. */
    private static final double FIXED = 0.005;

    private Calibration() {}

    /**
     * A swatch as drawn and as measured under D65.
     *
     * @param under the dark layers that it was drawn over, of pencils that are known; usually none
     */
    public record Measured(List<Layer.Colour> under, Layer.Colour drawn, Lab colour) {
        public Measured {
            under = List.copyOf(under);
            if (drawn == null || colour == null) {
                throw new IllegalArgumentException("A measured swatch needs how it was drawn and its colour");
            }
        }

        public Measured(Layer.Colour drawn, Lab colour) {
            this(List.of(), drawn, colour);
        }

        private Lab predicted(Paper paper, Layer.Colour as) {
            Swatch swatch = Swatch.bare(paper);
            for (Layer layer : under) {
                swatch = swatch.with(layer);
            }
            return swatch.with(as).colour();
        }
    }

    /**
     * @param found as fitted
     * @param before mean ΔE00 of the swatches against the prediction with the values at the start
     * @param after the same with the fitted values
     */
    public record Fit<T>(T found, double before, double after) {}

    /**
     * @param start the pencil as it is thought to be; the layers in {@code measured} may name any pencil, this one is put in
     * @param measured at least two swatches: best full pressure, and light once and three times
     */
    public static Fit<Pencil> pencil(Pencil start, Paper paper, List<Measured> measured) {
        requireEnough(measured);
        if (start.colourless()) {
            throw new IllegalArgumentException("Pencil " + start.code() + " has no colour to calibrate");
        }
        Lab m = start.masstone().toLab();
        double[] x = solved(
                List.of(
                        new Unknown(m.lightness(), 8, 3, 98),
                        new Unknown(m.a(), 8, -110, 110),
                        new Unknown(m.b(), 8, -110, 110),
                        new Unknown(start.hiding(), tellsOpacity(measured) ? 0.25 : FIXED, 0, 1),
                        new Unknown(start.softness(), 0.35, Pencil.HARDEST, Pencil.SOFTEST)),
                p -> predicted(with(start, p), paper, measured),
                colours(measured));
        Pencil found = with(start, x);
        return better(start, found, p -> residual(p, paper, measured));
    }

    /** The paper's depth from swatches of pencils that are known; each layer names its own. */
    public static Fit<Paper> paper(Paper start, List<Measured> measured) {
        requireEnough(measured);
        double[] x = solved(
                List.of(new Unknown(Math.log(start.tooth().depth()), 0.7, Math.log(0.12), Math.log(3.9))),
                p -> measured.stream()
                        .map(m -> m.predicted(withDepth(start, p[0]), m.drawn()))
                        .toList(),
                colours(measured));
        Paper found = withDepth(start, x[0]);
        return better(start, found, p -> residual(p, measured));
    }

    /** What is as right as swatches can tell stays: squares that become less need not bring colours nearer as they are seen. */
    private static <T> Fit<T> better(T start, T found, ToDoubleFunction<T> residual) {
        double before = residual.applyAsDouble(start);
        double after = residual.applyAsDouble(found);
        return after < before ? new Fit<>(found, before, after) : new Fit<>(start, before, before);
    }

    private static boolean tellsOpacity(List<Measured> measured) {
        return measured.stream().anyMatch(m -> !m.under().isEmpty());
    }

    private static void requireEnough(List<Measured> measured) {
        if (measured.size() < FEWEST_SWATCHES) {
            throw new IllegalArgumentException("Calibration needs at least two swatches, was " + measured.size());
        }
    }

    private static double[] solved(List<Unknown> unknowns, Function<double[], List<Lab>> predict, List<Lab> measured) {
        return LeastSquares.solve(unknowns, x -> differences(predict.apply(x), measured))
                .at();
    }

    private static double[] differences(List<Lab> predicted, List<Lab> measured) {
        double[] r = new double[3 * measured.size()];
        for (int i = 0; i < measured.size(); i++) {
            r[3 * i] = (predicted.get(i).lightness() - measured.get(i).lightness()) / COLOUR_SIGMA;
            r[3 * i + 1] = (predicted.get(i).a() - measured.get(i).a()) / COLOUR_SIGMA;
            r[3 * i + 2] = (predicted.get(i).b() - measured.get(i).b()) / COLOUR_SIGMA;
        }
        return r;
    }

    private static Pencil with(Pencil start, double[] x) {
        return start.measuredAs(MovedReflectance.of(start.masstone(), new Lab(x[0], x[1], x[2])), x[3], x[4]);
    }

    private static Paper withDepth(Paper paper, double logDepth) {
        return new Paper(
                paper.name(),
                paper.ground(),
                new Tooth(Math.exp(logDepth), paper.tooth().grainMm()));
    }

    private static List<Lab> colours(List<Measured> measured) {
        return measured.stream().map(Measured::colour).toList();
    }

    private static List<Lab> predicted(Pencil pencil, Paper paper, List<Measured> measured) {
        return measured.stream()
                .map(m -> {
                    Pass p = m.drawn().pass();
                    Pass own = new Pass(pencil, p.pressure(), p.point(), p.stroke());
                    return m.predicted(paper, new Layer.Colour(own, m.drawn().passes()));
                })
                .toList();
    }

    private static double residual(Pencil pencil, Paper paper, List<Measured> measured) {
        return mean(predicted(pencil, paper, measured), colours(measured));
    }

    private static double residual(Paper paper, List<Measured> measured) {
        return mean(measured.stream().map(m -> m.predicted(paper, m.drawn())).toList(), colours(measured));
    }

    private static double mean(List<Lab> predicted, List<Lab> measured) {
        double sum = 0;
        for (int i = 0; i < measured.size(); i++) {
            sum += ColourDifference.ciede2000(predicted.get(i), measured.get(i)) / measured.size();
        }
        return sum;
    }
}
