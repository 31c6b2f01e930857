package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Makes a masstone up for an invented pencil: exactly its colour, as smooth as can be, and of a hue that a light mark keeps
 * within {@value #ALLOWED_TURN}°. Left quite smooth, thin blues would turn azure; held more closely, yellow and blue would no
 * longer make a green.
 */
final class PigmentMaker {
    private static final double COLOUR_WEIGHT = 400;
    private static final double ALLOWED_TURN = 9;
    private static final double ON_ROUGH_PAPER = 1.25;
    private static final double TURN_WEIGHT = 0.3;
    /** Colours of less chroma have no hue to keep. */
    private static final double GREYISH = 6;

    private static final double SLOPE_WEIGHT = 1;
    private static final double STEP = 1e-4;

    private PigmentMaker() {}

    static Spectrum of(ShippedKit.RangePencil invented) {
        double[] start = Arrays.stream(SmoothReflectance.of(invented.colour()).toArray())
                .map(r -> Math.log(r / (1 - r)))
                .toArray();
        double[] found = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(point -> linearised(point.toArray(), invented))
                        .target(new double[residuals(start, invented).length])
                        .maxEvaluations(300)
                        .maxIterations(300)
                        .build())
                .getPoint()
                .toArray();
        return reflectance(found);
    }

    private static Pair<RealVector, RealMatrix> linearised(double[] x, ShippedKit.RangePencil invented) {
        double[] here = residuals(x, invented);
        RealMatrix jacobian = new Array2DRowRealMatrix(here.length, x.length);
        for (int j = 0; j < x.length; j++) {
            double[] aside = x.clone();
            aside[j] += STEP;
            double[] there = residuals(aside, invented);
            for (int i = 0; i < here.length; i++) {
                jacobian.setEntry(i, j, (there[i] - here[i]) / STEP);
            }
        }
        return new Pair<>(new ArrayRealVector(here, false), jacobian);
    }

    private static double[] residuals(double[] x, ShippedKit.RangePencil invented) {
        double[] r = new double[4 + x.length - 1];
        Spectrum curve = reflectance(x);
        Lab got = curve.toLab();
        Lab wanted = invented.colour();
        int at = 0;
        r[at++] = COLOUR_WEIGHT * (got.lightness() - wanted.lightness());
        r[at++] = COLOUR_WEIGHT * (got.a() - wanted.a());
        r[at++] = COLOUR_WEIGHT * (got.b() - wanted.b());
        r[at++] = TURN_WEIGHT * Math.max(0, turn(curve, invented) - ALLOWED_TURN);
        for (int i = 1; i < x.length; i++) {
            r[at++] = SLOPE_WEIGHT * (x[i] - x[i - 1]);
        }
        return r;
    }

    /** How far the hue of a mark lies off the masstone's, medium pressure, twice, degrees; on rough paper a quarter more may. */
    private static double turn(Spectrum curve, ShippedKit.RangePencil invented) {
        Lab wanted = invented.colour();
        if (invented.colourless() || wanted.chroma() < GREYISH) {
            return 0;
        }
        Pencil pencil = invented.toPencil().measuredAs(curve, invented.hiding(), invented.softness());
        return Math.max(
                turn(pencil, Demo.CARTRIDGE, wanted),
                turn(pencil, Demo.paper("Shingle Rough"), wanted) / ON_ROUGH_PAPER);
    }

    private static double turn(Pencil pencil, Paper paper, Lab wanted) {
        double apart = Math.abs(
                Demo.laid(paper, pencil, PressureGrade.MEDIUM, 2).colour().hueDegrees() - wanted.hueDegrees());
        return Math.min(apart, 360 - apart);
    }

    private static Spectrum reflectance(double[] x) {
        return Spectrum.of(Arrays.stream(x).map(v -> 1 / (1 + Math.exp(-v))).toArray());
    }
}
