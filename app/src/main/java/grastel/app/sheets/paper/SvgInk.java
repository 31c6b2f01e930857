package grastel.app.sheets.paper;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.page.PageInk;
import grastel.core.page.PageLayout;
import grastel.core.page.Typeface;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.Locale;

/** A page as SVG in mm. Letters are outlines, so that it looks the same everywhere. */
public final class SvgInk implements PageInk {
    private final StringBuilder svg = new StringBuilder();

    private SvgInk() {}

    public static String document(PageLayout page) {
        SvgInk ink = new SvgInk();
        double w = page.size().widthMm();
        double h = page.size().heightMm();
        ink.add(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">",
                w, h, w, h);
        ink.add("<rect width=\"%s\" height=\"%s\" fill=\"#ffffff\"/>", w, h);
        page.drawOn(ink);
        return ink.svg.append("</svg>\n").toString();
    }

    @Override
    public void patch(PageLayout.Patch patch) {
        add(
                "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\"/>",
                mm(patch.rect().x()),
                mm(patch.rect().y()),
                mm(patch.rect().width()),
                mm(patch.rect().height()),
                Srgb.of(new Lab(patch.lightness(), 0, 0)).hex());
    }

    @Override
    public void rule(PageLayout.Rule rule) {
        add(
                "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#000000\" stroke-width=\"%s\"/>",
                mm(rule.x1()), mm(rule.y1()), mm(rule.x2()), mm(rule.y2()), rule.widthMm());
    }

    @Override
    public void text(PageLayout.Text text) {
        if (!text.words().isBlank()) {
            add(
                    "<path aria-label=\"%s\" d=\"%s\"/>",
                    escaped(text.words()),
                    path(Typeface.outline(text.words(), text.weight(), text.sizeMm())
                            .getPathIterator(AffineTransform.getTranslateInstance(text.x(), text.y()))));
        }
    }

    private static String path(PathIterator it) {
        StringBuilder path = new StringBuilder();
        double[] at = new double[6];
        for (; !it.isDone(); it.next()) {
            int kind = it.currentSegment(at);
            int places = switch (kind) {
                case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 2;
                case PathIterator.SEG_QUADTO -> 4;
                case PathIterator.SEG_CUBICTO -> 6;
                default -> 0;
            };
            path.append("MLQCZ".charAt(kind));
            for (int i = 0; i < places; i++) {
                path.append(i == 0 ? "" : " ").append(mm(at[i]));
            }
        }
        return path.toString();
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }

    /** To a hundredth of a millimetre. */
    private static String mm(double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }

    private void add(String element, Object... values) {
        svg.append(String.format(Locale.ROOT, element, values)).append('\n');
    }
}
