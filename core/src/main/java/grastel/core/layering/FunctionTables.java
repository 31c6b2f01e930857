package grastel.core.layering;

/**
 * The two functions a swatch takes hundreds of times for every pass, from tables: together they were most of the time of a
 * pass and of its colour.
 */
final class FunctionTables {
    /** Yule and Nielsen 1951: light spreads sideways in paper, so classes average in R^(1/n). */
    static final double SPREAD = 1.7;

    private static final int STEPS_PER_UNIT = 32;
    private static final double NOTHING_LEFT = 40;
    private static final double[] FADES = new double[((int) NOTHING_LEFT) * STEPS_PER_UNIT + 1];

    private static final int ROOT_STEPS = 2048;
    private static final double[] ROOTS = new double[ROOT_STEPS + 2];

    static {
        for (int i = 0; i < FADES.length; i++) {
            FADES[i] = Math.exp(-(double) i / STEPS_PER_UNIT);
        }
        for (int i = 0; i < ROOTS.length; i++) {
            ROOTS[i] = Math.pow((double) i / ROOT_STEPS, 2 / SPREAD);
        }
    }

    private FunctionTables() {}

    /** e^−x for x ≥ 0, within 5e-8 of itself; 0 beyond 40. A table of thirty-seconds and three terms of Taylor's series. */
    static double fade(double x) {
        if (x >= NOTHING_LEFT) {
            return 0;
        }
        int i = (int) (x * STEPS_PER_UNIT);
        double rest = x - (double) i / STEPS_PER_UNIT;
        return FADES[i] * (1 - rest * (1 - rest * (0.5 - rest * (1.0 / 6))));
    }

    /** R^(1/1.7) for 0 ≤ R ≤ 1, within 2e-7. Straight between table places over √R, which bends least. */
    static double spread(double reflectance) {
        double at = Math.sqrt(reflectance) * ROOT_STEPS;
        int i = (int) at;
        return ROOTS[i] + (ROOTS[i + 1] - ROOTS[i]) * (at - i);
    }
}
