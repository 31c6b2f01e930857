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

    /** One PDF page a layout. */
    static byte[] document(String title, List<PageLayout> pages) {
        return PdfCanvas.document(
                title, pages, PageLayout::size, (canvas, layout) -> layout.drawOn(new PdfInk(canvas)));
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
