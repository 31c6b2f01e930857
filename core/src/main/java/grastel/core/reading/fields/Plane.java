package grastel.core.reading.fields;

import java.util.Arrays;

/** A small grid of numbers, for the measures of one box. */
final class Plane {
    final int width;
    final int height;
    final float[] data;

    Plane(int width, int height) {
        this.width = width;
        this.height = height;
        this.data = new float[width * height];
    }

    /** This plane through a round Gaussian spot. @param sigma in samples; under 0.3 changes nothing */
    Plane blurred(double sigma) {
        if (sigma < 0.3) {
            return this;
        }
        int radius = (int) Math.ceil(2.6 * sigma);
        float[] kernel = new float[2 * radius + 1];
        float total = 0;
        for (int i = -radius; i <= radius; i++) {
            kernel[i + radius] = (float) Math.exp(-i * i / (2 * sigma * sigma));
            total += kernel[i + radius];
        }
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] /= total;
        }
        Plane across = new Plane(width, height);
        float[] wide = new float[width + 2 * radius];
        for (int y = 0; y < height; y++) {
            extended(y, wide, radius);
            for (int k = 0; k < kernel.length; k++) {
                add(kernel[k], wide, k, across.data, y * width, width);
            }
        }
        Plane out = new Plane(width, height);
        for (int y = 0; y < height; y++) {
            for (int k = 0; k < kernel.length; k++) {
                int from = Math.min(height - 1, Math.max(0, y - radius + k));
                add(kernel[k], across.data, from * width, out.data, y * width, width);
            }
        }
        return out;
    }

    /** A line with its first and last value going on beyond its ends. */
    private void extended(int y, float[] wide, int radius) {
        System.arraycopy(data, y * width, wide, radius, width);
        Arrays.fill(wide, 0, radius, data[y * width]);
        Arrays.fill(wide, radius + width, wide.length, data[y * width + width - 1]);
    }

    /** Whole lines at a time, which the compiler turns into vector instructions. */
    private static void add(float weight, float[] from, int start, float[] to, int at, int count) {
        for (int i = 0; i < count; i++) {
            to[at + i] += weight * from[start + i];
        }
    }
}
