package grastel.core.colour;

import static java.lang.Math.atan2;
import static java.lang.Math.cos;
import static java.lang.Math.exp;
import static java.lang.Math.hypot;
import static java.lang.Math.pow;
import static java.lang.Math.sin;
import static java.lang.Math.sqrt;
import static java.lang.Math.toRadians;

/** CIEDE2000, ISO/CIE 11664-6:2022, with the hue handling of Sharma, Wu and Dalal 2005. */
public final class ColourDifference {
    private static final double POW_25_7 = pow(25, 7);

    /** How much value counts before hue and chroma when a class picks a colour: kL of {@link #valueFirst}. */
    private static final double VALUE_FIRST = 0.5;

    private ColourDifference() {}

    /**
     * ΔE00 between two colours, 0 for equal ones; about 1 is just visible side by side.
     *
     * @throws IllegalArgumentException if the two were computed for different whites
     */
    public static double ciede2000(Lab one, Lab two) {
        return weighted(one, two, 1);
    }

    /**
     * ΔE*ab, the straight distance in CIELAB (ISO/CIE 11664-4): for small steps along one strip.
     *
     * @throws IllegalArgumentException if the two were computed for different whites
     */
    public static double cie76(Lab one, Lab two) {
        requireSameWhite(one, two);
        double chromatic = Math.hypot(one.a() - two.a(), one.b() - two.b());
        return Math.hypot(one.lightness() - two.lightness(), chromatic);
    }

    /**
     * ΔE00 with differences of lightness counted double (kL = 0.5): a wrong hue at the right value reads better than the
     * reverse.
     *
     * @throws IllegalArgumentException if the two were computed for different whites
     */
    public static double valueFirst(Lab one, Lab two) {
        return weighted(one, two, VALUE_FIRST);
    }

    private static double weighted(Lab one, Lab two, double kL) {
        requireSameWhite(one, two);
        double chromaMean7 = pow((one.chroma() + two.chroma()) / 2, 7);
        double stretch = 1 + 0.5 * (1 - sqrt(chromaMean7 / (chromaMean7 + POW_25_7)));
        double a1 = one.a() * stretch;
        double a2 = two.a() * stretch;
        double c1 = hypot(a1, one.b());
        double c2 = hypot(a2, two.b());
        double h1 = hue(a1, one.b());
        double h2 = hue(a2, two.b());

        double deltaL = two.lightness() - one.lightness();
        double deltaC = c2 - c1;
        double deltaHue = c1 * c2 == 0 ? 0 : shortestTurn(h2 - h1);
        double deltaH = 2 * sqrt(c1 * c2) * sin(toRadians(deltaHue / 2));

        double meanL = (one.lightness() + two.lightness()) / 2;
        double meanC = (c1 + c2) / 2;
        double meanH = c1 * c2 == 0 ? h1 + h2 : meanHue(h1, h2);

        double weightL = 1 + 0.015 * pow(meanL - 50, 2) / sqrt(20 + pow(meanL - 50, 2));
        double weightC = 1 + 0.045 * meanC;
        double weightH = 1 + 0.015 * meanC * hueTerm(meanH);
        double meanC7 = pow(meanC, 7);
        double rotation =
                -2 * sqrt(meanC7 / (meanC7 + POW_25_7)) * sin(toRadians(60 * exp(-pow((meanH - 275) / 25, 2))));

        double l = deltaL / (kL * weightL);
        double c = deltaC / weightC;
        double h = deltaH / weightH;
        return sqrt(l * l + c * c + h * h + rotation * c * h);
    }

    private static void requireSameWhite(Lab one, Lab two) {
        if (!one.white().equals(two.white())) {
            throw new IllegalArgumentException("Colours of different whites: " + one.white() + ", " + two.white());
        }
    }

    private static double hueTerm(double h) {
        return 1
                - 0.17 * cos(toRadians(h - 30))
                + 0.24 * cos(toRadians(2 * h))
                + 0.32 * cos(toRadians(3 * h + 6))
                - 0.20 * cos(toRadians(4 * h - 63));
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double shortestTurn(double degrees) {
        if (degrees > 180) {
            return degrees - 360;
        }
        return degrees < -180 ? degrees + 360 : degrees;
    }

    private static double meanHue(double h1, double h2) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }
}
