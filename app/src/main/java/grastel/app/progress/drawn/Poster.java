package grastel.app.progress.drawn;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PaperFormat;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.util.ArrayList;
import java.util.List;

/**
 * The wall on one large sheet to hang up: a row of pictures for each student, nothing else of them. Pictures are as large as
 * fit; where they would be too small to be seen from a step away it goes on over further sheets.
 *
 * @param columns what stands over them
 */
record Poster(String title, List<String> columns, List<PosterLine> rows) {
    private static final double MARGIN = 15;
    private static final double TITLE = 12;
    private static final double HEAD = 34;
    private static final double GAP = 3;
    private static final double LEAST_HIGH = 18;
    private static final double MOST_HIGH = 70;
    /** Width of names, as many times their size. */
    private static final double LABEL_EMS = 9;

    private static final double LABEL_OF_ROW = 0.22;
    private static final double MOST_LABEL = 8;

    /** ISO 216. */
    enum Format {
        A3(297, 420),
        A2(420, 594);

        private final double shortMm;
        private final double longMm;

        Format(double shortMm, double longMm) {
            this.shortMm = shortMm;
            this.longMm = longMm;
        }

        Sheet upright() {
            return new Sheet(shortMm, longMm);
        }

        Sheet lying() {
            return new Sheet(longMm, shortMm);
        }
    }

    record Sheet(double widthMm, double heightMm) implements PaperFormat {}

    /** @param label of a student, or empty; @param pictures one a column, null where there is none */
    record PosterLine(String label, List<Picture> pictures) {}

    /** @param aspect width of the picture over its height */
    record Picture(byte[] jpeg, double aspect) {}

    /** @param high rows of pictures, mm; @param label size of names, mm, 0 for none */
    private record Fit(Sheet paper, int perPage, double high, double label) {}

    /** A sheet of it. */
    private record Part(List<PosterLine> rows, int number, int of) {}

    byte[] pdf(Format format) {
        Fit upright = fit(format.upright());
        Fit lying = fit(format.lying());
        Fit fit = lying.high() * lying.perPage() > upright.high() * upright.perPage() ? lying : upright;
        int pages = (rows.size() + fit.perPage() - 1) / fit.perPage();
        List<Part> parts = new ArrayList<>();
        for (int page = 0; page < pages; page++) {
            int from = page * fit.perPage();
            parts.add(new Part(rows.subList(from, Math.min(rows.size(), from + fit.perPage())), page + 1, pages));
        }
        return PdfCanvas.document(title, parts, p -> fit.paper(), (canvas, part) -> draw(canvas, part, fit));
    }

    /** The largest rows of pictures that fit on as few sheets as show them large enough. */
    private Fit fit(Sheet paper) {
        boolean labelled = rows.stream().anyMatch(r -> !r.label().isEmpty());
        double aspects = 0;
        for (int column = 0; column < columns.size(); column++) {
            aspects += aspect(column);
        }
        double perHigh = aspects + (labelled ? LABEL_OF_ROW * LABEL_EMS : 0);
        double byWidth = (paper.widthMm() - 2 * MARGIN - GAP * columns.size()) / Math.max(0.1, perHigh);
        double room = paper.heightMm() - HEAD - MARGIN;
        int most = Math.max(1, (int) (room / (Math.min(LEAST_HIGH, byWidth) + GAP)));
        int pages = Math.max(1, (rows.size() + most - 1) / most);
        int perPage = Math.max(1, (rows.size() + pages - 1) / pages);
        double high = Math.min(MOST_HIGH, Math.min(byWidth, room / perPage - GAP));
        return new Fit(paper, perPage, high, labelled ? Math.min(MOST_LABEL, LABEL_OF_ROW * high) : 0);
    }

    /** The widest of a column, so that all keep their scale. */
    private double aspect(int column) {
        return rows.stream()
                .map(r -> r.pictures().get(column))
                .filter(p -> p != null)
                .mapToDouble(Picture::aspect)
                .max()
                .orElse(1);
    }

    private void draw(PdfCanvas canvas, Part part, Fit fit) {
        double room = fit.paper().widthMm() - 2 * MARGIN;
        String said = part.of() > 1 ? say("paper.of", title, part.number(), part.of()) : title;
        canvas.text(
                MARGIN,
                MARGIN + 9,
                TITLE,
                Weight.BOLD,
                Typeface.fitted(Typeface.printable(said), Weight.BOLD, TITLE, room));
        double left = MARGIN + (fit.label() > 0 ? fit.label() * LABEL_EMS : 0);
        double x = left;
        for (int column = 0; column < columns.size(); column++) {
            double wide = aspect(column) * fit.high();
            String head = Typeface.fitted(Typeface.printable(columns.get(column)), Weight.REGULAR, 4, wide);
            canvas.text(x, HEAD - 3, 4, Weight.REGULAR, head);
            double y = HEAD;
            for (PosterLine row : part.rows()) {
                Picture picture = row.pictures().get(column);
                if (picture != null) {
                    double own = Math.min(wide, picture.aspect() * fit.high());
                    canvas.jpeg(picture.jpeg(), new Rect(x, y, own, own / picture.aspect()));
                }
                y += fit.high() + GAP;
            }
            x += wide + GAP;
        }
        labels(canvas, part, fit);
    }

    private static void labels(PdfCanvas canvas, Part part, Fit fit) {
        double y = HEAD + fit.high() / 2 + fit.label() / 3;
        for (PosterLine row : part.rows()) {
            if (!row.label().isEmpty()) {
                String label = Typeface.fitted(
                        Typeface.printable(row.label()), Weight.REGULAR, fit.label(), fit.label() * LABEL_EMS - GAP);
                canvas.text(MARGIN, y, fit.label(), Weight.REGULAR, label);
            }
            y += fit.high() + GAP;
        }
    }
}
