package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Makes a masstone up for an invented pencil: exactly its colour, smooth, never blacker than a pigment in wax is, and of a hue
 * that a thin film on white paper keeps more nearly than the smoothest curve would, which lets thin blues turn greenish. Kept
 * wholly, blue and yellow would no longer make a green; the weight lies between.
 */
final class PigmentMaker {
    private static final double[] POWERS = {0.15, 0.5};
    private static final double COLOUR_WEIGHT = 400;
    private static final double THIN_WEIGHT = 0.05;
    private static final double SLOPE_WEIGHT = 1;
    private static final double STEP = 1e-4;

    private PigmentMaker() {}

    static Spectrum of(Lab colour) {
        double[] start = Arrays.stream(SmoothReflectance.of(colour).toArray())
                .map(r -> Math.log(r / (1 - r)))
                .toArray();
        double[] found = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(point -> linearised(point.toArray(), colour))
                        .target(new double[residuals(start, colour).length])
                        .maxEvaluations(300)
                        .maxIterations(300)
                        .build())
                .getPoint()
                .toArray();
        return reflectance(found);
    }

    private static Pair<RealVector, RealMatrix> linearised(double[] x, Lab colour) {
        double[] here = residuals(x, colour);
        RealMatrix jacobian = new Array2DRowRealMatrix(here.length, x.length);
        for (int j = 0; j < x.length; j++) {
            double[] aside = x.clone();
            aside[j] += STEP;
            double[] there = residuals(aside, colour);
            for (int i = 0; i < here.length; i++) {
                jacobian.setEntry(i, j, (there[i] - here[i]) / STEP);
            }
        }
        return new Pair<>(new ArrayRealVector(here, false), jacobian);
    }

    private static double[] residuals(double[] x, Lab wanted) {
        double[] r = new double[3 + POWERS.length + x.length - 1];
        Spectrum curve = reflectance(x);
        Lab got = curve.toLab();
        int at = 0;
        r[at++] = COLOUR_WEIGHT * (got.lightness() - wanted.lightness());
        r[at++] = COLOUR_WEIGHT * (got.a() - wanted.a());
        r[at++] = COLOUR_WEIGHT * (got.b() - wanted.b());
        for (double power : POWERS) {
            r[at++] = THIN_WEIGHT * offHue(thin(curve, power), wanted);
        }
        for (int i = 1; i < x.length; i++) {
            r[at++] = SLOPE_WEIGHT * (x[i] - x[i - 1]);
        }
        return r;
    }

    /** How far a thin film's colour lies off the line of the wanted hue, in units of chroma. */
    private static double offHue(Lab thin, Lab wanted) {
        double c = Math.max(1, wanted.chroma());
        return (thin.a() * wanted.b() - thin.b() * wanted.a()) / c;
    }

    private static Lab thin(Spectrum curve, double power) {
        double[] seen = new double[Spectrum.SAMPLES];
        for (int i = 0; i < seen.length; i++) {
            seen[i] = KubelkaMunk.over(KubelkaMunk.ratioOf(curve.at(i)), power, 0.85);
        }
        return Spectrum.of(seen).toLab();
    }

    private static Spectrum reflectance(double[] x) {
        return Spectrum.of(Arrays.stream(x).map(v -> 1 / (1 + Math.exp(-v))).toArray());
    }
}
