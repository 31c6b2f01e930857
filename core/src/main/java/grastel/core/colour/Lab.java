package grastel.core.colour;

/**
 * A CIELAB colour, kept with the white it was computed for: two colours compare only when their whites agree. ISO/CIE
 * 11664-4:2019.
 *
 * @param lightness L*, unitless, 0 black … 100 white; a little over 100 for fluorescent or over-lit paper
 * @param a green (−) to red (+), unitless
 * @param b blue (−) to yellow (+), unitless
 * @param white the white it was computed for
 */
public record Lab(double lightness, double a, double b, ReferenceWhite white) {
    private static final double EPSILON = 216.0 / 24389;
    private static final double KAPPA = 24389.0 / 27;

    /** @throws IllegalArgumentException if L* is negative or a coordinate is not finite */
    public Lab {
        if (!(lightness >= 0) || !Double.isFinite(lightness) || !Double.isFinite(a) || !Double.isFinite(b)) {
            throw new IllegalArgumentException(
                    "L*a*b* must be finite with L* ≥ 0, was " + lightness + ", " + a + ", " + b);
        }
    }

    /** A colour under D65. */
    public Lab(double lightness, double a, double b) {
        this(lightness, a, b, ReferenceWhite.D65);
    }

    /** Between this and another. @param share 0 this … 1 the other */
    public Lab towards(Lab other, double share) {
        return new Lab(
                lightness + (other.lightness - lightness) * share,
                a + (other.a - a) * share,
                b + (other.b - b) * share,
                white);
    }

    /** Chroma C*ab, the distance from grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Hue angle h_ab in degrees, 0 ≤ h &lt; 360; 0 for a grey. */
    public double hueDegrees() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /** The colour of a tristimulus value under D65; negative components count as 0. */
    public static Lab of(Xyz xyz) {
        return of(xyz, ReferenceWhite.D65);
    }

    /** The colour of a tristimulus value under another white; negative components count as 0. */
    public static Lab of(Xyz xyz, ReferenceWhite white) {
        double fx = compress(xyz.x() / white.x());
        double fy = compress(xyz.y() / white.y());
        double fz = compress(xyz.z() / white.z());
        return new Lab(Math.max(0, 116 * fy - 16), 500 * (fx - fy), 200 * (fy - fz), white);
    }

    /** Value as art classes count it: Munsell value, 0 black … 10 white. */
    public double value() {
        return MunsellValue.of(luminanceOf(lightness));
    }

    /** L* of a luminance factor, 0…1; below 0 counts as 0. */
    public static double lightnessOf(double luminance) {
        return Math.max(0, 116 * compress(luminance) - 16);
    }

    /** Luminance factor Y of an L*, the inverse of {@link #lightnessOf}. */
    public static double luminanceOf(double lightness) {
        return expand((lightness + 16) / 116);
    }

    /** The tristimulus value of this colour. */
    public Xyz toXyz() {
        double fy = (lightness + 16) / 116;
        return new Xyz(white.x() * expand(fy + a / 500), white.y() * expand(fy), white.z() * expand(fy - b / 200));
    }

    private static double compress(double t) {
        return t > EPSILON ? Math.cbrt(t) : (KAPPA * Math.max(0, t) + 16) / 116;
    }

    private static double expand(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : Math.max(0, (116 * f - 16) / KAPPA);
    }
}
