package grastel.core.colour;

/** Warm and cool as painters use the words: how far a colour lies towards orange rather than blue. */
public final class Temperature {
    /** CIELAB hue of the warmest colour, orange; blue lies opposite, within a few degrees. */
    private static final double WARMEST = Math.toRadians(60);

    private Temperature() {}

    /** Distance towards orange in CIELAB units; below 0 towards blue, 0 for greys. */
    public static double warmth(Lab colour) {
        return colour.a() * Math.cos(WARMEST) + colour.b() * Math.sin(WARMEST);
    }
}
