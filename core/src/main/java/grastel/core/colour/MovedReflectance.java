package grastel.core.colour;

import org.ejml.simple.SimpleMatrix;

/**
 * A reflectance curve moved to another colour and otherwise as it was: three wide bands of its hyperbolic-tangent parameter
 * are raised or lowered until the colour is the one asked for. The parameter keeps every value within 0…1, as in
 * {@link SmoothReflectance}; three unknowns instead of thirty-nine make it some hundred times as fast.
 */
public final class MovedReflectance {
    private static final int N = Spectrum.SAMPLES;
    private static final double[] EDGES_NM = {500, 590};
    private static final double EDGE_WIDTH_NM = 25;
    /** Reflectances nearer to 0 or 1 have no parameter that could be moved. */
    private static final double NEAREST = 0.002;

    private static final double[][] BANDS = bands();
    private static final int MOST_STEPS = 40;
    private static final double TOLERANCE = 1e-9;
    private static final double SHORTEST_STEP = 1e-4;

    private MovedReflectance() {}

    /** The curve with exactly the colour, or as near to it as the bands lead where no curve has it. */
    public static Spectrum of(Spectrum curve, Lab to) {
        Xyz wanted = to.toXyz();
        double[] start = new double[N];
        for (int i = 0; i < N; i++) {
            start[i] = SmoothReflectance.atanh(2 * Math.min(1 - NEAREST, Math.max(NEAREST, curve.at(i))) - 1);
        }
        double[] by = new double[3];
        double off = distance(Observer.D65.xyzOf(moved(start, by)), wanted);
        for (int step = 0; step < MOST_STEPS && off > TOLERANCE; step++) {
            double[] move = newton(start, by, wanted);
            double length = 1;
            double[] next;
            double nextOff;
            do {
                next = new double[] {by[0] - length * move[0], by[1] - length * move[1], by[2] - length * move[2]};
                nextOff = distance(Observer.D65.xyzOf(moved(start, next)), wanted);
                length /= 2;
            } while (!(nextOff < off) && length > SHORTEST_STEP);
            if (!(nextOff < off)) {
                break;
            }
            by = next;
            off = nextOff;
        }
        return Spectrum.of(moved(start, by));
    }

    private static double[] newton(double[] start, double[] by, Xyz wanted) {
        double[] r = moved(start, by);
        double[][] slope = new double[3][3];
        for (int i = 0; i < N; i++) {
            double change = 2 * r[i] * (1 - r[i]);
            for (int c = 0; c < 3; c++) {
                for (int band = 0; band < 3; band++) {
                    slope[c][band] += Observer.D65.weight(c, i) * change * BANDS[band][i];
                }
            }
        }
        Xyz here = Observer.D65.xyzOf(r);
        return new SimpleMatrix(slope)
                .pseudoInverse()
                .mult(new SimpleMatrix(3, 1, true, here.x() - wanted.x(), here.y() - wanted.y(), here.z() - wanted.z()))
                .getDDRM()
                .getData();
    }

    private static double[] moved(double[] start, double[] by) {
        double[] r = new double[N];
        for (int i = 0; i < N; i++) {
            double z = start[i] + by[0] * BANDS[0][i] + by[1] * BANDS[1][i] + by[2] * BANDS[2][i];
            r[i] = (Math.tanh(z) + 1) / 2;
        }
        return r;
    }

    private static double distance(Xyz one, Xyz other) {
        return Math.sqrt(
                Math.pow(one.x() - other.x(), 2) + Math.pow(one.y() - other.y(), 2) + Math.pow(one.z() - other.z(), 2));
    }

    /** Short, middle and long waves, together 1 everywhere. */
    private static double[][] bands() {
        double[][] bands = new double[3][N];
        for (int i = 0; i < N; i++) {
            double nm = Spectrum.FIRST_NM + Spectrum.STEP_NM * i;
            double beyondFirst = 1 / (1 + Math.exp(-(nm - EDGES_NM[0]) / EDGE_WIDTH_NM));
            double beyondSecond = 1 / (1 + Math.exp(-(nm - EDGES_NM[1]) / EDGE_WIDTH_NM));
            bands[0][i] = 1 - beyondFirst;
            bands[1][i] = beyondFirst - beyondSecond;
            bands[2][i] = beyondSecond;
        }
        return bands;
    }
}
