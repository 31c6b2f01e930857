package grastel.app.platform.colleagues;

/** What a colleague may do with a class that is shared, the least first. */
public enum Right {
    LOOK,
    /** Also decide about what was proposed. */
    MARK
}
