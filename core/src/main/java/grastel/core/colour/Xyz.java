package grastel.core.colour;

/**
 * CIE 1931 tristimulus values, relative: Y = 1 for the perfect diffuser; under D65 where nothing else is said. Values may
 * be slightly out of 0…1 where they come from arithmetic on measured light.
 */
public record Xyz(double x, double y, double z) {
    public Xyz {
        if (!Double.isFinite(x) || !Double.isFinite(y) || !Double.isFinite(z)) {
            throw new IllegalArgumentException("XYZ must be finite, was " + x + ", " + y + ", " + z);
        }
    }
}
