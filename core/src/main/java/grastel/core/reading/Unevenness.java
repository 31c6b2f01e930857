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
        int window = (int) Math.round(WINDOW_MM * samplesPerMm);
        int step = (int) Math.round(STEP_MM * samplesPerMm);
        int cell = (int) Math.round(CELL_MM * samplesPerMm);
        double sum = 0;
        double sumSquares = 0;
        double grain = 0;
        int count = 0;
        for (int y = 0; y + window <= luminance.height; y += step) {
            for (int x = 0; x + window <= luminance.width; x += step) {
                if (!mask.hasSquare(x, y, window)) {
                    continue;
                }
                double[] halves = halves(luminance, x, y, window, cell);
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

    private static double[] halves(Plane plane, int x0, int y0, int window, int cell) {
        double[] sums = new double[2];
        int[] counts = new int[2];
        for (int y = 0; y < window; y++) {
            for (int x = 0; x < window; x++) {
                int half = (x / cell + y / cell) & 1;
                sums[half] += plane.data[(y0 + y) * plane.width + x0 + x];
                counts[half]++;
            }
        }
        return new double[] {sums[0] / counts[0], sums[1] / counts[1]};
    }
}
