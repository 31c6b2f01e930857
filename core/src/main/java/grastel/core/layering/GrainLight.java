package grastel.core.layering;

import grastel.core.colour.LinearRgb;
import java.util.List;

/**
 * Light of a swatch for painting it with its grain: the plain average over classes and shares is the predicted colour.
 *
 * @param bare paper between the flakes
 * @param classes the height classes, each as common, peak first
 */
public record GrainLight(LinearRgb bare, List<HeightClass> classes) {
    /** Heights and flakes are told apart in so many steps each. */
    public static final int STEPS = 16;
    /** Tones of a picture: each height with each rank of flake is as common. */
    public static final int TONES = STEPS * STEPS;

    public GrainLight {
        classes = List.copyOf(classes);
    }

    /** @param covered share of the class that has pigment on it, 0…1 @param light of that share */
    public record HeightClass(double covered, LinearRgb light) {}

    /**
     * The tone of a place.
     *
     * @param height 0 peak … 1 valley
     * @param flake rank of the place among those as high: lead lies on the low ranks first, 0…1
     */
    public static int tone(double height, double flake) {
        return step(height) * STEPS + step(flake);
    }

    private static int step(double share) {
        return (int) Math.max(0, Math.min(STEPS - 1, share * STEPS));
    }

    /** Linear red, green and blue of each tone. */
    public double[] tones() {
        double[] tones = new double[3 * TONES];
        for (int h = 0; h < STEPS; h++) {
            double at = Math.max(0, Math.min(classes.size() - 1.0, (h + 0.5) / STEPS * classes.size() - 0.5));
            int low = Math.min(classes.size() - 2, (int) at);
            HeightClass one = classes.get(low);
            HeightClass other = classes.get(low + 1);
            double share = at - low;
            double covered = between(one.covered, other.covered, share);
            for (int f = 0; f < STEPS; f++) {
                double lead = Math.max(0, Math.min(1, covered * STEPS - f));
                int i = 3 * (h * STEPS + f);
                tones[i] = between(bare.red(), between(one.light.red(), other.light.red(), share), lead);
                tones[i + 1] = between(bare.green(), between(one.light.green(), other.light.green(), share), lead);
                tones[i + 2] = between(bare.blue(), between(one.light.blue(), other.light.blue(), share), lead);
            }
        }
        return tones;
    }

    private static double between(double one, double other, double share) {
        return one + (other - one) * share;
    }
}
