package grastel.core.reading;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/**
 * A decoded picture in 8-bit sRGB: blue, green, red per pixel, rows from the top. The array is the picture's own and is not
 * changed after it is made.
 */
public final class Picture {
    final int width;
    final int height;
    final byte[] bgr;

    Picture(int width, int height, byte[] bgr) {
        this.width = width;
        this.height = height;
        this.bgr = bgr;
    }

    /** Takes over a picture's pixels; other kinds than 8-bit BGR are converted. */
    public static Picture of(BufferedImage image) {
        BufferedImage plain = image;
        if (image.getType() != BufferedImage.TYPE_3BYTE_BGR || image.getRaster().getParent() != null) {
            plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
            var graphics = plain.createGraphics();
            graphics.setColor(java.awt.Color.WHITE);
            graphics.fillRect(0, 0, plain.getWidth(), plain.getHeight());
            graphics.drawImage(image, 0, 0, null);
            graphics.dispose();
        }
        byte[] pixels = ((DataBufferByte) plain.getRaster().getDataBuffer()).getData();
        return new Picture(plain.getWidth(), plain.getHeight(), pixels);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** This picture for an encoder; shares the pixels. */
    public BufferedImage toImage() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        System.arraycopy(bgr, 0, ((DataBufferByte) image.getRaster().getDataBuffer()).getData(), 0, bgr.length);
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
        byte[] turned = new byte[bgr.length];
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
                System.arraycopy(bgr, (y * width + x) * 3, turned, to * 3, 3);
            }
        }
        return new Picture(w, h, turned);
    }
}
