package grastel.core.judging;

/** How far a goal is reached. The number printed is the ordinal. */
public enum Level {
    NOT_TRIED,
    BEGINNING,
    NEARLY,
    SECURE,
    BEYOND
}
