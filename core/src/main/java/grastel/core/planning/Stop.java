package grastel.core.planning;

/** What follows from stopping after a stage. */
public enum Stop {
    /** Between fields, between layers: as well as any. */
    GOOD,
    /** Inside a family: the next is compared with what was done days ago. Between being shown and trying. */
    POOR,
    /** Inside a gradation or a blend: not to be done. */
    NEVER,
    /** Wet: nothing touches the sheet until it is dry, so the period ends here. */
    MUST
}
