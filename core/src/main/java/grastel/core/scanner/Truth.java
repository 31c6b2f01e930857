package grastel.core.scanner;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.Rect;
import java.util.Arrays;

/**
 * What was really painted in a box, measured on the flat page before light, lens and sensor: the reader is checked against
 * it. Specks are places seen through a round spot of standard deviation 0.18 mm that are nearer bare paper than the box's
 * own tone (its darkest tenth, at least 8 L* under the paper).
 *
 * @param field the box
 * @param colour mean colour 1 mm inside the edge
 * @param specks share of the area, 0…1
 */
public record Truth(String field, Lab colour, double specks) {
    private static final double SPOT_MM = 0.18;

    static Truth of(String field, FlatPage page, Rect box, double paperLightness) {
        Rect inner = box.inset(1);
        int x0 = (int) Math.round(inner.x() * FlatPage.PX_PER_MM);
        int y0 = (int) Math.round(inner.y() * FlatPage.PX_PER_MM);
        int w = (int) Math.round(inner.width() * FlatPage.PX_PER_MM);
        int h = (int) Math.round(inner.height() * FlatPage.PX_PER_MM);
        double[] luminance = new double[w * h];
        double[] sum = new double[3];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double r = page.at(x0 + x, y0 + y, 0);
                double g = page.at(x0 + x, y0 + y, 1);
                double b = page.at(x0 + x, y0 + y, 2);
                sum[0] += r;
                sum[1] += g;
                sum[2] += b;
                luminance[y * w + x] = new LinearRgb(r, g, b).luminance();
            }
        }
        int n = w * h;
        Lab colour = Lab.of(new LinearRgb(sum[0] / n, sum[1] / n, sum[2] / n).toXyz());
        return new Truth(field, colour, specks(blurred(luminance, w, h), paperLightness));
    }

    private static double specks(double[] luminance, double paper) {
        double[] lightness = Arrays.stream(luminance).map(Lab::lightnessOf).toArray();
        double[] sorted = lightness.clone();
        Arrays.sort(sorted);
        double tone = Math.min(sorted[sorted.length / 10], paper - 8);
        double limit = (tone + paper) / 2;
        return Arrays.stream(lightness).filter(l -> l > limit).count() / (double) lightness.length;
    }

    private static double[] blurred(double[] plane, int w, int h) {
        int radius = (int) Math.ceil(3 * SPOT_MM * FlatPage.PX_PER_MM);
        double[] kernel = new double[2 * radius + 1];
        double total = 0;
        for (int i = -radius; i <= radius; i++) {
            double d = i / (SPOT_MM * FlatPage.PX_PER_MM);
            kernel[i + radius] = Math.exp(-d * d / 2);
            total += kernel[i + radius];
        }
        double[] across = new double[plane.length];
        double[] out = new double[plane.length];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double sum = 0;
                for (int i = -radius; i <= radius; i++) {
                    sum += kernel[i + radius] * plane[y * w + Math.min(w - 1, Math.max(0, x + i))];
                }
                across[y * w + x] = sum / total;
            }
        }
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double sum = 0;
                for (int i = -radius; i <= radius; i++) {
                    sum += kernel[i + radius] * across[Math.min(h - 1, Math.max(0, y + i)) * w + x];
                }
                out[y * w + x] = sum / total;
            }
        }
        return out;
    }
}
