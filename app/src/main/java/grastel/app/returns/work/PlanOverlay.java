package grastel.app.returns.work;

import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.PieceMap;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.Overlays;
import grastel.core.reading.PageReading;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;

/** How far the pictures of a page are off their plan, to be laid over it as {@link Overlays} are. */
final class PlanOverlay {
    private PlanOverlay() {}

    static BufferedImage of(PageLayout page, SheetPlan plan, PageReading reading) {
        BufferedImage over =
                new BufferedImage(px(page.size().widthMm()), px(page.size().heightMm()), BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = over.createGraphics();
        for (PageLayout.Field field : page.fields()) {
            Rect at = field.rect();
            reading.fields().stream()
                    .filter(f -> f.field().equals(field.id()))
                    .findFirst()
                    .flatMap(read -> PieceMap.of(plan.field(field.id()), read))
                    .ifPresent(map -> g.drawImage(map, px(at.x()), px(at.y()), px(at.width()), px(at.height()), null));
        }
        g.dispose();
        return over;
    }

    private static int px(double mm) {
        return (int) Math.round(mm * Overlays.PX_PER_MM);
    }
}
