package grastel.app.course;

/** How a period went. */
public enum Outcome {
    /** All that was planned was done. */
    DONE,
    /** It went as far as one stage, before or after what was planned. */
    STOPPED,
    DID_NOT_HAPPEN
}
