package grastel.core.media.colourfile;

/**
 * What is wrong with a file and where.
 *
 * @param line counted from 1; 0 for the whole file
 * @param code stable
 * @param detail the word or number that is wrong, or what is missing
 */
public record ColourFileProblem(int line, Code code, String detail) {
    public enum Code {
        TOO_LARGE,
        NOT_TEXT,
        NO_DATA,
        NO_COLOUR_COLUMNS,
        UNKNOWN_FORMAT,
        WRONG_COUNT,
        NOT_A_NUMBER,
        OUT_OF_RANGE,
        NAME_MISSING,
        NAME_TWICE,
        /** Colours under a light that is not known here; the detail names it. */
        OTHER_LIGHT,
        /** Colours for another observer than that of 2°; the detail is its angle. */
        OTHER_OBSERVER,
        /** Fewer or more rows than the file says it has. */
        OTHER_COUNT,
        TOO_MANY
    }
}
