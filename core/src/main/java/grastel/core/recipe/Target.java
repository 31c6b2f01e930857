package grastel.core.recipe;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;

/** A colour that is wanted, and what counts in coming near it. */
public record Target(Lab colour, Closeness closeness) {
    public enum Closeness {
        /** ΔE00. */
        COLOUR,
        /** ΔE00 with value counted double. */
        VALUE_FIRST,
        /** Distance in L* alone; the hue is free. */
        VALUE_ONLY
    }

    /** How far a colour is off. */
    public double error(Lab other) {
        return switch (closeness) {
            case COLOUR -> ColourDifference.ciede2000(colour, other);
            case VALUE_FIRST -> ColourDifference.valueFirst(colour, other);
            case VALUE_ONLY -> Math.abs(colour.lightness() - other.lightness());
        };
    }
}
