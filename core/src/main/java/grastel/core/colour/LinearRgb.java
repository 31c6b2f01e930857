package grastel.core.colour;

/**
 * Light in the primaries of sRGB, before the tone curve: 1, 1, 1 is D65 white. Components outside 0…1 are colours that
 * sRGB cannot show. IEC 61966-2-1:1999.
 */
public record LinearRgb(double red, double green, double blue) {
    private static final double CODE_KNEE = 0.04045;
    private static final double LIGHT_KNEE = 0.0031308;

    /** Rec. 709 luminance of this light, with the coefficients of the matrix below; 1 for white. */
    public double luminance() {
        return luminance(red, green, blue);
    }

    /** The same of light that is not kept as one. */
    public static double luminance(double red, double green, double blue) {
        return 0.2126729 * red + 0.7151522 * green + 0.0721750 * blue;
    }

    /** The same hue and purity as light as asked for; black stays black. */
    public LinearRgb withLuminance(double wanted) {
        double here = luminance();
        double times = here > 0 ? wanted / here : 0;
        return new LinearRgb(times * red, times * green, times * blue);
    }

    /** sRGB matrix for the D65 white of {@link ReferenceWhite#D65} (IEC 61966-2-1 primaries, seven digits). */
    public Xyz toXyz() {
        return new Xyz(
                0.4124564 * red + 0.3575761 * green + 0.1804375 * blue,
                luminance(),
                0.0193339 * red + 0.1191920 * green + 0.9503041 * blue);
    }

    /** Inverse of {@link #toXyz}. */
    public static LinearRgb of(Xyz xyz) {
        return new LinearRgb(
                3.2404542 * xyz.x() - 1.5371385 * xyz.y() - 0.4985314 * xyz.z(),
                -0.9692660 * xyz.x() + 1.8760108 * xyz.y() + 0.0415560 * xyz.z(),
                0.0556434 * xyz.x() - 0.2040259 * xyz.y() + 1.0572252 * xyz.z());
    }

    public boolean inGamut() {
        return Math.min(red, Math.min(green, blue)) >= -1e-6 && Math.max(red, Math.max(green, blue)) <= 1 + 1e-6;
    }

    /** Code value 0…1 of a light 0…1; the light is clamped first. */
    public static double encode(double light) {
        double clamped = Math.min(1, Math.max(0, light));
        return clamped <= LIGHT_KNEE ? 12.92 * clamped : 1.055 * Math.pow(clamped, 1 / 2.4) - 0.055;
    }

    /** Light 0…1 of a code value 0…1. */
    public static double decode(double code) {
        return code <= CODE_KNEE ? code / 12.92 : Math.pow((code + 0.055) / 1.055, 2.4);
    }
}
