package grastel.core.fit;

import grastel.core.checks.Require;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.jspecify.annotations.Nullable;

/**
 * Least squares by Levenberg and Marquardt's method, as Hipparchus has it, with slopes by differences. Every unknown has a
 * normal prior, so that what measurements do not tell stays near its start.
 */
public final class LeastSquares {
    /** What fits is found in ten to twenty; what does not must not keep a processor busy. */
    private static final int MOST_EVALUATIONS = 60;

    /** Slopes are taken over this share of an unknown's spread. */
    private static final double STEP = 0.01;

    /** Of the sum of squares and of the way to go: what is left to gain is far below any error. */
    private static final double TOLERANCE = 1e-5;

    private LeastSquares() {}

    /** @param spread standard deviation of how far from its start it is thought to be; @param least and most bounds */
    public record Unknown(double start, double spread, double least, double most) {
        double clamped(double value) {
            return Math.min(most, Math.max(least, value));
        }
    }

    /** What was measured against what unknowns predict. */
    public interface Model {
        /** Differences of predictions from measurements, each in its own standard deviation, always as many. */
        double[] differences(double[] at);

        /** The same where one unknown has moved. @param before the differences without the move, not to be changed */
        default double[] differences(double[] at, int moved, double[] before) {
            return differences(at);
        }
    }

    /**
     * The best point found; where measurements contradict one another the least bad of those that were tried.
     *
     * @param covariance of the unknowns, wider where measurements disagree by more than their own error
     */
    public record Found(double[] at, RealMatrix covariance) {
        public double deviation(int unknown) {
            return Math.sqrt(Math.max(0, covariance.getEntry(unknown, unknown)));
        }
    }

    public static Found solve(List<Unknown> unknowns, Model model) {
        double[] start = unknowns.stream().mapToDouble(Unknown::start).toArray();
        Best best = new Best(start);
        int measured = model.differences(start).length;
        try {
            new LevenbergMarquardtOptimizer()
                    .withCostRelativeTolerance(TOLERANCE)
                    .withParameterRelativeTolerance(TOLERANCE)
                    .optimize(new LeastSquaresBuilder()
                            .start(start)
                            .model(point -> best.seen(point.toArray(), linearised(point.toArray(), unknowns, model)))
                            .target(new double[measured + start.length])
                            .parameterValidator(point -> new ArrayRealVector(clamped(point.toArray(), unknowns), false))
                            .maxEvaluations(MOST_EVALUATIONS)
                            .maxIterations(MOST_EVALUATIONS)
                            .build());
        } catch (MathIllegalStateException notConverged) {
            // the best that was seen is given
        }
        return new Found(best.point, best.covariance(measured));
    }

    /** Remembers the point with the smallest residuals. */
    private static final class Best {
        private double[] point;
        private double least = Double.POSITIVE_INFINITY;
        private @Nullable Pair<RealVector, RealMatrix> there;

        Best(double[] start) {
            this.point = start;
        }

        Pair<RealVector, RealMatrix> seen(double[] at, Pair<RealVector, RealMatrix> linearised) {
            double norm = linearised.getFirst().getNorm();
            if (norm < least) {
                least = norm;
                point = at.clone();
                there = linearised;
            }
            return linearised;
        }

        /** Inverse of the curvature; the prior keeps it from being singular. */
        RealMatrix covariance(int measured) {
            RealMatrix slopes = Require.present(there, "a point that was tried").getSecond();
            RealMatrix curvature = slopes.transposeMultiply(slopes);
            double disagreement = Math.max(1, least * least / Math.max(1, measured));
            try {
                return new CholeskyDecomposition(curvature, 1e-8, 1e-14)
                        .getSolver()
                        .getInverse()
                        .scalarMultiply(disagreement);
            } catch (MathRuntimeException singular) {
                throw new IllegalArgumentException("An unknown has no prior", singular);
            }
        }
    }

    private static double[] clamped(double[] x, List<Unknown> unknowns) {
        for (int j = 0; j < x.length; j++) {
            x[j] = unknowns.get(j).clamped(x[j]);
        }
        return x;
    }

    private static Pair<RealVector, RealMatrix> linearised(double[] x, List<Unknown> unknowns, Model model) {
        double[] here = model.differences(x);
        double[] all = new double[here.length + x.length];
        System.arraycopy(here, 0, all, 0, here.length);
        RealMatrix slopes = new Array2DRowRealMatrix(all.length, x.length);
        for (int j = 0; j < x.length; j++) {
            Unknown unknown = unknowns.get(j);
            all[here.length + j] = (x[j] - unknown.start()) / unknown.spread();
            slopes.setEntry(here.length + j, j, 1 / unknown.spread());
            double step = STEP * unknown.spread();
            double[] aside = x.clone();
            aside[j] = x[j] + step <= unknown.most() ? x[j] + step : x[j] - step;
            double[] there = model.differences(aside, j, here);
            for (int i = 0; i < here.length; i++) {
                if (there[i] != here[i]) {
                    slopes.setEntry(i, j, (there[i] - here[i]) / (aside[j] - x[j]));
                }
            }
        }
        return new Pair<>(new ArrayRealVector(all, false), slopes);
    }
}
