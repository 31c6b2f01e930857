package grastel.core.colour;

/**
 * The same surface under another light: the linear Bradford transform, as ICC.1:2022 annex E writes it. Exact for greys,
 * an estimate for colours; where a spectrum is known, compute from it instead.
 */
public final class ChromaticAdaptation {
    private static final double[][] CONE = {
        {0.8951, 0.2664, -0.1614},
        {-0.7502, 1.7135, 0.0367},
        {0.0389, -0.0685, 1.0296}
    };
    /** Inverse of {@link #CONE}, seven digits. */
    private static final double[][] BACK = {
        {0.9869929, -0.1470543, 0.1599627},
        {0.4323053, 0.5183603, 0.0492912},
        {-0.0085287, 0.0400428, 0.9684867}
    };

    private ChromaticAdaptation() {}

    /** A colour as it would be reported for another white. */
    public static Lab adapt(Lab colour, ReferenceWhite to) {
        if (colour.white().equals(to)) {
            return colour;
        }
        double[] cones = times(CONE, colour.toXyz());
        double[] from = times(CONE, asXyz(colour.white()));
        double[] into = times(CONE, asXyz(to));
        for (int i = 0; i < 3; i++) {
            cones[i] *= into[i] / from[i];
        }
        double[] xyz = times(BACK, new Xyz(cones[0], cones[1], cones[2]));
        return Lab.of(new Xyz(xyz[0], xyz[1], xyz[2]), to);
    }

    private static Xyz asXyz(ReferenceWhite white) {
        return new Xyz(white.x(), white.y(), white.z());
    }

    private static double[] times(double[][] m, Xyz v) {
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = m[i][0] * v.x() + m[i][1] * v.y() + m[i][2] * v.z();
        }
        return out;
    }
}
