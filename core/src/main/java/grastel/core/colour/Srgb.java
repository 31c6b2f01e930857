package grastel.core.colour;

import java.util.Locale;

/**
 * A colour for a screen: three 8-bit sRGB codes.
 *
 * @param red 0…255
 * @param green 0…255
 * @param blue 0…255
 */
public record Srgb(int red, int green, int blue) {
    public Srgb {
        if ((red | green | blue) < 0 || red > 255 || green > 255 || blue > 255) {
            throw new IllegalArgumentException("sRGB codes must be 0…255, were " + red + ", " + green + ", " + blue);
        }
    }

    /**
     * The nearest screen colour at the same lightness and hue: chroma is lowered until the colour fits, never a single
     * channel clipped. L* above 100 shows as white.
     */
    public static Srgb of(Lab lab) {
        LinearRgb light = lightOf(lab);
        return new Srgb(code(light.red()), code(light.green()), code(light.blue()));
    }

    /** The same before rounding to codes. */
    public static LinearRgb lightOf(Lab lab) {
        double lightness = Math.min(100, lab.lightness());
        double low = 0;
        double high = 1;
        if (withChroma(lab, lightness, 1).inGamut()) {
            low = 1;
        } else {
            for (int i = 0; i < 24; i++) {
                double middle = (low + high) / 2;
                if (withChroma(lab, lightness, middle).inGamut()) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
        }
        return withChroma(lab, lightness, low);
    }

    /** @param hex {@code #rrggbb} */
    public static Srgb ofHex(String hex) {
        if (hex == null || !hex.matches("#[0-9a-fA-F]{6}")) {
            throw new IllegalArgumentException("A screen colour is written #rrggbb, was " + hex);
        }
        int codes = Integer.parseInt(hex.substring(1), 16);
        return new Srgb(codes >> 16, codes >> 8 & 0xff, codes & 0xff);
    }

    /** The colour these codes show. */
    public Lab toLab() {
        return Lab.of(new LinearRgb(
                        LinearRgb.decode(red / 255.0), LinearRgb.decode(green / 255.0), LinearRgb.decode(blue / 255.0))
                .toXyz());
    }

    /** @param code 0xRRGGBB */
    public static Srgb ofCode(int code) {
        return new Srgb(code >> 16 & 255, code >> 8 & 255, code & 255);
    }

    /** 0xRRGGBB. */
    public int code() {
        return red << 16 | green << 8 | blue;
    }

    /** For a style sheet: {@code #rrggbb}. */
    public String hex() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
    }

    private static LinearRgb withChroma(Lab lab, double lightness, double share) {
        return LinearRgb.of(new Lab(lightness, lab.a() * share, lab.b() * share, lab.white()).toXyz());
    }

    private static int code(double light) {
        return (int) Math.round(255 * LinearRgb.encode(light));
    }
}
