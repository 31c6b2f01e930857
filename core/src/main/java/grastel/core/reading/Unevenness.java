package grastel.core.reading;

import grastel.core.colour.Lab;

/**
 * How unevenly a box is covered: the standard deviation of L* between windows of 2 mm, freed from the part that the
 * paper's grain alone would give. Each window is a chequerboard of 0.5 mm cells; its white and black cells are two
 * independent looks at the same tone, and half their mean squared difference is what grain adds to a window's mean.
 */
final class Unevenness {
    private static final double WINDOW_MM = 2;
    private static final double STEP_MM = 1;
    private static final double CELL_MM = 0.5;

    private Unevenness() {}

    /** @param mask the field's inside */
    static double of(Plane luminance, Mask mask, double samplesPerMm) {
        int cell = (int) Math.round(CELL_MM * samplesPerMm);
        int window = (int) Math.round(WINDOW_MM / CELL_MM);
        int step = (int) Math.round(STEP_MM / CELL_MM);
        int across = luminance.width / cell;
        int down = luminance.height / cell;
        double[] cells = cells(luminance, cell, across, down);
        double sum = 0;
        double sumSquares = 0;
        double grain = 0;
        int count = 0;
        for (int y = 0; y + window <= down; y += step) {
            for (int x = 0; x + window <= across; x += step) {
                if (!mask.hasSquare(x * cell, y * cell, window * cell)) {
                    continue;
                }
                double[] halves = halves(cells, across, x, y, window);
                double one = Lab.lightnessOf(halves[0]);
                double two = Lab.lightnessOf(halves[1]);
                double mean = (one + two) / 2;
                sum += mean;
                sumSquares += mean * mean;
                grain += (one - two) * (one - two) / 4;
                count++;
            }
        }
        if (count < 2) {
            return 0;
        }
        double variance = (sumSquares - sum * sum / count) / (count - 1);
        return Math.sqrt(Math.max(0, variance - grain / count));
    }

    /** Mean luminance of each cell, row by row. */
    private static double[] cells(Plane plane, int cell, int across, int down) {
        double[] cells = new double[across * down];
        for (int y = 0; y < down * cell; y++) {
            int row = y / cell * across;
            for (int x = 0; x < across; x++) {
                for (int k = 0; k < cell; k++) {
                    cells[row + x] += plane.data[y * plane.width + x * cell + k];
                }
            }
        }
        for (int i = 0; i < cells.length; i++) {
            cells[i] /= cell * cell;
        }
        return cells;
    }

    /** Means of a window's white and of its black cells. */
    private static double[] halves(double[] cells, int across, int x0, int y0, int window) {
        double[] sums = new double[2];
        for (int y = 0; y < window; y++) {
            for (int x = 0; x < window; x++) {
                sums[(x + y) & 1] += cells[(y0 + y) * across + x0 + x];
            }
        }
        double half = window * window / 2.0;
        return new double[] {sums[0] / half, sums[1] / half};
    }
}
