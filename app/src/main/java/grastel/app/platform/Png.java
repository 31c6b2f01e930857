package grastel.app.platform;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Pictures as PNG, stored without packing: grain does not pack, and they go to a browser on the same desk. */
public final class Png {
    private static final float FAST = 1f;

    private Png() {}

    public static byte[] of(BufferedImage picture) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream();
                MemoryCacheImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(FAST);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(picture, null, null), param);
            stream.flush();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
    }

    /** For an {@code img} element, without a further request. */
    public static String dataUrl(BufferedImage picture) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(of(picture));
    }
}
