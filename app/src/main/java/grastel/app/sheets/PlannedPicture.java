package grastel.app.sheets;

import grastel.core.colour.Srgb;
import grastel.core.exercise.PicturePlan;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** A picture as its plan predicts it, a pixel for each cell. */
final class PlannedPicture {
    private PlannedPicture() {}

    static BufferedImage of(PicturePlan plan) {
        byte[] places = plan.places();
        BufferedImage picture = new BufferedImage(plan.columns(), plan.rows(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < places.length; i++) {
            picture.setRGB(
                    i % plan.columns(),
                    i / plan.columns(),
                    Srgb.of(plan.predicted(places[i])).code());
        }
        return picture;
    }

    static String address(PicturePlan plan) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(of(plan), "png", out);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
