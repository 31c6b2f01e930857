package grastel.core.fit;

import java.util.function.IntToDoubleFunction;

/**
 * The plane through figures of some cells, by least squares.
 *
 * @param across and down, from one cell to the next; 0 where the cells lie on a line
 * @param xx and yy variances of the cells' places, and xy their covariance
 */
public record Slope(double across, double down, double xx, double yy, double xy) {
    /** @param columns cells of a row; @param figure of a cell by its number, row by row */
    public static Slope of(int columns, IntToDoubleFunction figure, int[] cells) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i : cells) {
            x += i % columns;
            y += i / columns;
            z += figure.applyAsDouble(i);
        }
        double n = Math.max(1, cells.length);
        double[] s = new double[5];
        for (int i : cells) {
            double dx = i % columns - x / n;
            double dy = i / columns - y / n;
            double dz = figure.applyAsDouble(i) - z / n;
            s[0] += dx * dx / n;
            s[1] += dy * dy / n;
            s[2] += dx * dy / n;
            s[3] += dx * dz / n;
            s[4] += dy * dz / n;
        }
        double det = s[0] * s[1] - s[2] * s[2];
        if (det < 1e-9) {
            return new Slope(0, 0, s[0], s[1], s[2]);
        }
        return new Slope((s[1] * s[3] - s[2] * s[4]) / det, (s[0] * s[4] - s[2] * s[3]) / det, s[0], s[1], s[2]);
    }

    /** Covariance of two planes over the same cells. */
    public double with(Slope other) {
        return across * other.across * xx + down * other.down * yy + (across * other.down + down * other.across) * xy;
    }

    /** Standard deviation of the plane over its cells. */
    public double swing() {
        return Math.sqrt(Math.max(0, with(this)));
    }
}
