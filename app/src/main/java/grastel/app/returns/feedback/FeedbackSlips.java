package grastel.app.returns.feedback;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.judging.Level;
import grastel.core.page.FittedLine;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** Feedback to take home, four slips to a page of A4: what was measured as good, one cause, one thing to do next. */
final class FeedbackSlips {
    private static final double WIDTH = PageSize.A4.widthMm() / 2;
    private static final double HEIGHT = PageSize.A4.heightMm() / 2;
    private static final double MARGIN = 10;
    private static final double ROOM = WIDTH - 2 * MARGIN;
    private static final double LEAD = 5;
    private static final double CROP = 19;
    private static final int CROPS_A_ROW = 4;
    private static final int MOST_CROPS = 8;
    private static final int MOST_STRIPS = 3;

    private FeedbackSlips() {}

    /**
     * One student's.
     *
     * @param name or code, where the class hides names
     * @param under class, sheet and day
     * @param crops what was drawn, in the order of the sheet
     * @param goals how far each goal is reached
     * @param praise something measured that is good; empty for none
     * @param next one thing to do; empty for none
     * @param note the teacher's own words; empty for none
     */
    record Slip(
            String name,
            String under,
            List<BufferedImage> crops,
            List<Reached> goals,
            String praise,
            String next,
            String note) {}

    /** How far a goal is reached. */
    record Reached(String goal, Level level) {}

    static byte[] pdf(String title, List<Slip> slips) {
        List<List<Slip>> pages = new ArrayList<>();
        for (int i = 0; i < slips.size(); i += 4) {
            pages.add(slips.subList(i, Math.min(slips.size(), i + 4)));
        }
        return PdfCanvas.document(title, pages, page -> PageSize.A4, (canvas, page) -> {
            for (int i = 0; i < page.size(); i++) {
                draw(canvas, page.get(i), i % 2 * WIDTH + MARGIN, i / 2 * HEIGHT + MARGIN);
            }
            canvas.line(WIDTH, 4, WIDTH, PageSize.A4.heightMm() - 4, 0.1);
            canvas.line(4, HEIGHT, PageSize.A4.widthMm() - 4, HEIGHT, 0.1);
        });
    }

    private static void draw(PdfCanvas canvas, Slip slip, double x, double top) {
        double y = text(canvas, x, top + 5, 5, Weight.BOLD, slip.name());
        y = text(canvas, x, y, 3.2, Weight.REGULAR, slip.under()) + 1;
        y = crops(canvas, slip.crops(), x, y);
        y = goals(canvas, slip.goals(), x, y + 3);
        y = text(canvas, x, y + 2, 3.8, Weight.REGULAR, slip.praise());
        y = slip.next().isEmpty() ? y : text(canvas, x, y, 3.8, Weight.BOLD, say("paper.next", slip.next()));
        text(canvas, x, y + 1, 3.8, Weight.REGULAR, slip.note());
    }

    /** Strips over the whole width, one under another; then boxes in rows. Gives where they end. */
    private static double crops(PdfCanvas canvas, List<BufferedImage> crops, double x, double top) {
        double y = top;
        for (BufferedImage strip :
                crops.stream().filter(FeedbackSlips::isStrip).limit(MOST_STRIPS).toList()) {
            double height = ROOM * strip.getHeight() / strip.getWidth();
            canvas.picture(strip, new Rect(x, y, ROOM, height));
            y += height + 1.5;
        }
        List<BufferedImage> boxes =
                crops.stream().filter(c -> !isStrip(c)).limit(MOST_CROPS).toList();
        for (int i = 0; i < boxes.size(); i++) {
            BufferedImage crop = boxes.get(i);
            double scale = CROP / Math.max(crop.getWidth(), crop.getHeight());
            double left = x + i % CROPS_A_ROW * ROOM / CROPS_A_ROW;
            canvas.picture(crop, new Rect(left, y, scale * crop.getWidth(), scale * crop.getHeight()));
            boolean rowEnds = i % CROPS_A_ROW == CROPS_A_ROW - 1 || i == boxes.size() - 1;
            y += rowEnds ? CROP + 1 : 0;
        }
        return y;
    }

    private static boolean isStrip(BufferedImage crop) {
        return crop.getWidth() > 2 * crop.getHeight();
    }

    /** Each goal with its level as a step of grey and a number. */
    private static double goals(PdfCanvas canvas, List<Reached> goals, double x, double top) {
        double y = top;
        for (int i = 0; i < goals.size(); i++) {
            Reached goal = goals.get(i);
            double left = x + i % 2 * ROOM / 2;
            double grey = 1 - goal.level().ordinal() / 4.5;
            canvas.fill(new Rect(left, y, 3.4, 3.4), grey, grey, grey);
            canvas.border(new Rect(left, y, 3.4, 3.4), 0.15, 0);
            String words = goal.level().ordinal() + " " + goal.goal();
            canvas.text(
                    left + 4.4, y + 2.9, 3, Weight.REGULAR, Typeface.fitted(words, Weight.REGULAR, 3, ROOM / 2 - 6));
            y += i % 2 == 1 || i == goals.size() - 1 ? LEAD : 0;
        }
        return y + 1;
    }

    private static double text(PdfCanvas canvas, double x, double y, double em, Weight weight, String words) {
        double at = y;
        if (words.isEmpty()) {
            return at;
        }
        for (String line : FittedLine.wrapped(Typeface.printable(words), weight, em, ROOM)) {
            canvas.text(x, at, em, weight, line);
            at += em * 1.3;
        }
        return at + 0.6;
    }
}
