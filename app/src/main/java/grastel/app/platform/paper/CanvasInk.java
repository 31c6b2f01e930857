package grastel.app.platform.paper;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageInk;
import grastel.core.page.PageLayout;

/** Draws a page of fields into a PDF at its true size. */
public final class CanvasInk implements PageInk {
    private final PdfCanvas canvas;

    private CanvasInk(PdfCanvas canvas) {
        this.canvas = canvas;
    }

    public static void draw(PageLayout page, PdfCanvas canvas) {
        page.drawOn(new CanvasInk(canvas));
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
