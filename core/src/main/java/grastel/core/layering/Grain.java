package grastel.core.layering;

/**
 * Smooth repeatable noise over the plane: the height of a paper's tooth, or the wandering of a hand. Lattice values are
 * joined by a smooth curve; two octaves are summed.
 */
public final class Grain {
    private final long seed;
    private final double period;

    /** @param scaleMm distance from one peak to the next valley, mm */
    public Grain(long seed, double scaleMm) {
        this.seed = seed;
        this.period = scaleMm;
    }

    /** Middle values are the most common: about 0.5 ± 0.17, within 0…1. */
    public double at(double xMm, double yMm) {
        double coarse = lattice(xMm / period, yMm / period, 0);
        double fine = lattice(xMm / period * 2.03 + 17.3, yMm / period * 2.03 - 5.1, 1);
        return 0.68 * coarse + 0.32 * fine;
    }

    private double lattice(double x, double y, int octave) {
        int ix = (int) Math.floor(x);
        int iy = (int) Math.floor(y);
        double fx = smooth(x - ix);
        double fy = smooth(y - iy);
        double top = hash(ix, iy, octave) * (1 - fx) + hash(ix + 1, iy, octave) * fx;
        double bottom = hash(ix, iy + 1, octave) * (1 - fx) + hash(ix + 1, iy + 1, octave) * fx;
        return top * (1 - fy) + bottom * fy;
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
