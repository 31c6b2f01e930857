package grastel.app.sheets.planning;

import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.exercise.texture.StrokeMarks;
import grastel.core.exercise.texture.StrokeMarks.Habit;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** A picture as its plan predicts it: a pixel for each cell, or so many that its strokes are seen. */
public final class PlannedPicture {
    private static final double STROKES_PX_PER_MM = 3;
    /** From one tone to the next, for strokes. */
    private static final int SHADES = 12;

    private static final long SEED = 1;

    private PlannedPicture() {}

    public static BufferedImage of(PicturePlan plan) {
        Texture texture = plan.texture();
        return texture != null && texture.relief() > 0 ? stroked(plan) : even(plan);
    }

    private static BufferedImage even(PicturePlan plan) {
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

    private static BufferedImage stroked(PicturePlan plan) {
        byte[] places = plan.places();
        StrokeMarks marks = StrokeMarks.of(plan, Habit.EXACT, SEED);
        int width = (int) Math.round(plan.columns() * plan.cellMm() * STROKES_PX_PER_MM);
        int height = (int) Math.round(plan.rows() * plan.cellMm() * STROKES_PX_PER_MM);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_INDEXED, shades(plan));
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double mmX = (x + 0.5) / STROKES_PX_PER_MM;
                double mmY = (y + 0.5) / STROKES_PX_PER_MM;
                int cell = ((int) (mmY / plan.cellMm())) * plan.columns() + (int) (mmX / plan.cellMm());
                double under = (places[cell] & 255) / (double) PicturePlan.BETWEEN;
                double tone = marks.tone(under, plan.ownTexture().relief(), mmX, mmY);
                int shade = (int) Math.round(Math.min(plan.tones().size() - 1.0, tone) * SHADES);
                picture.getRaster().setSample(x, y, 0, shade);
            }
        }
        return picture;
    }

    private static IndexColorModel shades(PicturePlan plan) {
        int count = (plan.tones().size() - 1) * SHADES + 1;
        int[] codes = new int[count];
        for (int i = 0; i < count; i++) {
            codes[i] = Srgb.of(plan.predictedBetween(i / (double) SHADES)).code();
        }
        return new IndexColorModel(8, count, codes, 0, false, -1, DataBuffer.TYPE_BYTE);
    }

    public static String address(PicturePlan plan) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(of(plan), "png", out);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
