package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.page.FittedLine;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.project.Mat;
import java.util.List;
import java.util.Locale;

/** What a finished piece needs to hang and to last: labels, the measures of its mat, what to look at first. */
final class StorageLabels {
    private static final double GAP = 4;
    private static final double LABEL_HEIGHT = 31;
    private static final double MAT_ROOM = 120;
    private static final double HAIR = 0.2;
    private static final double EDGE = 0.4;

    private static final List<String> BEFORE = List.of(
            say("paper.edges-clean-guide-lines"),
            say("paper.darkest-place-where-it"),
            say("paper.signed-small-lower-right"),
            say("paper.photographed-or-scanned-what"));

    private static final List<String> KEEPING = List.of(
            say("paper.mat-and-backing-acid"),
            say("paper.until-it-is-mounted"),
            say("paper.out-of-the-sun"),
            say("paper.mat-knife-and-glass"));

    private StorageLabels() {}

    /** @param names of students, empty ones to be written by hand; @param materials in words */
    static byte[] pdf(String title, PageSize size, String className, List<String> names, String materials, Mat mat) {
        PdfPages pages = new PdfPages(size);
        pages.title(title, say("paper.labels-mat-and-keeping"));
        double width = (pages.roomMm() - GAP) / 2;
        for (int i = 0; i < names.size(); i += 2) {
            List<String> row = names.subList(i, Math.min(names.size(), i + 2));
            pages.draw(LABEL_HEIGHT + GAP, (canvas, y) -> {
                for (int k = 0; k < row.size(); k++) {
                    Rect label = new Rect(PdfPages.LEFT + k * (width + GAP), y, width, LABEL_HEIGHT);
                    label(canvas, label, title, row.get(k), className, materials);
                }
            });
        }
        pages.title(say("paper.mat"), words(mat));
        pages.draw(MAT_ROOM, (canvas, y) -> drawn(canvas, y, mat, pages.roomMm()));
        pages.list(say("paper.before-it-is-mounted"), BEFORE);
        pages.list(say("paper.so-that-it-lasts"), KEEPING);
        return pages.document(title);
    }

    private static void label(PdfCanvas canvas, Rect r, String title, String name, String className, String materials) {
        canvas.border(r, HAIR, EDGE);
        double x = r.x() + GAP;
        double room = r.width() - 2 * GAP;
        canvas.text(x, r.y() + 8, 4.6, Weight.BOLD, fitted(title, Weight.BOLD, 4.6, room));
        if (name.isEmpty()) {
            canvas.line(x, r.y() + 15.5, r.right() - GAP, r.y() + 15.5, HAIR);
        } else {
            canvas.text(x, r.y() + 14.5, 4, Weight.REGULAR, fitted(name, Weight.REGULAR, 4, room));
        }
        canvas.text(x, r.y() + 20, 3.2, Weight.REGULAR, fitted(className, Weight.REGULAR, 3.2, room - 34));
        canvas.line(r.right() - 34, r.y() + 20.6, r.right() - GAP, r.y() + 20.6, HAIR);
        List<String> lines = FittedLine.wrapped(Typeface.printable(materials), Weight.REGULAR, 2.7, room);
        for (int i = 0; i < Math.min(2, lines.size()); i++) {
            canvas.text(x, r.y() + 26 + 3.6 * i, 2.7, Weight.REGULAR, lines.get(i));
        }
    }

    private static String fitted(String words, Weight weight, double em, double room) {
        return Typeface.fitted(Typeface.printable(words), weight, em, room);
    }

    private static String words(Mat mat) {
        return say(
                "paper.outside-mm-opening-mm",
                mat.outerWidth(),
                mat.outerHeight(),
                mat.openingWidth(),
                mat.openingHeight(),
                mat.border(),
                mat.foot());
    }

    private static void drawn(PdfCanvas canvas, double y, Mat mat, double room) {
        double scale = Math.min((MAT_ROOM - 10) / mat.outerHeight(), (room - 20) / mat.outerWidth());
        Rect outer = new Rect(PdfPages.LEFT, y, scale * mat.outerWidth(), scale * mat.outerHeight());
        Rect opening = new Rect(
                outer.x() + scale * mat.border(),
                outer.y() + scale * mat.border(),
                scale * mat.openingWidth(),
                scale * mat.openingHeight());
        canvas.border(outer, 2 * HAIR, 0);
        canvas.border(opening, HAIR, 0);
        measure(canvas, outer.x() + 1, opening.y() + opening.height() / 2, mat.border());
        measure(canvas, opening.x() + opening.width() / 2 - 4, outer.y() + scale * mat.border() / 2 + 1, mat.border());
        measure(
                canvas,
                opening.x() + opening.width() / 2 - 4,
                opening.bottom() + scale * mat.foot() / 2 + 1,
                mat.foot());
        measure(canvas, opening.x() + opening.width() / 2 - 4, opening.y() + 5, mat.openingWidth());
        measure(canvas, opening.x() + 1.5, opening.y() + opening.height() / 2, mat.openingHeight());
    }

    private static void measure(PdfCanvas canvas, double x, double y, double mm) {
        canvas.text(x, y, 3.2, Weight.REGULAR, String.format(Locale.ROOT, "%.0f", mm));
    }
}
