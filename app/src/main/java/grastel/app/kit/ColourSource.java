package grastel.app.kit;

/** How a pencil's colour came to be known, the surest first. */
public enum ColourSource {
    MEASURED_SPECTRUM,
    MEASURED_LAB,
    /** Fitted to a chart that somebody filled. */
    CHART,
    PICKED
}
