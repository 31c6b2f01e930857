package grastel.core.reference;

import grastel.core.colour.Lab;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Draws the borders between areas where the colour is half way: a place at a border goes to the area beside it whose mean colour is
 * nearer, again and again. So a border in a soft gradation follows the form and not the grid the areas were found on.
 */
final class Borders {
    /** Borders are off by half a superpixel at most, about 15 px. */
    private static final int ROUNDS = 24;

    private static final int BANDS = 3;

    private Borders() {}

    /** @param labels an area's number for each place, row by row; @param smooth L*, a* and b* there */
    static int[] drawn(int width, int[] labels, float[][] smooth) {
        int[] now = labels.clone();
        int areas = Arrays.stream(labels).max().orElse(0) + 1;
        for (int round = 0; round < ROUNDS; round++) {
            int[] before = now;
            double[][] means = means(before, smooth, areas);
            now = IntStream.range(0, before.length)
                    .parallel()
                    .map(i -> nearest(i, width, before, smooth, means))
                    .toArray();
            if (Arrays.equals(now, before)) {
                break;
            }
        }
        return now;
    }

    /** L*, a* and b*, each the mean of three by three: noise must not fray a border. */
    static float[][] smooth(int width, Lab[] colours) {
        int height = colours.length / width;
        float[][] smooth = new float[BANDS][colours.length];
        IntStream.range(0, colours.length).parallel().forEach(i -> {
            int count = 0;
            for (int y = Math.max(0, i / width - 1); y <= Math.min(height - 1, i / width + 1); y++) {
                for (int x = Math.max(0, i % width - 1); x <= Math.min(width - 1, i % width + 1); x++) {
                    Lab one = colours[y * width + x];
                    smooth[0][i] += (float) one.lightness();
                    smooth[1][i] += (float) one.a();
                    smooth[2][i] += (float) one.b();
                    count++;
                }
            }
            for (float[] band : smooth) {
                band[i] /= count;
            }
        });
        return smooth;
    }

    private static double[][] means(int[] labels, float[][] colours, int areas) {
        double[][] means = new double[areas][BANDS];
        int[] counts = new int[areas];
        for (int i = 0; i < labels.length; i++) {
            counts[labels[i]]++;
            for (int band = 0; band < BANDS; band++) {
                means[labels[i]][band] += colours[band][i];
            }
        }
        for (int area = 0; area < areas; area++) {
            for (int band = 0; band < BANDS; band++) {
                means[area][band] /= Math.max(1, counts[area]);
            }
        }
        return means;
    }

    private static int nearest(int i, int width, int[] labels, float[][] colours, double[][] means) {
        int own = labels[i];
        int x = i % width;
        int left = x > 0 ? i - 1 : i;
        int right = x + 1 < width ? i + 1 : i;
        int above = i >= width ? i - width : i;
        int below = i + width < labels.length ? i + width : i;
        if (labels[left] == own && labels[right] == own && labels[above] == own && labels[below] == own) {
            return own;
        }
        int best = own;
        double least = off(i, best, colours, means);
        int[] beside = {left, right, above, below};
        for (int next : beside) {
            if (labels[next] != own) {
                double off = off(i, labels[next], colours, means);
                if (off < least) {
                    least = off;
                    best = labels[next];
                }
            }
        }
        return best;
    }

    private static double off(int i, int area, float[][] colours, double[][] means) {
        double off = 0;
        for (int band = 0; band < BANDS; band++) {
            off += Math.pow(colours[band][i] - means[area][band], 2);
        }
        return off;
    }
}
