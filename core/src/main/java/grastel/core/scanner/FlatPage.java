package grastel.core.scanner;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;

/** A page as it lies on the desk, in linear light: three planes interleaved, 0…65535 for 0…1. */
final class FlatPage {
    private static final double FULL = 65535;

    final double pxPerMm;
    final int width;
    final int height;
    private final char[] light;

    private FlatPage(double pxPerMm, int width, int height) {
        this.pxPerMm = pxPerMm;
        this.width = width;
        this.height = height;
        this.light = new char[width * height * 3];
    }

    /** The printed page, not yet filled. @param ink reflectance of the printer's black */
    static FlatPage printed(PageLayout layout, Paper paper, double ink, double pxPerMm) {
        BufferedImage print = AwtInk.print(layout, pxPerMm);
        byte[] codes = ((DataBufferByte) print.getRaster().getDataBuffer()).getData();
        FlatPage page = new FlatPage(pxPerMm, print.getWidth(), print.getHeight());
        LinearRgb ground = LinearRgb.of(paper.ground().toXyz());
        char[][] table = new char[256][3];
        for (int code = 0; code < 256; code++) {
            double share = LinearRgb.decode(code / 255.0);
            table[code][0] = coded(ink + (ground.red() - ink) * share);
            table[code][1] = coded(ink + (ground.green() - ink) * share);
            table[code][2] = coded(ink + (ground.blue() - ink) * share);
        }
        for (int i = 0; i < codes.length; i++) {
            System.arraycopy(table[codes[i] & 0xff], 0, page.light, i * 3, 3);
        }
        return page;
    }

    /** Lays a transparent colour over what is there: ink lines show through pencil. */
    void glaze(int x, int y, double red, double green, double blue, LinearRgb ground) {
        int i = (y * width + x) * 3;
        light[i] = coded(light[i] / FULL * red / ground.red());
        light[i + 1] = coded(light[i + 1] / FULL * green / ground.green());
        light[i + 2] = coded(light[i + 2] / FULL * blue / ground.blue());
    }

    /** Changes the light of a place in mm. */
    interface Change {
        void at(double mmX, double mmY, double[] light);
    }

    void change(Change change) {
        IntStream.range(0, height).parallel().forEach(y -> {
            double[] here = new double[3];
            for (int x = 0; x < width; x++) {
                int i = (y * width + x) * 3;
                for (int c = 0; c < 3; c++) {
                    here[c] = light[i + c] / FULL;
                }
                change.at((x + 0.5) / pxPerMm, (y + 0.5) / pxPerMm, here);
                for (int c = 0; c < 3; c++) {
                    light[i + c] = coded(here[c]);
                }
            }
        });
    }

    /** Gaussian blur, along rows and along columns. @param sigmaX mm; @param sigmaY mm */
    void blur(double sigmaX, double sigmaY) {
        if (sigmaX > 0) {
            double[] kernel = kernel(sigmaX);
            IntStream.range(0, height).parallel().forEach(y -> blurLine(y * width * 3, 3, width, kernel));
        }
        if (sigmaY > 0) {
            double[] kernel = kernel(sigmaY);
            IntStream.range(0, width).parallel().forEach(x -> blurLine(x * 3, width * 3, height, kernel));
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
        double[] line = new double[count];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < count; i++) {
                line[i] = light[start + i * stride + c];
            }
            for (int i = 0; i < count; i++) {
                double sum = 0;
                for (int k = 0; k < kernel.length; k++) {
                    sum += kernel[k] * line[Math.min(count - 1, Math.max(0, i + k - radius))];
                }
                light[start + i * stride + c] = (char) Math.round(sum);
            }
        }
    }

    double at(int x, int y, int channel) {
        return light[(y * width + x) * 3 + channel] / FULL;
    }

    /** Light between pixels, into {@code into}; false when the place is off the page. */
    boolean sample(double x, double y, double[] into) {
        double px = x - 0.5;
        double py = y - 0.5;
        int ix = (int) Math.floor(px);
        int iy = (int) Math.floor(py);
        if (ix < 0 || iy < 0 || ix + 1 >= width || iy + 1 >= height) {
            return false;
        }
        double fx = px - ix;
        double fy = py - iy;
        int i = (iy * width + ix) * 3;
        int below = i + width * 3;
        for (int c = 0; c < 3; c++) {
            double top = light[i + c] * (1 - fx) + light[i + 3 + c] * fx;
            double bottom = light[below + c] * (1 - fx) + light[below + 3 + c] * fx;
            into[c] += (top * (1 - fy) + bottom * fy) / FULL;
        }
        return true;
    }

    private static char coded(double value) {
        return (char) Math.round(FULL * Math.min(1, Math.max(0, value)));
    }
}
