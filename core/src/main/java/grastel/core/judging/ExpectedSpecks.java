package grastel.core.judging;

import grastel.core.colour.LinearRgb;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Paper;
import grastel.core.reading.fields.Specks;
import grastel.core.reading.fields.StrokeMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * How much paper the fields of an exercise should still show, seen as the reader sees them: the predicted swatch is painted and
 * looked at, once for each field.
 */
public final class ExpectedSpecks {
    private static final double PX_PER_MM = 8;
    private static final int SIDE = 128;
    private static final long SEED = 23;

    private final ExercisePlan plan;
    private final Paper paper;
    private final Map<String, Double> known = new ConcurrentHashMap<>();
    private final Map<String, Double> grains = new ConcurrentHashMap<>();

    /** @param paper what the sheet was printed on */
    public ExpectedSpecks(ExercisePlan plan, Paper paper) {
        this.plan = plan;
        this.paper = paper;
    }

    /** Share of specks, %. */
    public double specks(FieldPlan field) {
        return known.computeIfAbsent(field.id(), id -> specksOf(field));
    }

    /** Spread of L* by the grain of a picture's tones, each as far as it goes. */
    public double grain(FieldPlan field) {
        return grains.computeIfAbsent(
                field.id(),
                id -> Math.sqrt(field.ownPicture().tones().stream()
                        .mapToDouble(t -> {
                            List<Layer> layers = t.recipe().layers(plan.palette(), 0.5, plan.pressures());
                            double grain = StrokeMap.grain(
                                    painted(new Stack(paper, Optional.empty(), layers).swatch()), SIDE, PX_PER_MM);
                            return t.share() * grain * grain;
                        })
                        .sum()));
    }

    private double specksOf(FieldPlan field) {
        Swatch swatch = new Stack(paper, Optional.empty(), plan.layers(field, 0.5)).swatch();
        return 100
                * Specks.share(
                        painted(swatch), SIDE, PX_PER_MM, paper.ground().toLab().lightness());
    }

    private float[] painted(Swatch swatch) {
        float[] light = luminance(SwatchPicture.tones(swatch));
        byte[] tones = SwatchPicture.heights(paper.tooth().grainMm(), swatch.stroke(), SIDE, SIDE, PX_PER_MM, SEED);
        float[] seen = new float[tones.length];
        for (int i = 0; i < seen.length; i++) {
            seen[i] = light[tones[i] & 255];
        }
        return seen;
    }

    /** Of each tone. @param tones red, green and blue of each */
    private static float[] luminance(byte[] tones) {
        float[] light = new float[tones.length / 3];
        for (int i = 0; i < light.length; i++) {
            light[i] =
                    (float) new LinearRgb(decoded(tones[i * 3]), decoded(tones[i * 3 + 1]), decoded(tones[i * 3 + 2]))
                            .luminance();
        }
        return light;
    }

    private static double decoded(byte code) {
        return LinearRgb.decode((code & 255) / 255.0);
    }
}
