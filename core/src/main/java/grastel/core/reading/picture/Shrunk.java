package grastel.core.reading.picture;

import java.util.stream.IntStream;

/**
 * A picture made smaller, as light.
 *
 * @param light of red, green and blue, 0…1, row by row: the mean of what lies under each place
 */
public record Shrunk(int width, int height, float[][] light) {
    private static final int CHANNELS = 3;

    /** @param side longer side at most, pixels; a smaller picture stays as large as it is */
    public static Shrunk of(Picture picture, int side) {
        double scale = Math.min(1, side / (double) Math.max(picture.width(), picture.height()));
        int width = (int) Math.max(1, Math.round(picture.width() * scale));
        int height = (int) Math.max(1, Math.round(picture.height() * scale));
        Shrunk small = new Shrunk(width, height, new float[CHANNELS][width * height]);
        IntStream.range(0, height).parallel().forEach(y -> small.row(picture, y));
        return small;
    }

    private void row(Picture picture, int y) {
        int top = (int) ((long) y * picture.height() / height);
        int bottom = Math.max(top + 1, (int) ((y + 1L) * picture.height() / height));
        for (int x = 0; x < width; x++) {
            int left = (int) ((long) x * picture.width() / width);
            int right = Math.max(left + 1, (int) ((x + 1L) * picture.width() / width));
            double[] sum = new double[CHANNELS];
            for (int py = top; py < bottom; py++) {
                for (int px = left; px < right; px++) {
                    int code = picture.code(px, py);
                    for (int c = 0; c < CHANNELS; c++) {
                        sum[c] += PixelLight.OF_CODE[code >> 16 - 8 * c & 255];
                    }
                }
            }
            for (int c = 0; c < CHANNELS; c++) {
                light[c][y * width + x] = (float) (sum[c] / ((bottom - top) * (right - left)));
            }
        }
    }
}
