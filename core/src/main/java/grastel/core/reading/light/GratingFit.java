package grastel.core.reading.light;

import grastel.core.colour.LinearRgb;
import grastel.core.fit.LeastSquares;
import grastel.core.fit.LeastSquares.Found;
import grastel.core.fit.LeastSquares.Unknown;
import grastel.core.page.PageFurniture.Grating;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Fits level, contrast and exponent of a picture's codes, and the printer's gain at an edge, to what gratings look like
 * (least squares with priors).
 */
final class GratingFit {
    private static final int LEVEL = 0;
    private static final int CONTRAST = 1;
    private static final int EXPONENT = 2;
    static final int GAIN = 3;
    static final int UNKNOWNS = 4;

    /** Nothing added, and how far pictures spread about it: level and contrast in codes of 0…1, exponent, gain in mm. */
    static final double[] USUAL = {0, 0, 1, 0.01};

    /** Beyond these nothing is a picture any more. */
    private static final double[] LEAST = {-0.5, -1, 0.4, -0.1};

    private static final double[] MOST = {0.5, 1, 2.5, 0.1};

    static final double[] SPREAD = {0.03, 0.35, 0.1, 0.02};
    /** Error of a grating's share of black, of coarse and of fine lines. */
    private static final double COARSE_ERROR = 0.003;

    private static final double FINE_ERROR = 0.006;
    /** A share of black further from what is drawn than this is no grating: drawn over, or not there. */
    private static final double MOST_OFF = 0.35;

    private static final double MOST_GAIN = 0.06;
    private static final double GAIN_STEP = 0.001;

    private final List<Grating> gratings;
    private final List<CodeCounts> seen;
    private final CodeCounts white;
    private final CodeCounts black;

    GratingFit(List<Grating> gratings, List<CodeCounts> seen, CodeCounts white, CodeCounts black) {
        this.gratings = gratings;
        this.seen = seen;
        this.white = white;
        this.black = black;
    }

    /** Light of a code under a curve. @param unknown as found; @param code 0…1 */
    static double light(double[] unknown, double code) {
        double levelled = unknown[LEVEL] + (1 - unknown[LEVEL]) * code;
        double evened = levelled + unknown[CONTRAST] * levelled * (1 - levelled) * (2 * levelled - 1);
        return LinearRgb.decode(Math.pow(Math.max(0, evened), unknown[EXPONENT]));
    }

    /** sRGB with the gain that fits best. */
    double[] plain() {
        double[] best = USUAL.clone();
        for (double gain = -MOST_GAIN; gain <= MOST_GAIN; gain += GAIN_STEP) {
            double[] x = USUAL.clone();
            x[GAIN] = gain;
            best = chiSquare(x) < chiSquare(best) ? x : best;
        }
        return best;
    }

    /** How badly gratings fit and how unusual unknowns are. */
    double chiSquare(double[] x) {
        double sum = Arrays.stream(differences(x)).map(d -> d * d).sum();
        for (int k = 0; k < UNKNOWNS; k++) {
            sum += Math.pow((x[k] - USUAL[k]) / SPREAD[k], 2);
        }
        return sum;
    }

    /** With its covariance, wider where gratings disagree with one another by more than they should. */
    Found found() {
        List<Unknown> unknowns = IntStream.range(0, UNKNOWNS)
                .mapToObj(k -> new Unknown(USUAL[k], SPREAD[k], LEAST[k], MOST[k]))
                .toList();
        return LeastSquares.solve(unknowns, this::differences);
    }

    boolean isPlausible(double[] x) {
        double[] off = differences(x);
        for (int i = 0; i < gratings.size(); i++) {
            if (!(Math.abs(off[i]) * error(gratings.get(i)) < MOST_OFF)) {
                return false;
            }
        }
        return Math.abs(x[CONTRAST]) < 0.95 && x[EXPONENT] > 0.5 && x[EXPONENT] < 2 && isGrating();
    }

    /** More of the period black, darker – by the codes themselves. */
    private boolean isGrating() {
        double[] codes = new double[256];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = i;
        }
        for (int i = 2; i < gratings.size(); i++) {
            if (seen.get(i).mean(1, codes) > seen.get(i - 2).mean(1, codes) - 4) {
                return false;
            }
        }
        return white.middle(1) > black.middle(1) + 40;
    }

    private static double error(Grating grating) {
        return grating.isFine() ? FINE_ERROR : COARSE_ERROR;
    }

    /** Of each grating's share of black, in its own error. */
    private double[] differences(double[] x) {
        double[] lights = new double[256];
        for (int code = 0; code < 256; code++) {
            lights[code] = light(x, code / 255.0);
        }
        double[] off = new double[gratings.size()];
        for (int i = 0; i < off.length; i++) {
            Grating g = gratings.get(i);
            double drawn = Math.min(1, Math.max(0, g.duty() + 2 * x[GAIN] / g.periodMm()));
            off[i] = (shareOfBlack(seen.get(i), lights) - drawn) / error(g);
        }
        return off;
    }

    private double shareOfBlack(CodeCounts codes, double[] lights) {
        double sum = 0;
        for (int c = 0; c < 3; c++) {
            double paper = lights[white.middle(c)];
            double ink = lights[black.middle(c)];
            sum += (paper - codes.mean(c, lights)) / Math.max(0.02, paper - ink) / 3;
        }
        return sum;
    }
}
