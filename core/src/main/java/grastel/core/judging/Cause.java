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
    OVER_EDGE
}
