package grastel.core.layering.picture;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Srgb;
import grastel.core.layering.GrainLight;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;

/**
 * A swatch painted with the grain of its paper and the direction of its strokes. Repeatable from its seed. Every place has
 * one of 256 tones whose plain mean is the predicted colour, as near as the screen can show it.
 */
public final class SwatchPicture {
    public static final int LARGEST_PX = 2000;

    private SwatchPicture() {}

    /**
     * @param grainMm of the paper, see {@link grastel.core.media.Tooth}
     * @param width 1…2000 px
     * @param height 1…2000 px
     * @param pxPerMm scale, over 0 and up to 100
     * @param seed picks the place on the paper
     */
    public static BufferedImage paint(Swatch swatch, double grainMm, int width, int height, double pxPerMm, long seed) {
        byte[] heights = heights(grainMm, swatch.stroke(), width, height, pxPerMm, seed);
        IndexColorModel tones = new IndexColorModel(8, GrainLight.TONES, tones(swatch), 0, false);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_INDEXED, tones);
        byte[] out = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
        System.arraycopy(heights, 0, out, 0, heights.length);
        return picture;
    }

    /**
     * The tone of every pixel of a picture, row by row: the same for all swatches whose last stroke is alike.
     *
     * @see #paint
     */
    public static byte[] heights(double grainMm, Stroke stroke, int width, int height, double pxPerMm, long seed) {
        if (width < 1 || height < 1 || width > LARGEST_PX || height > LARGEST_PX) {
            throw new IllegalArgumentException("A picture is 1…2000 px a side, asked for " + width + " × " + height);
        }
        if (!(pxPerMm > 0 && pxPerMm <= 100)) {
            throw new IllegalArgumentException("A picture has over 0 and up to 100 px/mm, asked for " + pxPerMm);
        }
        byte[] heights = new byte[width * height];
        ToothField field = new ToothField(seed, grainMm, stroke);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            field.tones(0.5 / pxPerMm, 1 / pxPerMm, (y + 0.5) / pxPerMm, row);
            for (int x = 0; x < width; x++) {
                heights[y * width + x] = (byte) row[x];
            }
        }
        return heights;
    }

    /**
     * The 256 tones of a swatch as sRGB codes, red, green, blue. Each channel is shifted until its mean is the colour's, with
     * what the screen cannot show cut off.
     */
    public static byte[] tones(Swatch swatch) {
        LinearRgb wanted = shown(LinearRgb.of(swatch.spectrum().toXyz()));
        double[] light = swatch.grainLight().tones();
        double[] means = {wanted.red(), wanted.green(), wanted.blue()};
        byte[] codes = new byte[light.length];
        for (int channel = 0; channel < means.length; channel++) {
            channel(light, channel, means[channel], codes);
        }
        return codes;
    }

    private static void channel(double[] tones, int channel, double wanted, byte[] codes) {
        double[] light = new double[GrainLight.TONES];
        for (int i = 0; i < light.length; i++) {
            light[i] = tones[3 * i + channel];
        }
        double low = -1;
        double high = 1;
        for (int i = 0; i < 20; i++) {
            double middle = (low + high) / 2;
            if (meanShifted(light, middle) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        for (int i = 0; i < light.length; i++) {
            codes[3 * i + channel] = (byte) Math.round(255 * LinearRgb.encode(light[i] + low));
        }
    }

    private static double meanShifted(double[] light, double by) {
        double sum = 0;
        for (double l : light) {
            sum += Math.min(1, Math.max(0, l + by));
        }
        return sum / light.length;
    }

    /** Light as a screen can show it, at the same lightness and hue. */
    private static LinearRgb shown(LinearRgb light) {
        return light.inGamut() ? light : Srgb.lightOf(Lab.of(light.toXyz()));
    }
}
