package grastel.app.progress.reports;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.page.FittedLine;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.words.Words;
import java.awt.image.BufferedImage;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One A4 page on a student: what goes well, what grew, what is next.
 *
 * @param name or a number in place of it
 * @param first what the student drew then, and latest now; both null where there is no pair
 */
record StudentReport(
        String name,
        String className,
        LocalDate day,
        String secure,
        String grew,
        String next,
        @Nullable Pictured first,
        @Nullable Pictured latest) {
    private static final double LEFT = 24;
    private static final double ROOM = PageSize.A4.widthMm() - 2 * LEFT;
    private static final double EM = 4.2;
    private static final double LEAD = 6.4;
    private static final double GAP = 8;
    private static final double MOST_HIGH = 52;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Words.locale());

    record Pictured(BufferedImage picture, LocalDate day) {}

    static byte[] pdf(String title, List<StudentReport> reports) {
        return PdfCanvas.document(title, reports, r -> PageSize.A4, (canvas, r) -> r.draw(canvas));
    }

    private void draw(PdfCanvas canvas) {
        canvas.text(LEFT, 32, 8, Weight.BOLD, Typeface.fitted(Typeface.printable(name), Weight.BOLD, 8, ROOM));
        canvas.text(
                LEFT,
                40,
                EM,
                Weight.REGULAR,
                say("paper.coloured-pencil", Typeface.printable(className), DAY.format(day)));
        canvas.line(LEFT, 45, LEFT + ROOM, 45, 0.3);
        double y = paragraph(canvas, 57, say("paper.what-goes-well"), secure);
        y = paragraph(canvas, y + GAP, say("paper.what-has-grown"), grew);
        if (first != null && latest != null) {
            y = pair(canvas, y + 2, first, latest);
        }
        paragraph(canvas, y + GAP, say("paper.what-comes-next"), next);
    }

    private static double paragraph(PdfCanvas canvas, double top, String head, String words) {
        if (words.isBlank()) {
            return top - GAP;
        }
        canvas.text(LEFT, top, 5, Weight.BOLD, head);
        double y = top + LEAD + 1;
        for (String part : words.strip().split("\n")) {
            for (String line : FittedLine.wrapped(Typeface.printable(part), Weight.REGULAR, EM, ROOM)) {
                canvas.text(LEFT, y, EM, Weight.REGULAR, line);
                y += LEAD;
            }
        }
        return y;
    }

    /** Both to one scale, side by side; strips one under the other. */
    private static double pair(PdfCanvas canvas, double top, Pictured first, Pictured latest) {
        boolean isStrip = latest.picture().getWidth() > 3 * latest.picture().getHeight();
        double each = isStrip ? ROOM : (ROOM - GAP) / 2;
        double scale = Math.min(
                Math.min(
                        each / first.picture().getWidth(),
                        each / latest.picture().getWidth()),
                Math.min(
                        MOST_HIGH / first.picture().getHeight(),
                        MOST_HIGH / latest.picture().getHeight()));
        double end = place(canvas, first, LEFT, top, scale);
        return isStrip
                ? place(canvas, latest, LEFT, end, scale)
                : Math.max(end, place(canvas, latest, LEFT + first.picture().getWidth() * scale + GAP, top, scale));
    }

    private static double place(PdfCanvas canvas, Pictured of, double x, double y, double scale) {
        double height = of.picture().getHeight() * scale;
        canvas.picture(of.picture(), new Rect(x, y, of.picture().getWidth() * scale, height));
        canvas.text(x, y + height + 4.5, 3.4, Weight.REGULAR, DAY.format(of.day()));
        return y + height + LEAD;
    }
}
