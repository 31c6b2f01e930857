package grastel.app.sheets;

import grastel.app.platform.PdfCanvas;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageInk;
import grastel.core.page.PageLayout;
import java.util.List;

/** Draws pages into a PDF at their true size. */
final class PdfInk implements PageInk {
    private final PdfCanvas canvas;

    PdfInk(PdfCanvas canvas) {
        this.canvas = canvas;
    }

    /** One copy of a page. @param sheet the same for every student; @param own what is this student's alone */
    record Copy(PageLayout sheet, PageLayout own) {}

    /** One PDF page a copy. */
    static byte[] document(String title, List<Copy> copies) {
        return PdfCanvas.document(title, copies, copy -> copy.sheet().size(), (canvas, copy) -> {
            canvas.stamp(copy.sheet(), form -> copy.sheet().drawOn(new PdfInk(form)));
            copy.own().drawOn(new PdfInk(canvas));
        });
    }

    @Override
    public void patch(PageLayout.Patch patch) {
        double code = LinearRgb.encode(Lab.luminanceOf(patch.lightness()));
        canvas.fill(patch.rect(), code, code, code);
    }

    @Override
    public void rule(PageLayout.Rule rule) {
        canvas.line(rule.x1(), rule.y1(), rule.x2(), rule.y2(), rule.widthMm());
    }

    @Override
    public void text(PageLayout.Text text) {
        canvas.text(text.x(), text.y(), text.sizeMm(), text.weight(), text.words());
    }
}
