package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import java.util.Arrays;

/**
 * How windows of a box differ in L*, freed from what the paper's fine grain alone would give. Each window of 2 mm is a
 * chequerboard of 0.5 mm cells; its white and black cells are two independent looks at the same tone, and half their mean
 * squared difference is what grain adds to a window's mean. Papers that take colour in clouds differ from one window to the
 * next; a hand leaves larger patches. So the part that windows side by side show in full is the paper's.
 *
 * @param variance of all windows, squared L*
 * @param near half the mean squared difference of windows that lie side by side
 */
record Unevenness(double variance, double near) {
    private static final double WINDOW_MM = 2;
    private static final double STEP_MM = 1;
    private static final double CELL_MM = 0.5;

    /**
     * What {@code near} is of {@code variance} where a hand left patches, and where the paper has clouds; as found on simulated
     * pages: patches 0.50–0.53 whatever the tone, clouds of about the window's size 0.76–0.97.
     */
    private static final double OF_PATCHES = 0.5;

    private static final double OF_CLOUDS = 0.8;

    /** Standard deviation of what the hand left, L*; half of what is taken for the paper's is in the interval. */
    Measured ofTheHand() {
        double all = Math.sqrt(variance);
        double share = variance == 0 ? 0 : (near / variance - OF_PATCHES) / (OF_CLOUDS - OF_PATCHES);
        double hand = all * Math.sqrt(1 - Math.min(1, Math.max(0, share)));
        return new Measured(hand, Math.hypot(0.3 + 0.1 * hand, (all - hand) / 2));
    }

    /** @param mask the field's inside */
    static Unevenness of(Plane luminance, Mask mask, double samplesPerMm) {
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
        double[] tones = new double[across * down];
        Arrays.fill(tones, Double.NaN);
        for (int y = 0; y + window <= down; y += step) {
            for (int x = 0; x + window <= across; x += step) {
                if (!mask.hasSquare(x * cell, y * cell, window * cell)) {
                    continue;
                }
                double[] halves = halves(cells, across, x, y, window);
                double one = Lab.lightnessOf(halves[0]);
                double two = Lab.lightnessOf(halves[1]);
                double mean = (one + two) / 2;
                tones[y * across + x] = mean;
                sum += mean;
                sumSquares += mean * mean;
                grain += (one - two) * (one - two) / 4;
                count++;
            }
        }
        if (count < 2) {
            return new Unevenness(0, 0);
        }
        double variance = (sumSquares - sum * sum / count) / (count - 1);
        return new Unevenness(
                Math.max(0, variance - grain / count), Math.max(0, near(tones, across, window) - grain / count));
    }

    /** @param tones of windows by their first cell; not a number where there is none */
    private static double near(double[] tones, int across, int window) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < tones.length; i++) {
            int right = i % across + window < across ? i + window : -1;
            for (int other : new int[] {right, i + window * across}) {
                if (other >= 0 && other < tones.length && !Double.isNaN(tones[i] - tones[other])) {
                    sum += (tones[i] - tones[other]) * (tones[i] - tones[other]) / 2;
                    count++;
                }
            }
        }
        return count == 0 ? 0 : sum / count;
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
