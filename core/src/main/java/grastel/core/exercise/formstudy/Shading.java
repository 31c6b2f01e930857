package grastel.core.exercise.formstudy;

/**
 * Light on a form: Lambert's law (J. H. Lambert, Photometria, 1760) for the lamp, the same from the other side and below for
 * what the table throws back, a little from all round. A highlight where the lamp is mirrored towards the eye (the halfway
 * vector of J. F. Blinn, 1977).
 */
final class Shading {
    private static final double ALL_ROUND = 0.10;
    private static final double THROWN_BACK = 0.24;
    private final double[] lamp;
    private final double[] table;

    /** @param x from the left (under 0) or right; @param y from above (under 0) or below; @param z towards the viewer */
    Shading(double x, double y, double z) {
        lamp = unit(x, y, z);
        table = unit(-x, 0.6, 0.35 * z);
    }

    /** Brightness 0…1 of a surface. */
    double brightness(double[] normal) {
        double direct = Math.max(0, dot(normal, lamp));
        double back = Math.max(0, dot(normal, table));
        return Math.min(1, ALL_ROUND + (1 - ALL_ROUND) * direct + THROWN_BACK * back * (1 - direct));
    }

    /** How nearly a surface mirrors the lamp towards the eye: 1 where it does. */
    double gloss(double[] normal) {
        return dot(normal, unit(lamp[0], lamp[1], lamp[2] + 1));
    }

    /** True where only what is thrown back reaches. */
    boolean isTurnedAway(double[] normal) {
        return dot(normal, lamp) < 0.02 && dot(normal, table) > 0.35;
    }

    double[] lamp() {
        return lamp.clone();
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] unit(double x, double y, double z) {
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[] {x / length, y / length, z / length};
    }
}
