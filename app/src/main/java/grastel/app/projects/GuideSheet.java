package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.reference.Frame;
import grastel.core.reference.Outlines;
import grastel.core.reference.Outlines.Area;
import grastel.core.reference.Reference;
import grastel.core.reference.ValueMap;
import grastel.core.reference.ValueMap.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * What a student has beside the drawing: the frame with lines light enough to be lifted, the values with their key, the picture
 * with the same lines. Every frame is as large as what is drawn.
 */
final class GuideSheet {
    private static final double MARGIN = 12;
    private static final double HEAD = 22;
    private static final double FOOT = 16;
    private static final double EM = 3.6;
    /** Lines of a guide: seen while drawing, gone under colour. */
    private static final double FAINT = 0.72;

    /** Edges of frames and lines to write on: seen, and not as black as what is drawn. */
    private static final double EDGE = 0.4;

    private static final double HAIR = 0.2;

    /** What is drawn over the frame. */
    enum Lines {
        NONE,
        QUARTERS,
        GRID
    }

    /** @param outlines whether the guide shows those of the values */
    record Wanted(PageSize paper, Lines lines, boolean outlines) {}

    private final String title;
    private final ProjectData settings;
    private final Wanted wanted;
    private final Rect frame;

    GuideSheet(String title, ProjectData settings, Wanted wanted) {
        this.title = Typeface.printable(title);
        this.settings = settings;
        this.wanted = wanted;
        Frame of = settings.frame();
        this.frame = new Rect((wanted.paper().widthMm() - of.widthMm()) / 2, HEAD, of.widthMm(), of.heightMm());
    }

    /** Whether a frame of this size has room on a paper. */
    static boolean fits(Frame frame, PageSize paper) {
        return frame.widthMm() <= paper.widthMm() - 2 * MARGIN && frame.heightMm() <= paper.heightMm() - HEAD - FOOT;
    }

    byte[] pdf(Reference reference, ValueMap values, Outlines outlines) {
        List<Consumer<PdfCanvas>> pages =
                List.of(canvas -> guide(canvas, outlines), canvas -> values(canvas, values, outlines), canvas -> {
                    canvas.picture(Painted.of(reference), frame);
                    head(canvas, say("paper.the-picture"));
                    lines(canvas, 0);
                });
        return PdfCanvas.document(title, pages, p -> wanted.paper(), (canvas, page) -> page.accept(canvas));
    }

    private void guide(PdfCanvas canvas, Outlines outlines) {
        head(canvas, say("paper.draw-here"));
        if (wanted.outlines()) {
            outlines.areas().forEach(a -> rings(a).forEach(ring -> outline(canvas, ring)));
        }
        lines(canvas, FAINT);
        canvas.border(frame, HAIR, EDGE);
        canvas.text(frame.x(), frame.bottom() + 6, EM, Weight.REGULAR, say("paper.lift-these-lines-with"));
    }

    private void outline(PdfCanvas canvas, double[][] ring) {
        for (int i = 1; i < ring.length; i++) {
            canvas.line(ring[i - 1][0], ring[i - 1][1], ring[i][0], ring[i][1], HAIR, FAINT);
        }
    }

    private void values(PdfCanvas canvas, ValueMap values, Outlines outlines) {
        head(canvas, say("paper.values-squinted-at"));
        for (Area area : outlines.areas()) {
            double grey = (Painted.grey(values.steps().get(area.step()).lightness()) & 255) / 255.0;
            List<List<double[]>> loops =
                    rings(area).stream().map(Arrays::asList).toList();
            canvas.fill(loops, grey, grey, grey);
        }
        lines(canvas, 0);
        canvas.border(frame, HAIR, EDGE);
        double x = frame.x();
        double each = frame.width() / values.steps().size();
        for (Step step : values.steps()) {
            double grey = (Painted.grey(step.lightness()) & 255) / 255.0;
            canvas.fill(new Rect(x, frame.bottom() + 3, Math.min(8, each - 2), 5), grey, grey, grey);
            canvas.text(x + Math.min(9, each - 1), frame.bottom() + 7, EM, Weight.REGULAR, key(step));
            x += each;
        }
    }

    private static String key(Step step) {
        return String.format(Locale.ROOT, "%.1f", MunsellValue.of(Lab.luminanceOf(step.lightness())));
    }

    /** Corners on the page. */
    private List<double[][]> rings(Area area) {
        Polygon outline = area.outline();
        List<double[][]> rings = new ArrayList<>();
        rings.add(ring(outline.getExteriorRing()));
        IntStream.range(0, outline.getNumInteriorRing()).forEach(i -> rings.add(ring(outline.getInteriorRingN(i))));
        return rings;
    }

    private double[][] ring(LinearRing ring) {
        return Arrays.stream(ring.getCoordinates())
                .map(c -> new double[] {frame.x() + c.x, frame.y() + c.y})
                .toArray(double[][]::new);
    }

    private void head(PdfCanvas canvas, String what) {
        canvas.text(MARGIN, 11, 5, Weight.BOLD, Typeface.fitted(title, Weight.BOLD, 5, 110));
        canvas.text(MARGIN, 17, EM, Weight.REGULAR, what);
        canvas.text(wanted.paper().widthMm() - 84, 11, EM, Weight.REGULAR, say("paper.name"));
        canvas.line(wanted.paper().widthMm() - 72, 11.6, wanted.paper().widthMm() - MARGIN, 11.6, HAIR, EDGE);
    }

    private void lines(PdfCanvas canvas, double grey) {
        int columns = wanted.lines() == Lines.GRID ? settings.columns() : 2;
        int rows = wanted.lines() == Lines.GRID ? settings.rows() : 2;
        if (wanted.lines() == Lines.NONE) {
            return;
        }
        for (int i = 1; i < columns; i++) {
            double x = frame.x() + frame.width() * i / columns;
            canvas.line(x, frame.y(), x, frame.bottom(), HAIR, grey);
        }
        for (int i = 1; i < rows; i++) {
            double y = frame.y() + frame.height() * i / rows;
            canvas.line(frame.x(), y, frame.right(), y, HAIR, grey);
        }
    }
}
