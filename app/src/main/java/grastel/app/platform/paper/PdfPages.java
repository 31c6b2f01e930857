package grastel.app.platform.paper;

import grastel.core.checks.Require;
import grastel.core.page.FittedLine;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Typeface;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Words set down the pages of a document, line after line, a new page where one is full. */
public final class PdfPages {
    public static final double LEFT = 18;
    private static final double TOP = 22;
    private static final double BOTTOM = 16;
    private static final double LINE = 5.2;
    private static final double SMALL = 3.2;
    private static final double HEADING = 4;
    private static final double TITLE = 6;

    private final PageSize size;
    private final List<Consumer<PdfCanvas>> pages = new ArrayList<>();
    private @Nullable List<Consumer<PdfCanvas>> lines;
    private double y;

    public PdfPages(PageSize size) {
        this.size = size;
    }

    /** What is drawn at a height of the page. */
    public interface Drawing {
        /** @param y top of the room it has, mm from the top of the page */
        void draw(PdfCanvas canvas, double y);
    }

    /** A page of its own. */
    public void page(Consumer<PdfCanvas> draw) {
        end();
        pages.add(draw);
    }

    public void begin() {
        end();
        lines = new ArrayList<>();
        y = TOP;
    }

    private void end() {
        if (lines != null) {
            List<Consumer<PdfCanvas>> done = lines;
            pages.add(canvas -> done.forEach(l -> l.accept(canvas)));
            lines = null;
        }
    }

    private List<Consumer<PdfCanvas>> open() {
        return Require.present(lines, "a page that was begun");
    }

    public double roomMm() {
        return size.widthMm() - 2 * LEFT;
    }

    /** Begins a page. */
    public void title(String title, String about) {
        begin();
        line(LEFT, Weight.BOLD, TITLE, title, 8);
        text(about);
        y += 2;
    }

    /** Not the last thing on a page. */
    public void heading(String words) {
        turnIfLess(3 + 2 * LINE);
        y += 3;
        line(LEFT, Weight.BOLD, HEADING, words, LINE + 1);
    }

    /** As many lines as it takes. */
    public void text(String words) {
        for (String paragraph : words.split("\n")) {
            for (String part : FittedLine.wrapped(paragraph, Weight.REGULAR, SMALL, roomMm())) {
                line(LEFT, Weight.REGULAR, SMALL, part, LINE);
            }
        }
    }

    /** A heading and lines below it; nothing where there are none. */
    public void list(String head, List<String> words) {
        if (!words.isEmpty()) {
            heading(head);
            words.forEach(this::text);
        }
    }

    /** Cells over a hairline; a cell that is too long is cut. @param columns where they begin, mm from the left of the page */
    public void row(List<String> cells, double[] columns, Weight weight) {
        turnIfLess(LINE);
        double at = y;
        for (int i = 0; i < cells.size(); i++) {
            double end = i + 1 < columns.length ? columns[i + 1] - 1.5 : size.widthMm() - LEFT;
            String words = Typeface.fitted(Typeface.printable(cells.get(i)), weight, SMALL, end - columns[i]);
            double x = columns[i];
            open().add(canvas -> canvas.text(x, at, SMALL, weight, words));
        }
        open().add(canvas -> canvas.line(LEFT, at + 1.4, size.widthMm() - LEFT, at + 1.4, 0.1));
        y += LINE;
    }

    /** Something that is not words, whole on its page. @param heightMm room it takes */
    public void draw(double heightMm, Drawing drawing) {
        turnIfLess(heightMm);
        double at = y - SMALL;
        open().add(canvas -> drawing.draw(canvas, at));
        y += heightMm;
    }

    private void line(double x, Weight weight, double em, String words, double lead) {
        turnIfLess(0);
        double at = y;
        String fitted = Typeface.fitted(Typeface.printable(words), weight, em, size.widthMm() - LEFT - x);
        open().add(canvas -> canvas.text(x, at, em, weight, fitted));
        y += lead;
    }

    private void turnIfLess(double heightMm) {
        if (lines == null || y + heightMm > size.heightMm() - BOTTOM) {
            begin();
        }
    }

    public byte[] document(String title) {
        end();
        return PdfCanvas.document(title, pages, page -> size, (canvas, page) -> page.accept(canvas));
    }
}
