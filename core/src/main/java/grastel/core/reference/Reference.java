package grastel.core.reference;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.reading.picture.Picture;
import grastel.core.reference.View.Seen;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * A picture as it lies in its frame, at the fineness it is measured at: what a pencil can follow needs no more. Light is averaged,
 * not codes. Not changed after it is made.
 */
public final class Reference {
    /** Of the longer side, px: on a frame of 200 mm a pixel is 0.28 mm, half a fine pencil line. */
    private static final int LONG_SIDE = 720;

    /** What is seen must be at least so many pixels wide and high to be measured. */
    public static final int FEWEST_PIXELS = 100;

    private static final double[] LIGHT = new double[256];

    static {
        for (int code = 0; code < LIGHT.length; code++) {
            LIGHT[code] = LinearRgb.decode(code / 255.0);
        }
    }

    private final int width;
    private final int height;
    private final double mmPerPx;
    private final float[] lightness;
    private final int[] codes;

    private Reference(int width, int height, double mmPerPx, float[] lightness, int[] codes) {
        this.width = width;
        this.height = height;
        this.mmPerPx = mmPerPx;
        this.lightness = lightness;
        this.codes = codes;
    }

    /** @throws IllegalArgumentException where too few pixels are seen, see {@link #FEWEST_PIXELS} */
    public static Reference of(Picture picture, View view, Frame frame) {
        boolean upright = view.quarterTurns() % 2 == 0;
        int turnedWidth = upright ? picture.width() : picture.height();
        int turnedHeight = upright ? picture.height() : picture.width();
        Seen seen = view.of(turnedWidth, turnedHeight, frame);
        if (Math.min(seen.width(), seen.height()) < FEWEST_PIXELS) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "The part that is seen has %.0f × %.0f pixels; at least %d × %d are needed",
                    seen.width(),
                    seen.height(),
                    FEWEST_PIXELS,
                    FEWEST_PIXELS));
        }
        double longSide = Math.min(LONG_SIDE, Math.max(seen.width(), seen.height()));
        int width = (int) Math.round(frame.aspect() >= 1 ? longSide : longSide * frame.aspect());
        int height = (int) Math.round(width / frame.aspect());
        float[] lightness = new float[width * height];
        int[] codes = new int[width * height];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                LinearRgb light = mean(picture, view.quarterTurns(), seen, x, y, width, height);
                lightness[y * width + x] = (float) Lab.lightnessOf(light.luminance());
                codes[y * width + x] = code(light);
            }
        });
        return new Reference(width, height, frame.widthMm() / width, lightness, codes);
    }

    /** Light of the pixels that one of the reference's covers. */
    private static LinearRgb mean(Picture picture, int turns, Seen seen, int x, int y, int width, int height) {
        int left = (int) (seen.left() + seen.width() * x / width);
        int right = Math.max(left + 1, (int) (seen.left() + seen.width() * (x + 1) / width));
        int top = (int) (seen.top() + seen.height() * y / height);
        int bottom = Math.max(top + 1, (int) (seen.top() + seen.height() * (y + 1) / height));
        double red = 0;
        double green = 0;
        double blue = 0;
        for (int v = top; v < bottom; v++) {
            for (int u = left; u < right; u++) {
                int code = turned(picture, turns, u, v);
                red += LIGHT[code >> 16 & 255];
                green += LIGHT[code >> 8 & 255];
                blue += LIGHT[code & 255];
            }
        }
        double count = (double) (right - left) * (bottom - top);
        return new LinearRgb(red / count, green / count, blue / count);
    }

    private static int turned(Picture picture, int turns, int u, int v) {
        int x = switch (turns) {
            case 1 -> v;
            case 2 -> picture.width() - 1 - u;
            case 3 -> picture.width() - 1 - v;
            default -> u;
        };
        int y = switch (turns) {
            case 1 -> picture.height() - 1 - u;
            case 2 -> picture.height() - 1 - v;
            case 3 -> u;
            default -> v;
        };
        return picture.code(
                Math.max(0, Math.min(picture.width() - 1, x)), Math.max(0, Math.min(picture.height() - 1, y)));
    }

    private static int code(LinearRgb light) {
        return (int) Math.round(255 * LinearRgb.encode(light.red())) << 16
                | (int) Math.round(255 * LinearRgb.encode(light.green())) << 8
                | (int) Math.round(255 * LinearRgb.encode(light.blue()));
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** Length of a pixel on the paper, mm. */
    public double mmPerPx() {
        return mmPerPx;
    }

    /** L* at a place. @param i from the top left, row by row */
    public float lightness(int i) {
        return lightness[i];
    }

    /** sRGB at a place, 0xRRGGBB. */
    public int code(int i) {
        return codes[i];
    }
}
