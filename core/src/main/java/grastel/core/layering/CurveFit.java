package grastel.core.layering;

import grastel.core.colour.Lab;
import java.util.List;
import java.util.function.Function;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/** Least squares on colours by Levenberg and Marquardt's method, as Hipparchus has it, with slopes by differences. */
final class CurveFit {
    /** Measurements scatter about so much in each of L*, a*, b*. */
    private static final double COLOUR_SIGMA = 0.5;

    /** What fits is found in ten to twenty; what does not must not keep a processor busy. */
    private static final int MOST_EVALUATIONS = 60;

    private CurveFit() {}

    /** @param spread how far from its start it is thought to be; the slope is taken over a hundredth of it */
    record Unknown(double start, double spread, double least, double most) {
        double clamped(double value) {
            return Math.min(most, Math.max(least, value));
        }
    }

    /** The best point found; where measurements contradict one another it is the least bad of those that were tried. */
    static double[] solve(List<Unknown> unknowns, Function<double[], List<Lab>> predict, List<Lab> measured) {
        double[] start = unknowns.stream().mapToDouble(Unknown::start).toArray();
        Best best = new Best(start);
        try {
            return new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(start)
                            .model(point -> best.seen(
                                    point.toArray(), linearised(point.toArray(), unknowns, predict, measured)))
                            .target(new double[3 * measured.size() + start.length])
                            .parameterValidator(point -> new ArrayRealVector(clamped(point.toArray(), unknowns), false))
                            .maxEvaluations(MOST_EVALUATIONS)
                            .maxIterations(MOST_EVALUATIONS)
                            .build())
                    .getPoint()
                    .toArray();
        } catch (MathIllegalStateException notConverged) {
            return best.point;
        }
    }

    /** Remembers the point with the smallest residuals. */
    private static final class Best {
        private double[] point;
        private double least = Double.POSITIVE_INFINITY;

        Best(double[] start) {
            this.point = start;
        }

        Pair<RealVector, RealMatrix> seen(double[] at, Pair<RealVector, RealMatrix> there) {
            double norm = there.getFirst().getNorm();
            if (norm < least) {
                least = norm;
                point = at.clone();
            }
            return there;
        }
    }

    private static double[] clamped(double[] x, List<Unknown> unknowns) {
        for (int j = 0; j < x.length; j++) {
            x[j] = unknowns.get(j).clamped(x[j]);
        }
        return x;
    }

    private static Pair<RealVector, RealMatrix> linearised(
            double[] x, List<Unknown> unknowns, Function<double[], List<Lab>> predict, List<Lab> measured) {
        double[] here = residuals(x, unknowns, predict, measured);
        RealMatrix jacobian = new Array2DRowRealMatrix(here.length, x.length);
        for (int j = 0; j < x.length; j++) {
            double step = unknowns.get(j).spread() / 100;
            double[] aside = x.clone();
            aside[j] = x[j] + step <= unknowns.get(j).most() ? x[j] + step : x[j] - step;
            double[] there = residuals(aside, unknowns, predict, measured);
            for (int i = 0; i < here.length; i++) {
                jacobian.setEntry(i, j, (there[i] - here[i]) / (aside[j] - x[j]));
            }
        }
        return new Pair<>(new ArrayRealVector(here, false), jacobian);
    }

    /** Differences of the colours, then of the unknowns from their start, each in units of its spread. */
    private static double[] residuals(
            double[] x, List<Unknown> unknowns, Function<double[], List<Lab>> predict, List<Lab> measured) {
        double[] r = new double[3 * measured.size() + x.length];
        List<Lab> predicted = predict.apply(x);
        int at = 0;
        for (int i = 0; i < measured.size(); i++) {
            r[at++] = (predicted.get(i).lightness() - measured.get(i).lightness()) / COLOUR_SIGMA;
            r[at++] = (predicted.get(i).a() - measured.get(i).a()) / COLOUR_SIGMA;
            r[at++] = (predicted.get(i).b() - measured.get(i).b()) / COLOUR_SIGMA;
        }
        for (int j = 0; j < x.length; j++) {
            r[at++] = (x[j] - unknowns.get(j).start()) / unknowns.get(j).spread();
        }
        return r;
    }
}
