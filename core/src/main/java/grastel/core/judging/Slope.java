package grastel.core.judging;

/**
 * The plane through figures of some cells, by least squares.
 *
 * @param across and down, for each cell
 * @param xx and yy variances of the cells' places, and xy their covariance
 */
record Slope(double across, double down, double xx, double yy, double xy) {
    static Slope of(Grid grid, int[] cells) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i : cells) {
            x += i % grid.columns;
            y += i / grid.columns;
            z += grid.at(i);
        }
        double n = cells.length;
        double[] s = new double[5];
        for (int i : cells) {
            double dx = i % grid.columns - x / n;
            double dy = i / grid.columns - y / n;
            double dz = grid.at(i) - z / n;
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
    double with(Slope other) {
        return across * other.across * xx + down * other.down * yy + (across * other.down + down * other.across) * xy;
    }

    /** Standard deviation of the plane over its cells. */
    double swing() {
        return Math.sqrt(Math.max(0, with(this)));
    }
}
