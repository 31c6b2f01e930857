package grastel.app.projects;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.reference.Reference;
import grastel.core.reference.ValueMap;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** What was measured, as pictures. */
final class Painted {
    private Painted() {}

    static BufferedImage of(Reference reference) {
        BufferedImage picture = new BufferedImage(reference.width(), reference.height(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < reference.width() * reference.height(); i++) {
            picture.setRGB(i % reference.width(), i / reference.width(), reference.code(i));
        }
        return picture;
    }

    static BufferedImage of(ValueMap values) {
        int[] greys = values.steps().stream().mapToInt(s -> grey(s.lightness())).toArray();
        BufferedImage picture = new BufferedImage(values.width(), values.height(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < values.width() * values.height(); i++) {
            picture.setRGB(i % values.width(), i / values.width(), greys[values.step(i)]);
        }
        return picture;
    }

    /** The grey of a lightness, 0xRRGGBB. */
    static int grey(double lightness) {
        return Srgb.of(new Lab(lightness, 0, 0)).code();
    }

    static byte[] png(BufferedImage picture) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(picture, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
