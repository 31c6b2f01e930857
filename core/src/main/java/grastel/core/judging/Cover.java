package grastel.core.judging;

import grastel.core.colour.LinearRgb;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.FieldPlan;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.layering.SwatchPicture;
import grastel.core.media.Paper;
import grastel.core.reading.Specks;
import java.awt.image.BufferedImage;
import java.util.Optional;

/** How much paper a field should still show, seen as the reader sees it: the predicted swatch is painted and looked at. */
final class Cover {
    private static final double PX_PER_MM = 8;
    private static final int SIDE = 128;
    private static final long SEED = 23;

    private Cover() {}

    /** Share of specks, %. */
    static double specks(ExercisePlan plan, FieldPlan field, Paper paper) {
        Swatch swatch = new Stack(paper, Optional.empty(), plan.layers(field, 0.5)).swatch();
        BufferedImage painted = SwatchPicture.paint(swatch, paper.tooth().grainMm(), SIDE, SIDE, PX_PER_MM, SEED);
        return 100
                * Specks.share(
                        luminance(painted),
                        SIDE,
                        PX_PER_MM,
                        paper.ground().toLab().lightness());
    }

    private static float[] luminance(BufferedImage painted) {
        float[] light = new float[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                int code = painted.getRGB(x, y);
                light[y * SIDE + x] = (float) new LinearRgb(
                                LinearRgb.decode((code >> 16 & 255) / 255.0),
                                LinearRgb.decode((code >> 8 & 255) / 255.0),
                                LinearRgb.decode((code & 255) / 255.0))
                        .luminance();
            }
        }
        return light;
    }
}
