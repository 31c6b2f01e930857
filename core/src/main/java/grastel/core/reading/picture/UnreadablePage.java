package grastel.core.reading.picture;

import java.util.Locale;

/** A file or page that cannot be read, and why. Words for people live with the interface. */
public final class UnreadablePage extends Exception {
    private static final long serialVersionUID = 1;

    /** Why a page cannot be read; the figure named is in {@link #figure}. */
    public enum Problem {
        /** Neither JPEG, PNG, TIFF nor PDF. */
        NOT_A_PICTURE,
        /** The file ends too early or is damaged. */
        DAMAGED,
        /** More pixels than are taken; the figure is megapixels. */
        TOO_MANY_PIXELS,
        /** A PDF with more pages than are taken; the figure is pages. */
        TOO_MANY_PAGES,
        /** A PDF that asks for a password. */
        PASSWORD,
        /** Decoding took longer than is allowed; the figure is seconds. */
        TOO_SLOW,
        /** Decoding needs more memory than is allowed. */
        TOO_HEAVY,
        /** No corner marker found. */
        NO_MARKERS,
        /** Fewer than three corner markers found; the figure is how many. */
        TOO_FEW_MARKERS,
        /** More sheets in one picture than can be told apart; the figure is about how many. */
        TOO_MANY_SHEETS,
        /** The back of a sheet: nothing is to be read there. */
        BACK,
        /** The square code cannot be read. */
        NO_CODE,
        /** Markers do not lie as on a flat sheet; the figure is the residual in mm. */
        NOT_FLAT,
        /** Beside a drawing without markers too little bare paper is to be seen; the figure is in how many places. */
        NO_PAPER,
        /** Every place is black or white, as in a scanner's mode for text. */
        TEXT_MODE,
        /** Too few pixels; the figure is dots per inch. */
        TOO_COARSE
    }

    private final Problem problem;
    private final double figure;

    public UnreadablePage(Problem problem, double figure) {
        super(problem.name().toLowerCase(Locale.ROOT)
                + (figure == Math.rint(figure) ? " " + Math.round(figure) : " " + figure));
        this.problem = problem;
        this.figure = figure;
    }

    public UnreadablePage(Problem problem) {
        this(problem, 0);
    }

    /** @param cause what a library said */
    public UnreadablePage(Problem problem, Exception cause) {
        this(problem);
        initCause(cause);
    }

    public Problem problem() {
        return problem;
    }

    /** See {@link Problem}; 0 where it has none. */
    public double figure() {
        return figure;
    }
}
