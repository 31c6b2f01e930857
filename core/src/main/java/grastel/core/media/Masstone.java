package grastel.core.media;

import grastel.core.colour.Lab;

/** What counts as a white and as a black among pencils, by the colour of their solid. */
public final class Masstone {
    /** Lighter is a white, or so pale a tint that it is used as one, L*. */
    private static final double WHITE_LIGHTNESS = 85;
    /** Darker and less colourful than this is a black, L* and C*. */
    public static final double BLACK_LIGHTNESS = 22;

    private static final double BLACK_CHROMA = 10;

    private Masstone() {}

    public static boolean isWhite(Lab masstone) {
        return masstone.lightness() > WHITE_LIGHTNESS;
    }

    public static boolean isBlack(Lab masstone) {
        return masstone.lightness() < BLACK_LIGHTNESS && masstone.chroma() < BLACK_CHROMA;
    }
}
