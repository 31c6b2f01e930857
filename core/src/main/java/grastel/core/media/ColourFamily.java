package grastel.core.media;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import org.jspecify.annotations.Nullable;

/** The family a class files a pencil under. */
public enum ColourFamily {
    WHITE(null),
    GREY(null),
    BLACK(null),
    BROWN(null),
    RED(PaintersWheel.Name.RED),
    ORANGE(PaintersWheel.Name.ORANGE),
    YELLOW(PaintersWheel.Name.YELLOW),
    GREEN(PaintersWheel.Name.GREEN),
    BLUE(PaintersWheel.Name.BLUE),
    VIOLET(PaintersWheel.Name.VIOLET);

    /** So far from its place on the wheel a colour is still plainly of the family, degrees on the wheel. */
    private static final double NEAR = 15;

    private static final double GREYISH = 9;
    private static final double PALE_CHROMA = 20;

    private final PaintersWheel.@Nullable Name place;

    ColourFamily(PaintersWheel.@Nullable Name place) {
        this.place = place;
    }

    /** The family of a masstone: greys by value, warm colours of little chroma are browns, the rest by the painter's wheel. */
    public static ColourFamily of(Lab masstone) {
        double l = masstone.lightness();
        double c = masstone.chroma();
        if (l > 88 && c < PALE_CHROMA) {
            return WHITE;
        }
        if (c < GREYISH) {
            return l < 20 ? BLACK : GREY;
        }
        double place = PaintersWheel.placeOf(masstone.hueDegrees());
        if (place < 135 && c < brownBelow(l)) {
            return BROWN;
        }
        return switch (PaintersWheel.nameOf(masstone.hueDegrees())) {
            case RED, RED_VIOLET -> RED;
            case RED_ORANGE, ORANGE -> ORANGE;
            case YELLOW_ORANGE, YELLOW -> YELLOW;
            case YELLOW_GREEN, GREEN -> GREEN;
            case BLUE_GREEN, BLUE -> BLUE;
            case BLUE_VIOLET, VIOLET -> VIOLET;
        };
    }

    /** True within {@value #NEAR}° of the family's place on the wheel; families without one have no far end. */
    public boolean isNear(Lab colour) {
        return place == null || PaintersWheel.distance(colour.hueDegrees(), PaintersWheel.labHueOf(place)) <= NEAR;
    }

    /** Browns are dark or dull oranges: the darker, the more chroma a brown may have. */
    private static double brownBelow(double lightness) {
        return lightness < 50 ? 50 : 40 - (lightness - 50) * 0.4;
    }
}
