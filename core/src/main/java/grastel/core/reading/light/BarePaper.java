package grastel.core.reading.light;

import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.util.ArrayList;
import java.util.List;

/** Where a printed page is bare: not near anything printed or to be drawn. */
final class BarePaper {
    private static final double FIELD_MARGIN = 4;
    private static final double PRINT_MARGIN = 1.2;
    private static final double PAGE_EDGE = 4;
    private static final double SPACING = 4;

    private BarePaper() {}

    /** Places every 4 mm, as x and y in mm. */
    static List<double[]> places(PageLayout page) {
        List<Rect> taken = taken(page);
        List<double[]> bare = new ArrayList<>();
        for (double y = PAGE_EDGE; y <= page.size().heightMm() - PAGE_EDGE; y += SPACING) {
            double line = y;
            List<Rect> near = taken.stream()
                    .filter(r -> r.y() <= line && line < r.bottom())
                    .toList();
            for (double x = PAGE_EDGE; x <= page.size().widthMm() - PAGE_EDGE; x += SPACING) {
                double px = x;
                if (near.stream().noneMatch(r -> r.contains(px, line))) {
                    bare.add(new double[] {x, y});
                }
            }
        }
        return bare;
    }

    private static List<Rect> taken(PageLayout page) {
        List<Rect> taken = new ArrayList<>();
        page.fields().forEach(f -> taken.add(f.rect().inset(-FIELD_MARGIN)));
        page.keys().forEach(k -> taken.add(k.rect().inset(-FIELD_MARGIN)));
        page.windows().forEach(w -> taken.add(w.rect().inset(-FIELD_MARGIN)));
        page.texts().forEach(t -> taken.add(t.bounds().inset(-PRINT_MARGIN)));
        page.patches().forEach(p -> taken.add(p.rect().inset(-PRINT_MARGIN)));
        page.bits().forEach(b -> taken.add(b.rect().inset(-PRINT_MARGIN)));
        page.rules()
                .forEach(r -> taken.add(new Rect(
                                Math.min(r.x1(), r.x2()),
                                Math.min(r.y1(), r.y2()),
                                Math.abs(r.x1() - r.x2()),
                                Math.abs(r.y1() - r.y2()))
                        .inset(-PRINT_MARGIN)));
        return taken;
    }
}
