package grastel.core.reading.strips;

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

    /** Change from one value to the next by one straight line. @param reach values looked at on either side */
    static double slope(List<Double> values, int at, int reach) {
        int from = Math.max(0, at - reach);
        int to = Math.min(values.size(), at + reach);
        double meanT = (from + to - 1) / 2.0;
        double tt = 0;
        double tv = 0;
        for (int i = from; i < to; i++) {
            tt += (i - meanT) * (i - meanT);
            tv += (i - meanT) * values.get(i);
        }
        return tt > 0 ? tv / tt : 0;
    }
}
