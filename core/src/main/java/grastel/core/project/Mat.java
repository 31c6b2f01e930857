package grastel.core.project;

import grastel.core.reference.Frame;

/**
 * A mat for a finished piece, mm.
 *
 * @param openingWidth and openingHeight of its window, which laps over the drawing on every side
 * @param border above and at both sides
 * @param foot below: a little more, or the piece seems to slip
 */
public record Mat(double openingWidth, double openingHeight, double border, double foot) {
    /** So much of the drawing lies under the mat on every side. */
    private static final double LAP_MM = 2;

    private static final double BORDER_SHARE = 0.28;
    private static final double LEAST_BORDER = 40;
    private static final double MOST_BORDER = 90;
    private static final double FOOT_SHARE = 1.15;
    /** Mats are cut in whole steps. */
    private static final double STEP = 5;

    public static Mat of(Frame frame) {
        double shorter = Math.min(frame.widthMm(), frame.heightMm());
        double border = Math.max(LEAST_BORDER, Math.min(MOST_BORDER, stepped(BORDER_SHARE * shorter)));
        return new Mat(
                frame.widthMm() - 2 * LAP_MM,
                frame.heightMm() - 2 * LAP_MM,
                border,
                Math.max(border + STEP, stepped(FOOT_SHARE * border)));
    }

    private static double stepped(double mm) {
        return STEP * Math.round(mm / STEP);
    }

    public double outerWidth() {
        return openingWidth + 2 * border;
    }

    public double outerHeight() {
        return openingHeight + border + foot;
    }
}
