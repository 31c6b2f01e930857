package grastel.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * Which colours a surface can have at all under D65: those of reflectances between 0 and 1, the object-colour solid
 * (E. Schrödinger 1920; D. L. MacAdam, "Maximum visual efficiency of colored materials", J. Opt. Soc. Am. 25, 1935). With sampled
 * spectra the solid is the sum of segments from black to each sample's weight; a colour lies within if no plane that such a sum
 * touches parts them (each is spanned by two of the weights).
 */
public final class SurfaceColours {
    /** Within rounding of the observer's tables. */
    private static final double SLACK = 1e-9;

    private static final int HALVINGS = 24;
    /** What is measured may be off, and brightened paper gives back more blue than falls on it: units of C*. */
    private static final double MEASURED_OFF = 12;

    /** Share of the purest colour beyond which nobody mistakes a misprint for a measurement. */
    private static final double SHARE_OFF = 0.25;

    private static final List<Plane> PLANES = planes();

    private SurfaceColours() {}

    /** No point of the solid lies further along the normal than the reach. */
    private record Plane(double x, double y, double z, double reach) {}

    /** True where a surface can have the colour. */
    public static boolean contain(Lab colour) {
        Xyz point = colour.toXyz();
        return PLANES.stream().allMatch(p -> p.x * point.x() + p.y * point.y() + p.z * point.z() <= p.reach + SLACK);
    }

    /** The share of a colour's chroma, 0…1, that a surface of the same lightness and hue can have. */
    public static double reachableChroma(Lab colour) {
        if (contain(colour)) {
            return 1;
        }
        double within = 0;
        double beyond = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double share = (within + beyond) / 2;
            if (contain(new Lab(colour.lightness(), share * colour.a(), share * colour.b()))) {
                within = share;
            } else {
                beyond = share;
            }
        }
        return within;
    }

    /** False where a colour is so far beyond what a surface can have that it must be a mistake. */
    public static boolean arePlausiblyMeasured(Lab colour) {
        double chroma = Math.hypot(colour.a(), colour.b());
        double most = chroma * reachableChroma(colour);
        return chroma <= most + Math.max(MEASURED_OFF, SHARE_OFF * most);
    }

    private static List<Plane> planes() {
        List<Plane> planes = new ArrayList<>();
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            for (int j = i + 1; j < Spectrum.SAMPLES; j++) {
                double x = weight(1, i) * weight(2, j) - weight(2, i) * weight(1, j);
                double y = weight(2, i) * weight(0, j) - weight(0, i) * weight(2, j);
                double z = weight(0, i) * weight(1, j) - weight(1, i) * weight(0, j);
                double length = Math.sqrt(x * x + y * y + z * z);
                if (length > 0) {
                    planes.add(plane(x / length, y / length, z / length));
                    planes.add(plane(-x / length, -y / length, -z / length));
                }
            }
        }
        return List.copyOf(planes);
    }

    private static Plane plane(double x, double y, double z) {
        double reach = 0;
        for (int k = 0; k < Spectrum.SAMPLES; k++) {
            reach += Math.max(0, x * weight(0, k) + y * weight(1, k) + z * weight(2, k));
        }
        return new Plane(x, y, z, reach);
    }

    private static double weight(int coordinate, int sample) {
        return Observer.D65.weight(coordinate, sample);
    }
}
