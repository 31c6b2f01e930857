package grastel.app.returns;

import grastel.app.returns.page.PageImage;
import grastel.app.returns.work.Rereading;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;

/** Pictures of single fields of pages that were read, for papers. */
@Service
public class Crops {
    private final Rereading rereading;

    Crops(Rereading rereading) {
        this.rereading = rereading;
    }

    /** All of a page, straightened: JPEG. */
    public byte[] page(UUID page) {
        return rereading.picture(page, PageImage.WHOLE);
    }

    /** A field, straightened. */
    public BufferedImage of(UUID page, String field) {
        return decoded(rereading.picture(page, field));
    }

    /** A picture as it is kept. */
    public record Crop(byte[] jpeg, int width, int height) {}

    /** The same as a JPEG. */
    public Crop jpeg(UUID page, String field) {
        byte[] jpeg = rereading.picture(page, field);
        BufferedImage picture = decoded(jpeg);
        return new Crop(jpeg, picture.getWidth(), picture.getHeight());
    }

    private static BufferedImage decoded(byte[] jpeg) {
        try {
            return ImageIO.read(new ByteArrayInputStream(jpeg));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
