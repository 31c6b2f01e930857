package grastel.core.layering.picture;

import java.util.Arrays;

/**
 * Smooth repeatable noise over the plane: the height of a paper's tooth, or the wandering of a hand. Lattice values are
 * joined by a smooth curve; two octaves are summed.
 */
public final class Grain {
    private static final double COARSE = 0.68;
    /** Period of the coarse octave over that of the fine one. */
    private static final double FINER = 2.03;

    private final long seed;
    private final double period;

    /** @param scaleMm distance from one peak to the next valley, mm */
    public Grain(long seed, double scaleMm) {
        this.seed = seed;
        this.period = scaleMm;
    }

    /** Middle values are the most common: about 0.5 ± 0.17, within 0…1. */
    public double at(double xMm, double yMm) {
        double x = xMm / period;
        double y = yMm / period;
        return COARSE * lattice(x, y, 0) + (1 - COARSE) * lattice(x * FINER + 17.3, y * FINER - 5.1, 1);
    }

    private double lattice(double x, double y, int octave) {
        int ix = (int) Math.floor(x);
        int iy = (int) Math.floor(y);
        double fy = smooth(y - iy);
        double left = column(ix, iy, fy, octave);
        return left + smooth(x - ix) * (column(ix + 1, iy, fy, octave) - left);
    }

    /** The values along a row of places, which share most of the work. @param stepMm from one to the next */
    public void row(double fromMm, double stepMm, double yMm, double[] out) {
        Arrays.fill(out, 0);
        double scale = 1 / period;
        addOctave(fromMm * scale, stepMm * scale, yMm * scale, 0, COARSE, out);
        double fine = FINER * scale;
        addOctave(fromMm * fine + 17.3, stepMm * fine, yMm * fine - 5.1, 1, 1 - COARSE, out);
    }

    /** Between the columns of the lattice values run smoothly; a column is worked out when the row comes to it. */
    private void addOctave(double x0, double step, double y, int octave, double weight, double[] out) {
        int iy = (int) Math.floor(y);
        double fy = smooth(y - iy);
        int ix = (int) Math.floor(x0);
        double left = column(ix, iy, fy, octave);
        double right = column(ix + 1, iy, fy, octave);
        for (int i = 0; i < out.length; i++) {
            double x = x0 + i * step;
            int now = (int) Math.floor(x);
            if (now != ix) {
                left = now == ix + 1 ? right : column(now, iy, fy, octave);
                right = column(now + 1, iy, fy, octave);
                ix = now;
            }
            out[i] += weight * (left + smooth(x - ix) * (right - left));
        }
    }

    private double column(int ix, int iy, double fy, int octave) {
        return hash(ix, iy, octave) * (1 - fy) + hash(ix, iy + 1, octave) * fy;
    }

    private static double smooth(double t) {
        return t * t * (3 - 2 * t);
    }

    /** 0…1 from three integers; the mixing steps of SplitMix64 (Steele, Lea and Flood 2014). */
    private double hash(int x, int y, int octave) {
        long h = seed + x * 0x9E3779B97F4A7C15L + y * 0xC2B2AE3D27D4EB4FL + octave * 0x165667B19E3779F9L;
        h = (h ^ (h >>> 30)) * 0xBF58476D1CE4E5B9L;
        h = (h ^ (h >>> 27)) * 0x94D049BB133111EBL;
        return ((h ^ (h >>> 31)) >>> 11) * 0x1.0p-53;
    }
}
