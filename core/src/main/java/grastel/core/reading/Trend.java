package grastel.core.reading;

import java.util.Arrays;
import java.util.List;

/**
 * How a row of values runs around one place: two straight lines of one slope, one for each side, fitted by least squares (a
 * change point in a linear trend; Quandt 1958).
 *
 * @param slope change from one value to the next
 * @param step offset between the two lines
 * @param stepError standard error of the offset for noise of one
 */
record Trend(double slope, double step, double stepError) {
    /** @param at the first value of the right side; @param reach values looked at on either side */
    static Trend around(List<Double> values, int at, int reach) {
        int from = Math.max(0, at - reach);
        int to = Math.min(values.size(), at + reach);
        int n = to - from;
        double meanT = (from + to - 1) / 2.0;
        double meanH = (to - at) / (double) n;
        double meanV = 0;
        for (int i = from; i < to; i++) {
            meanV += values.get(i) / n;
        }
        double tt = 0;
        double hh = 0;
        double th = 0;
        double tv = 0;
        double hv = 0;
        for (int i = from; i < to; i++) {
            double t = i - meanT;
            double h = (i >= at ? 1 : 0) - meanH;
            double v = values.get(i) - meanV;
            tt += t * t;
            hh += h * h;
            th += t * h;
            tv += t * v;
            hv += h * v;
        }
        double determinant = tt * hh - th * th;
        if (determinant < 1e-9) {
            return new Trend(tt > 0 ? tv / tt : 0, 0, Double.POSITIVE_INFINITY);
        }
        return new Trend(
                (hh * tv - th * hv) / determinant, (tt * hv - th * tv) / determinant, Math.sqrt(tt / determinant));
    }

    /**
     * Noise of a step at one place: grain is rougher on the darker side of a line, so each side's is found by itself. @param reach
     * values looked at on either side
     */
    static double noise(List<Double> values, int at, int reach) {
        double left = noise(values.subList(Math.max(0, at - reach), at));
        double right = noise(values.subList(at, Math.min(values.size(), at + reach)));
        return Math.sqrt((left * left + right * right) / 2);
    }

    /** Standard deviation of one value about its neighbours' trend: half of them lie closer than 0.6745 of it. */
    private static double noise(List<Double> values) {
        double[] off = new double[Math.max(1, values.size() - 2)];
        for (int i = 1; i + 1 < values.size(); i++) {
            off[i - 1] = Math.abs(values.get(i) - (values.get(i - 1) + values.get(i + 1)) / 2) / Math.sqrt(1.5);
        }
        Arrays.sort(off);
        return off[off.length / 2] / 0.6745;
    }
}
