package grastel.app.returns;

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
        try {
            return ImageIO.read(new ByteArrayInputStream(rereading.picture(page, field)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
