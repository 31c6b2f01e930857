package grastel.core.colour;

/**
 * The wheel a class is taught: red, yellow and blue a third of a turn apart, with orange, green and violet between. CIELAB
 * hue angles map onto it by a monotone curve, straight between the anchors below: the hue of a clean pencil of each of the
 * twelve wheel colours, our own choice. On it opposites are the painter's complements (red–green, yellow–violet,
 * blue–orange), which they are not in CIELAB.
 */
public final class PaintersWheel {
    /** Degrees on the wheel from one of the twelve colours to the next. */
    public static final double STEP = 30;

    /** CIELAB hue of red, red-orange, orange … red-violet, and red again. */
    private static final double[] ANCHORS = {28, 46, 62, 78, 92, 112, 150, 205, 272, 298, 320, 352, 388};

    private PaintersWheel() {}

    /** The twelve colours of the wheel, in order. */
    public enum Name {
        RED,
        RED_ORANGE,
        ORANGE,
        YELLOW_ORANGE,
        YELLOW,
        YELLOW_GREEN,
        GREEN,
        BLUE_GREEN,
        BLUE,
        BLUE_VIOLET,
        VIOLET,
        RED_VIOLET
    }

    /** How two colours stand to one another on the wheel. */
    public enum Relation {
        SAME,
        ANALOGOUS,
        /** Between neighbour and third. */
        CONTRASTING,
        TRIAD,
        SPLIT_COMPLEMENTARY,
        COMPLEMENTARY
    }

    /** Place on the wheel, 0 red, 120 yellow, 240 blue; 0 ≤ place &lt; 360. @param labHue any angle, degrees */
    public static double placeOf(double labHue) {
        double hue = ANCHORS[0] + turn(labHue - ANCHORS[0]);
        int i = 0;
        while (i < ANCHORS.length - 2 && hue >= ANCHORS[i + 1]) {
            i++;
        }
        return turn(STEP * (i + (hue - ANCHORS[i]) / (ANCHORS[i + 1] - ANCHORS[i])));
    }

    /** CIELAB hue of a place on the wheel, the inverse of {@link #placeOf}. */
    public static double labHueOf(double place) {
        double at = turn(place) / STEP;
        int i = (int) at;
        return turn(ANCHORS[i] + (at - i) * (ANCHORS[i + 1] - ANCHORS[i]));
    }

    /** CIELAB hue of one of the twelve colours. */
    public static double labHueOf(Name name) {
        return labHueOf(STEP * name.ordinal());
    }

    /** The nearest of the twelve colours. */
    public static Name nameOf(double labHue) {
        return Name.values()[(int) Math.round(placeOf(labHue) / STEP) % 12];
    }

    /** Shortest way round the wheel between two CIELAB hues, 0…180 degrees on the wheel. */
    public static double distance(double labHue, double otherLabHue) {
        double turned = turn(placeOf(labHue) - placeOf(otherLabHue));
        return Math.min(turned, 360 - turned);
    }

    /** Half steps of the wheel divide one relation from the next. */
    public static Relation relation(double labHue, double otherLabHue) {
        double apart = distance(labHue, otherLabHue);
        if (apart < 15) {
            return Relation.SAME;
        }
        if (apart < 75) {
            return Relation.ANALOGOUS;
        }
        if (apart < 105) {
            return Relation.CONTRASTING;
        }
        if (apart < 135) {
            return Relation.TRIAD;
        }
        return apart < 165 ? Relation.SPLIT_COMPLEMENTARY : Relation.COMPLEMENTARY;
    }

    /** Warm: from red-violet through red and yellow to yellow-green's near side; the rest is cool. */
    public static boolean isWarm(double labHue) {
        double place = placeOf(labHue);
        return place < 150 || place >= 330;
    }

    private static double turn(double degrees) {
        double rest = degrees % 360;
        return rest < 0 ? rest + 360 : rest;
    }
}
