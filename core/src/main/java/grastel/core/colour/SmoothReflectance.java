package grastel.core.colour;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import org.ejml.data.SingularMatrixException;
import org.ejml.simple.SimpleMatrix;
import org.jspecify.annotations.Nullable;

/**
 * A plausible reflectance for a colour that was only measured as XYZ or L*a*b*: the curve with exactly that colour whose
 * hyperbolic-tangent parameter has the least squared slope. S. A. Burns, "Numerical methods for smoothest reflectance
 * reconstruction", Color Research and Application 45 (2020) 8–21, method LHTSS.
 */
public final class SmoothReflectance {
    private static final int N = Spectrum.SAMPLES;
    /** Colours that are within reach take up to 30. */
    private static final int MAX_STEPS = 60;

    /** At the edge of what surfaces can have a curve has steps, and smooth ones only come near. */
    private static final double NEARER = 0.96;

    private static final int MOST_TRIES = 12;
    private static final double TOLERANCE = 1e-10;
    /** ΔE00 that nobody sees and no meter repeats. */
    private static final double SAME = 0.3;

    /** Solving takes about a millisecond and the same pencils come again and again. */
    private static final LoadingCache<Lab, Spectrum> SOLVED =
            Caffeine.newBuilder().maximumSize(2_000).build(SmoothReflectance::solved);

    private SmoothReflectance() {}

    /**
     * @param colour a surface colour under D65
     * @return its smooth curve; for a colour no surface can have (too pure for its lightness), the curve of the purest
     *     colour of the same lightness and hue that a surface can have
     */
    public static Spectrum of(Lab colour) {
        return SOLVED.get(colour);
    }

    /**
     * What a surface shows that is asked to have this colour: itself, or the nearest of its lightness and hue where none can
     * have it, being too pure or, as brightened paper, giving back more light than falls on it.
     */
    public static Lab reachable(Lab colour) {
        Lab shown = of(colour).toLab();
        return ColourDifference.ciede2000(shown, colour) < SAME ? colour : shown;
    }

    private static Spectrum solved(Lab colour) {
        Lab within = new Lab(Math.min(99.9, Math.max(0.5, colour.lightness())), colour.a(), colour.b());
        double share = SurfaceColours.reachableChroma(within);
        for (int i = 0; i < MOST_TRIES; i++) {
            double[] solved = solve(new Lab(within.lightness(), within.a() * share, within.b() * share).toXyz());
            if (solved != null) {
                return Spectrum.of(solved);
            }
            share *= NEARER;
        }
        return Spectrum.flat(Math.min(1, Lab.luminanceOf(colour.lightness())));
    }

    /** Newton's method on the Lagrange conditions, each step halved until the residual falls; null if it does not converge. */
    private static double @Nullable [] solve(Xyz target) {
        SimpleMatrix unknown = new SimpleMatrix(N + 3, 1);
        double start = atanh(2 * Math.min(0.999, Math.max(0.001, target.y())) - 1);
        for (int i = 0; i < N; i++) {
            unknown.set(i, 0, start);
        }
        SimpleMatrix residual = residual(unknown, target);
        for (int step = 0; step < MAX_STEPS; step++) {
            double size = residual.normF();
            if (size < TOLERANCE) {
                return reflectance(unknown);
            }
            SimpleMatrix move;
            try {
                move = jacobian(unknown).solve(residual);
            } catch (SingularMatrixException singular) {
                return null;
            }
            double length = 1;
            SimpleMatrix next;
            SimpleMatrix nextResidual;
            do {
                next = unknown.minus(move.scale(length));
                nextResidual = residual(next, target);
                length /= 2;
            } while (!(nextResidual.normF() < size) && length > 1e-6);
            if (!(nextResidual.normF() < size)) {
                return size < 1e-7 ? reflectance(unknown) : null;
            }
            unknown = next;
            residual = nextResidual;
        }
        return null;
    }

    private static SimpleMatrix residual(SimpleMatrix u, Xyz target) {
        SimpleMatrix f = new SimpleMatrix(N + 3, 1);
        double[] sums = new double[3];
        for (int i = 0; i < N; i++) {
            double z = u.get(i, 0);
            double pull = 0;
            for (int c = 0; c < 3; c++) {
                pull += Observer.D65.weight(c, i) * u.get(N + c, 0);
                sums[c] += Observer.D65.weight(c, i) * (Math.tanh(z) + 1) / 2;
            }
            f.set(i, 0, slope(u, i) + halfSech2(z) * pull);
        }
        f.set(N, 0, sums[0] - target.x());
        f.set(N + 1, 0, sums[1] - target.y());
        f.set(N + 2, 0, sums[2] - target.z());
        return f;
    }

    /** Gradient of the sum of squared neighbour differences. */
    private static double slope(SimpleMatrix u, int i) {
        double z = u.get(i, 0);
        double sum = 0;
        if (i > 0) {
            sum += 2 * (z - u.get(i - 1, 0));
        }
        if (i < N - 1) {
            sum += 2 * (z - u.get(i + 1, 0));
        }
        return sum;
    }

    private static SimpleMatrix jacobian(SimpleMatrix u) {
        SimpleMatrix j = new SimpleMatrix(N + 3, N + 3);
        for (int i = 0; i < N; i++) {
            double z = u.get(i, 0);
            double pull = 0;
            for (int c = 0; c < 3; c++) {
                double w = Observer.D65.weight(c, i);
                pull += w * u.get(N + c, 0);
                j.set(i, N + c, halfSech2(z) * w);
                j.set(N + c, i, halfSech2(z) * w);
            }
            int neighbours = (i > 0 ? 1 : 0) + (i < N - 1 ? 1 : 0);
            j.set(i, i, 2 * neighbours - 2 * halfSech2(z) * Math.tanh(z) * pull);
            if (i > 0) {
                j.set(i, i - 1, -2);
            }
            if (i < N - 1) {
                j.set(i, i + 1, -2);
            }
        }
        return j;
    }

    private static double halfSech2(double z) {
        double c = Math.cosh(z);
        return 0.5 / (c * c);
    }

    static double atanh(double x) {
        return 0.5 * Math.log((1 + x) / (1 - x));
    }

    private static double[] reflectance(SimpleMatrix u) {
        double[] r = new double[N];
        for (int i = 0; i < N; i++) {
            r[i] = (Math.tanh(u.get(i, 0)) + 1) / 2;
        }
        return r;
    }
}
