package grastel.core.reading.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.PixelInterleavedSampleModel;
import java.awt.image.Raster;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;

/**
 * A decoded picture in 8-bit sRGB: red, green, blue per pixel, rows from the top. The array is the picture's own and is not
 * changed after it is made.
 */
public final class Picture {
    private static final ColorModel COLOURS = new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_BYTE);

    /** Where red, green and blue of a pixel stand. */
    private static final int[] ORDER = {0, 1, 2};

    private static final int GREY_SAMPLES = 20_000;
    private static final int GREY_CODES = 3;

    public final int width;
    public final int height;
    public final byte[] rgb;
    /** True where the file kept colour at half the resolution of brightness. */
    public final boolean coarseColour;
    /** Light that each code stands for, 0…1. */
    final float[] light;

    public Picture(int width, int height, byte[] rgb) {
        this(width, height, rgb, false, PixelLight.OF_CODE);
    }

    private Picture(int width, int height, byte[] rgb, boolean coarseColour, float[] light) {
        this.width = width;
        this.height = height;
        this.rgb = rgb;
        this.coarseColour = coarseColour;
        this.light = light;
    }

    /** The same codes, known to stand for other light than sRGB's. @param lightOfCode light of each of 256, 0…1 */
    public Picture toned(float[] lightOfCode) {
        return new Picture(width, height, rgb, coarseColour, lightOfCode);
    }

    /** The same pixels, known to come from a file that keeps colour at half the resolution of brightness. */
    Picture withCoarseColour() {
        return new Picture(width, height, rgb, true, light);
    }

    /** True for a picture without colour: red, green and blue agree wherever it is looked at. */
    public boolean isGrey() {
        int step = Math.max(1, width * height / GREY_SAMPLES);
        for (int i = 0; i < width * height; i += step) {
            int green = rgb[i * 3 + 1] & 0xff;
            if (Math.abs((rgb[i * 3] & 0xff) - green) > GREY_CODES
                    || Math.abs((rgb[i * 3 + 2] & 0xff) - green) > GREY_CODES) {
                return false;
            }
        }
        return true;
    }

    /**
     * Takes over the pixels of a picture made by {@link #blank}. Those that only have their channels in another order are put in
     * order, which Java2D would do colour by colour and take longer for than reading a page; any other kind is converted.
     */
    public static Picture of(BufferedImage image) {
        BufferedImage plain = isPlain(image) ? image : converted(image);
        int[] order = ((PixelInterleavedSampleModel) plain.getSampleModel()).getBandOffsets();
        byte[] pixels = bytes(plain);
        return new Picture(
                plain.getWidth(), plain.getHeight(), Arrays.equals(order, ORDER) ? pixels : ordered(pixels, order));
    }

    private static BufferedImage converted(BufferedImage image) {
        BufferedImage plain = blank(image.getWidth(), image.getHeight());
        Graphics2D graphics = plain.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, plain.getWidth(), plain.getHeight());
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return plain;
    }

    private static byte[] bytes(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** @param order where red, green and blue of a pixel stand */
    private static byte[] ordered(byte[] pixels, int[] order) {
        byte[] rgb = new byte[pixels.length];
        for (int i = 0; i < pixels.length; i += 3) {
            rgb[i] = pixels[i + order[0]];
            rgb[i + 1] = pixels[i + order[1]];
            rgb[i + 2] = pixels[i + order[2]];
        }
        return rgb;
    }

    /** A picture to decode into, in the order of channels that JPEG files have: nothing is then moved about. */
    static BufferedImage blank(int width, int height) {
        var raster = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, width, height, width * 3, 3, ORDER, null);
        return new BufferedImage(COLOURS, raster, false, null);
    }

    /** Three bytes of sRGB a pixel, nothing between or beside them. */
    private static boolean isPlain(BufferedImage image) {
        return image.getColorModel().equals(COLOURS)
                && image.getRaster().getParent() == null
                && image.getSampleModel() instanceof PixelInterleavedSampleModel pixels
                && pixels.getPixelStride() == 3
                && bytes(image).length == 3 * image.getWidth() * image.getHeight();
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** sRGB of a pixel, 0xRRGGBB. */
    public int code(int x, int y) {
        int at = 3 * (y * width + x);
        return (rgb[at] & 255) << 16 | (rgb[at + 1] & 255) << 8 | rgb[at + 2] & 255;
    }

    /** Hands the picture over to another process. */
    public void writeTo(DataOutputStream out) throws IOException {
        out.writeInt(width);
        out.writeInt(height);
        out.writeBoolean(coarseColour);
        out.write(rgb);
    }

    /**
     * A picture handed over by {@link #writeTo}.
     *
     * @param mostPixels what is taken at most
     * @throws IOException if more is said to come, or less comes
     */
    public static Picture readFrom(DataInputStream in, long mostPixels) throws IOException {
        int width = in.readInt();
        int height = in.readInt();
        boolean coarse = in.readBoolean();
        if (width < 1 || height < 1 || (long) width * height > mostPixels) {
            throw new IOException("A picture of " + width + " × " + height + " px is not taken");
        }
        byte[] rgb = new byte[width * height * 3];
        in.readFully(rgb);
        return new Picture(width, height, rgb, coarse, PixelLight.OF_CODE);
    }

    /** A copy of this picture for an encoder. */
    public BufferedImage toImage() {
        BufferedImage image = blank(width, height);
        System.arraycopy(rgb, 0, bytes(image), 0, rgb.length);
        return image;
    }

    /** The picture as it should be seen. @param orientation Exif 2.32 tag 0x0112, 1…8; others count as 1 */
    Picture oriented(int orientation) {
        if (orientation <= 1 || orientation > 8) {
            return this;
        }
        boolean swapped = orientation >= 5;
        int w = swapped ? height : width;
        int h = swapped ? width : height;
        byte[] turned = new byte[rgb.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int mirroredX = width - 1 - x;
                int mirroredY = height - 1 - y;
                int to = switch (orientation) {
                    case 2 -> y * w + mirroredX;
                    case 3 -> mirroredY * w + mirroredX;
                    case 4 -> mirroredY * w + x;
                    case 5 -> x * w + y;
                    case 6 -> x * w + mirroredY;
                    case 7 -> mirroredX * w + mirroredY;
                    default -> mirroredX * w + y;
                };
                System.arraycopy(rgb, (y * width + x) * 3, turned, to * 3, 3);
            }
        }
        return new Picture(w, h, turned, coarseColour, light);
    }
}
