package grastel.core.scanner.sheet;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;

/**
 * A page as it lies on the desk, in linear light. Red, green and blue of a place stand side by side in one whole number, 0…{@value
 * #FULL} for 0…1, with room to add up {@value #PARTS} of each: between places all three are found in one go.
 */
public final class FlatPage {
    private static final int PART_BITS = 5;
    /** Parts into which the place between pixels is divided. */
    static final int PARTS = 1 << PART_BITS;

    static final int FULL = 65535;
    /** What {@link #sample} gives for full light. */
    public static final int SAMPLED_FULL = FULL * PARTS;

    /** Steps along a run are reckoned in whole numbers of so many bits more than a part. */
    private static final int STEP_BITS = 24;

    private static final int LANE_BITS = 21;
    private static final long LANE = (1L << LANE_BITS) - 1;

    public final double pxPerMm;
    final int width;
    final int height;
    private final long[] light;

    private FlatPage(double pxPerMm, int width, int height) {
        this.pxPerMm = pxPerMm;
        this.width = width;
        this.height = height;
        this.light = new long[width * height];
    }

    /** The printed page, not yet filled. @param ink reflectance of the printer's black */
    public static FlatPage printed(PageLayout layout, Paper paper, double ink, double pxPerMm) {
        BufferedImage print = AwtInk.print(layout, pxPerMm);
        byte[] codes = ((DataBufferByte) print.getRaster().getDataBuffer()).getData();
        FlatPage page = new FlatPage(pxPerMm, print.getWidth(), print.getHeight());
        LinearRgb ground = LinearRgb.of(paper.ground().toXyz());
        long[] table = new long[256];
        for (int code = 0; code < 256; code++) {
            double share = code / 255.0;
            table[code] = packed(
                    ink + (ground.red() - ink) * share,
                    ink + (ground.green() - ink) * share,
                    ink + (ground.blue() - ink) * share);
        }
        for (int i = 0; i < codes.length; i++) {
            page.light[i] = table[codes[i] & 0xff];
        }
        return page;
    }

    /** Lays a transparent colour over what is there: ink lines show through pencil. */
    void glaze(int x, int y, double red, double green, double blue, LinearRgb ground) {
        int i = y * width + x;
        light[i] = packed(
                at(i, 0) * red / ground.red(), at(i, 1) * green / ground.green(), at(i, 2) * blue / ground.blue());
    }

    /** Changes the light of a place in mm. */
    public interface Change {
        public void at(double mmX, double mmY, double[] light);
    }

    public void change(Change change) {
        change(new Rect(0, 0, width / pxPerMm, height / pxPerMm), change);
    }

    /** Within an area, as far as it lies on the page. */
    public void change(Rect area, Change change) {
        int left = (int) Math.max(0, Math.round(area.x() * pxPerMm));
        int right = (int) Math.min(width, Math.round(area.right() * pxPerMm));
        int top = (int) Math.max(0, Math.round(area.y() * pxPerMm));
        int bottom = (int) Math.min(height, Math.round(area.bottom() * pxPerMm));
        IntStream.range(top, bottom).parallel().forEach(y -> {
            double[] here = new double[3];
            for (int x = left; x < right; x++) {
                int i = y * width + x;
                for (int c = 0; c < 3; c++) {
                    here[c] = at(i, c);
                }
                change.at((x + 0.5) / pxPerMm, (y + 0.5) / pxPerMm, here);
                light[i] = packed(here[0], here[1], here[2]);
            }
        });
    }

    /** Gaussian blur, along rows and along columns. @param sigmaX mm; @param sigmaY mm */
    public void blur(double sigmaX, double sigmaY) {
        if (sigmaX > 0) {
            double[] kernel = kernel(sigmaX);
            IntStream.range(0, height).parallel().forEach(y -> blurLine(y * width, 1, width, kernel));
        }
        if (sigmaY > 0) {
            double[] kernel = kernel(sigmaY);
            IntStream.range(0, width).parallel().forEach(x -> blurLine(x, width, height, kernel));
        }
    }

