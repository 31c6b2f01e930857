package grastel.core.reading;

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
        for (int y = 0; y < height; y++) {
            line(data, across.data, y * width, 1, width, kernel, radius);
        }
        Plane out = new Plane(width, height);
        for (int x = 0; x < width; x++) {
            line(across.data, out.data, x, width, height, kernel, radius);
        }
        return out;
    }

    private static void line(float[] from, float[] to, int start, int stride, int count, float[] kernel, int radius) {
        for (int i = 0; i < count; i++) {
            boolean inside = i >= radius && i < count - radius;
            to[start + i * stride] = inside
                    ? weighted(from, start + (i - radius) * stride, stride, kernel)
                    : weightedAtEnd(from, start, stride, count, i - radius, kernel);
        }
    }

    private static float weighted(float[] from, int first, int stride, float[] kernel) {
        float sum = 0;
        int at = first;
        for (float weight : kernel) {
            sum += weight * from[at];
            at += stride;
        }
        return sum;
    }

    /** Beyond the ends the last value goes on. */
    private static float weightedAtEnd(float[] from, int start, int stride, int count, int first, float[] kernel) {
        float sum = 0;
        for (int k = 0; k < kernel.length; k++) {
            int at = Math.min(count - 1, Math.max(0, first + k));
            sum += kernel[k] * from[start + at * stride];
        }
        return sum;
    }
}
