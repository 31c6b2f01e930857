package grastel.core.scanner;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.Rect;
import grastel.core.scanner.sheet.FlatPage;
import grastel.core.scanner.sheet.Region;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * What was really painted in a field, measured on the flat page before light, lens and sensor: the reader is checked against
 * it. Specks are places seen through a round spot of standard deviation 0.18 mm that are nearer bare paper than the field's
 * own tone (its darkest tenth, at least 8 L* under the paper).
 *
 * @param field the field
 * @param colour mean colour 1 mm inside the edge
 * @param specks share of the area, 0…1
 * @param bandMm where along a strip a line was left, mm from its left end; NaN where none was
 */
public record GroundTruth(String field, Lab colour, double specks, double bandMm) {
    private static final double SPOT_MM = 0.18;
    private static final double MARGIN_MM = 1;

    static GroundTruth of(String field, FlatPage page, Region region, double paperLightness, double band) {
        Rect bounds = region.bounds();
        int x0 = (int) Math.round(bounds.x() * page.pxPerMm);
        int y0 = (int) Math.round(bounds.y() * page.pxPerMm);
        int w = (int) Math.round(bounds.width() * page.pxPerMm);
        int h = (int) Math.round(bounds.height() * page.pxPerMm);
        double[] luminance = new double[w * h];
        boolean[] inside = new boolean[w * h];
        double[] sum = new double[3];
        int n = 0;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                LinearRgb light = new LinearRgb(
                        page.at(x0 + x, y0 + y, 0), page.at(x0 + x, y0 + y, 1), page.at(x0 + x, y0 + y, 2));
                luminance[y * w + x] = light.luminance();
                double mmX = (x0 + x + 0.5) / page.pxPerMm;
                double mmY = (y0 + y + 0.5) / page.pxPerMm;
                if (region.insideBy(mmX, mmY, MARGIN_MM)) {
                    inside[y * w + x] = true;
                    sum[0] += light.red();
                    sum[1] += light.green();
                    sum[2] += light.blue();
                    n++;
                }
            }
        }
        Lab colour = n == 0
                ? new Lab(paperLightness, 0, 0)
                : Lab.of(new LinearRgb(sum[0] / n, sum[1] / n, sum[2] / n).toXyz());
        double[] blurred = blurred(luminance, w, h, SPOT_MM * page.pxPerMm);
        double[] seen = IntStream.range(0, blurred.length)
                .filter(i -> inside[i])
                .mapToDouble(i -> blurred[i])
                .toArray();
        return new GroundTruth(
                field, colour, seen.length == 0 ? 0 : specks(seen, paperLightness), band * bounds.width());
    }

    private static double specks(double[] luminance, double paper) {
        double[] lightness = Arrays.stream(luminance).map(Lab::lightnessOf).toArray();
        double[] sorted = lightness.clone();
        Arrays.sort(sorted);
        boolean lighter = Arrays.stream(lightness).average().orElse(paper) > paper + 2;
        double tone = lighter
                ? Math.max(sorted[sorted.length * 9 / 10], paper + 8)
                : Math.min(sorted[sorted.length / 10], paper - 8);
        double limit = (tone + paper) / 2;
        return Arrays.stream(lightness).filter(l -> l > limit != lighter).count() / (double) lightness.length;
    }

    private static double[] blurred(double[] plane, int w, int h, double sigma) {
        int radius = (int) Math.ceil(3 * sigma);
        double[] kernel = new double[2 * radius + 1];
        double total = 0;
        for (int i = -radius; i <= radius; i++) {
            double d = i / sigma;
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