    private double[] kernel(double sigmaMm) {
        double sigma = sigmaMm * pxPerMm;
        int radius = (int) Math.ceil(3 * sigma);
        double[] kernel = new double[2 * radius + 1];
        double total = 0;
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] = Math.exp(-(i - radius) * (i - radius) / (2 * sigma * sigma));
            total += kernel[i];
        }
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] /= total;
        }
        return kernel;
    }

    private void blurLine(int start, int stride, int count, double[] kernel) {
        int radius = kernel.length / 2;
        double[][] line = new double[3][count];
        for (int i = 0; i < count; i++) {
            for (int c = 0; c < 3; c++) {
                line[c][i] = at(start + i * stride, c);
            }
        }
        double[] sum = new double[3];
        for (int i = 0; i < count; i++) {
            for (int c = 0; c < 3; c++) {
                sum[c] = 0;
                for (int k = 0; k < kernel.length; k++) {
                    sum[c] += kernel[k] * line[c][Math.min(count - 1, Math.max(0, i + k - radius))];
                }
            }
            light[start + i * stride] = packed(sum[0], sum[1], sum[2]);
        }
    }

    private double at(int place, int channel) {
        return lane(light[place], channel) / (double) FULL;
    }

    public double at(int x, int y, int channel) {
        return at(y * width + x, channel);
    }

    /** Light between pixels, see {@link #lane}; negative when the place is off the page. */
    public long sample(double x, double y) {
        return holds(x, y) ? between((int) ((x - 0.5) * PARTS + 0.5), (int) ((y - 0.5) * PARTS + 0.5)) : -1;
    }

    private boolean holds(double x, double y) {
        return x >= 0.5 && y >= 0.5 && x < width - 0.5 - 1.0 / PARTS && y < height - 0.5 - 1.0 / PARTS;
    }

    /** @param x, y place, in parts */
    private long between(int x, int y) {
        int fx = x & PARTS - 1;
        int fy = y & PARTS - 1;
        int corner = fx * fy + PARTS / 2 >> PART_BITS;
        int i = (y >> PART_BITS) * width + (x >> PART_BITS);
        return light[i] * (PARTS - fx - fy + corner)
                + light[i + 1] * (fx - corner)
                + light[i + width] * (fy - corner)
                + light[i + width + 1] * corner;
    }

    /**
     * Adds the light of places that follow each other by the same step.
     *
     * @param places how many
     * @param each so many of them are added up
     * @param into red, green, blue, from {@code at} on
     * @return false, and nothing was added, where they do not all lie on the page
     */
    public boolean addRun(int places, int each, double xMm, double yMm, double dxMm, double dyMm, int[] into, int at) {
        double endX = (xMm + (places - 1) * dxMm) * pxPerMm;
        double endY = (yMm + (places - 1) * dyMm) * pxPerMm;
        if (!holds(xMm * pxPerMm, yMm * pxPerMm) || !holds(endX, endY)) {
            return false;
        }
        double fine = pxPerMm * PARTS * (1L << STEP_BITS);
        long half = (1L << STEP_BITS) * (1 - PARTS) / 2;
        long x = (long) (xMm * fine) + half;
        long y = (long) (yMm * fine) + half;
        long dx = (long) (dxMm * fine);
        long dy = (long) (dyMm * fine);
        for (int place = 0; place < places; at += 3) {
            int red = 0;
            int green = 0;
            int blue = 0;
            for (int end = place + each; place < end; place++, x += dx, y += dy) {
                long here = between((int) (x >> STEP_BITS), (int) (y >> STEP_BITS));
                red += (int) (here & LANE);
                green += (int) (here >>> LANE_BITS & LANE);
                blue += (int) (here >>> 2 * LANE_BITS & LANE);
            }
            into[at] += red;
            into[at + 1] += green;
            into[at + 2] += blue;
        }
        return true;
    }

    /** One of red, green and blue of a place, 0…{@value #FULL}; of a sample, {@value #PARTS} times as much. */
    public static int lane(long packed, int channel) {
        return (int) (packed >>> LANE_BITS * channel & LANE);
    }

    private static long packed(double red, double green, double blue) {
        return coded(red) | coded(green) << LANE_BITS | coded(blue) << 2 * LANE_BITS;
    }

    private static long coded(double value) {
        return (long) (FULL * Math.min(1, Math.max(0, value)) + 0.5);
    }
}
