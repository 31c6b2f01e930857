package grastel.core.inversion;

/** What a hand may have done with a recipe. */
public enum MistakeKind {
    AS_ASKED,
    /** Pressed too lightly, or too few passes. */
    TOO_LITTLE,
    /** Pressed too hard, or too many passes. */
    TOO_MUCH,
    /** What lies under the rest is too heavy, or the order is turned. */
    FOUNDATION,
    LAYER_MISSING,
    /** Another pencil of the sheet was taken. */
    WRONG_PENCIL
}
