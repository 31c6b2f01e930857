package grastel.core.media.colourfile;

/**
 * Words in a CSV cell. A spreadsheet runs a cell that begins with {@code = + - @} as a formula; an apostrophe before it, which
 * a spreadsheet does not show, keeps it words.
 */
public final class CsvCell {
    private static final String FORMULA_STARTS = "=+-@\t\r";

    private CsvCell() {}

    /** The words as they can be written without harm. */
    public static String harmless(String words) {
        return beginsLikeFormula(words) ? "'" + words : words;
    }

    /** The words as they were before {@link #harmless}. */
    static String original(String cell) {
        return cell.startsWith("'") && beginsLikeFormula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    public static boolean beginsLikeFormula(String words) {
        return !words.isEmpty() && FORMULA_STARTS.indexOf(words.charAt(0)) >= 0;
    }
}
