package grastel.core.scanner.sheet;

import grastel.core.colour.Lab;
import grastel.core.page.PageInk;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** Prints a page: how much of the paper's light each place gives back, 255 all of it, 0 full black ink. */
final class AwtInk implements PageInk {
    private final BufferedImage image;
    private final Graphics2D graphics;

    AwtInk(PageSize size, double pxPerMm) {
        image = new BufferedImage(
                (int) Math.round(size.widthMm() * pxPerMm),
                (int) Math.round(size.heightMm() * pxPerMm),
                BufferedImage.TYPE_BYTE_GRAY);
        graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        graphics.scale(pxPerMm, pxPerMm);
    }

    static BufferedImage print(PageLayout page, double pxPerMm) {
        AwtInk ink = new AwtInk(page.size(), pxPerMm);
        page.drawOn(ink);
        ink.graphics.dispose();
        return ink.image;
    }

    @Override
    public void patch(PageLayout.Patch patch) {
        int code = (int) Math.round(255 * Lab.luminanceOf(patch.lightness()));
        graphics.setColor(new Color(code, code, code));
        Rect r = patch.rect();
        graphics.fill(new Rectangle2D.Double(r.x(), r.y(), r.width(), r.height()));
    }

    @Override
    public void rule(PageLayout.Rule rule) {
        graphics.setColor(Color.BLACK);
        graphics.setStroke(new BasicStroke((float) rule.widthMm()));
        graphics.draw(new Line2D.Double(rule.x1(), rule.y1(), rule.x2(), rule.y2()));
    }

    @Override
    public void text(PageLayout.Text text) {
        graphics.setColor(Color.BLACK);
        if (Typeface.isPlain(text.words())) {
            graphics.setFont(Typeface.font(text.weight()).deriveFont((float) text.sizeMm()));
            graphics.drawString(text.words(), (float) text.x(), (float) text.y());
        } else {
            graphics.translate(text.x(), text.y());
            graphics.fill(Typeface.outline(text.words(), text.weight(), text.sizeMm()));
            graphics.translate(-text.x(), -text.y());
        }
    }
}
