package grastel.core.layering;

/** Finite-thickness Kubelka–Munk theory: P. Kubelka, J. Opt. Soc. Am. 38 (1948) 448–457, hyperbolic solution. */
final class KubelkaMunk {
    /** Beyond this S·X the film is opaque: coth differs from 1 by under 1e-8. */
    private static final double OPAQUE = 10;

    private KubelkaMunk() {}

    /** K/S of a film whose infinite thickness reflects {@code masstone}, clamped to 0.004…0.985. */
    static double ratioOf(double masstone) {
        double r = Math.min(0.985, Math.max(0.004, masstone));
        return (1 - r) * (1 - r) / (2 * r);
    }

    /**
     * Reflectance of a layer on a backing, at one wavelength.
     *
     * @param ratio K/S, unitless, ≥ 0
     * @param power S·X, unitless, ≥ 0
     * @param backing reflectance under the layer, 0…1
     * @return 0…1; exactly {@code backing} when {@code power} is 0
     */
    static double over(double ratio, double power, double backing) {
        if (power <= 0) {
            return backing;
        }
        double a = 1 + ratio;
        double b = Math.sqrt(a * a - 1);
        if (b < 1e-9) {
            return (power * (1 - backing) + backing) / (power * (1 - backing) + 1);
        }
        double bCoth = b / Math.tanh(Math.min(OPAQUE, b * power));
        return (1 - backing * (a - bCoth)) / (a - backing + bCoth);
    }
}
