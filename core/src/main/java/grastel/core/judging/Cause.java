package grastel.core.judging;

/** The likely reason for a level below secure; what to say about it lives with the interface. */
public enum Cause {
    /** Boxes were left empty. */
    BOXES_LEFT_OUT,
    /** A box is lighter than its neighbour where it should be darker, or the other way. */
    ORDER_REVERSED,
    /** Two neighbours are too alike to tell apart. */
    NEIGHBOURS_ALIKE,
    /** Steps at the dark end are small: heavy too soon. */
    BUNCHED_DARK,
    /** Steps at the light end are small: kept too light too long. */
    BUNCHED_LIGHT,
    /** One step jumps. */
    STEP_JUMPS,
    /** The darkest box is not dark. */
    NEVER_DARK,
    /** The lightest box is not light. */
    NEVER_LIGHT,
    /** Neither end is reached. */
    ALL_MIDDLE,
    /** Pressure wandered inside a box. */
    PATCHY,
    /** Paper shows in the darkest box: blunt point or too little at the end. */
    SPECKS_LEFT,
    /** Strokes ran over the edge. */
    OVER_EDGE,
    /** Tint or shade has wandered to another hue. */
    HUE_DRIFTS,
    /** White too early or too little of it. */
    TINT_TOO_WEAK,
    /** The dark did not darken. */
    SHADE_TOO_LIGHT,
    /** The dark has swallowed the colour. */
    SHADE_MUDDY,
    /** Blending moved the value. */
    VALUE_MOVED,
    /** The steps towards grey are uneven or turn back. */
    CHROMA_UNEVEN,
    /** The middle still has a hue. */
    STILL_COLOURED,
    /** A mixture is off its target. */
    OFF_TARGET,
    /** A mixed black is too light. */
    BLACK_TOO_LIGHT,
    /** The glaze hardly turned the temperature. */
    TEMPERATURE_SAME,
    /** Bare paper was coloured over. */
    PAPER_COVERED
}
