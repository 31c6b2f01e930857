package grastel.core.scanner.picture;

import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Shows;
import grastel.core.page.PageLayout.Window;
import grastel.core.page.Rect;
import grastel.core.scanner.sheet.FlatPage;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * A card laid over a drawing: through its windows the drawing is seen, a little off where it was traced, with the shadow of the
 * card's edge on it; through the window for the label another print, laid in by hand.
 */
public final class Cut {
    /** Furthest that a card is laid off its tracing, mm. */
    private static final double MOST_OFF_MM = 1.5;
    /** Furthest that it is turned, radians: 0.7 mm over a page. */
    private static final double MOST_TURNED = 0.0025;

    private static final double LABEL_OFF_MM = 0.7;

    /** Of a card 0.3 mm thick under a lamp at the side. */
    private static final double SHADOW_MM = 0.35;

    private static final double SHADOW = 0.5;

    /** A line traced with a light pencil. */
    private static final double TRACED_MM = 0.4;

    private static final double TRACED = 0.6;

    private final PageLayout card;
    private final List<Rect> onDrawing;
    private final double offX;
    private final double offY;
    private final double turn;
    private final double labelX;
    private final double labelY;

    public Cut(PageLayout card, RandomGenerator random) {
        this.card = card;
        this.onDrawing = card.fields().stream().map(PageLayout.Field::rect).toList();
        double way = random.nextDouble(2 * Math.PI);
        double off = random.nextDouble(MOST_OFF_MM - MOST_TURNED * card.size().heightMm() / 2);
        this.offX = off * Math.cos(way);
        this.offY = off * Math.sin(way);
        this.turn = random.nextDouble(-MOST_TURNED, MOST_TURNED);
        this.labelX = random.nextDouble(-LABEL_OFF_MM, LABEL_OFF_MM);
        this.labelY = random.nextDouble(-LABEL_OFF_MM, LABEL_OFF_MM);
    }

    /** Traces the windows on the drawing. */
    public void trace(FlatPage drawing) {
        for (Rect window : onDrawing) {
            Rect out = window.inset(-TRACED_MM / 2);
            Rect in = window.inset(TRACED_MM / 2);
            drawing.change(out, (x, y, light) -> {
                for (int c = 0; c < light.length && !in.contains(x, y); c++) {
                    light[c] *= TRACED;
                }
            });
        }
    }

    /** What is seen. @param print the card before it was cut, with its label in place */
    public void lay(FlatPage print, FlatPage drawing, FlatPage label) {
        double middleX = card.size().widthMm() / 2;
        double middleY = card.size().heightMm() / 2;
        for (Window window : card.windows()) {
            print.change(
                    window.rect(),
                    window.shows() == Shows.LABEL
                            ? (x, y, light) -> see(label, x + labelX, y + labelY, 1, light)
                            : (x, y, light) -> see(drawing, x, y, shadow(window.rect(), x, y), light));
        }
        for (Rect window : onDrawing) {
            print.change(
                    window,
                    (x, y, light) -> see(
                            drawing,
                            x + offX - turn * (y - middleY),
                            y + offY + turn * (x - middleX),
                            shadow(window, x, y),
                            light));
        }
    }

    /** The lamp stands at the top left. */
    private static double shadow(Rect window, double x, double y) {
        double from = Math.min(x - window.x(), y - window.y());
        return 1 - SHADOW * Math.exp(-from / SHADOW_MM);
    }

    private static void see(FlatPage under, double x, double y, double share, double[] light) {
        long seen = under.sample(x * under.pxPerMm, y * under.pxPerMm);
        for (int c = 0; c < light.length; c++) {
            light[c] = seen < 0 ? Exposure.DESK_LIGHT : share * FlatPage.lane(seen, c) / FlatPage.SAMPLED_FULL;
        }
    }
}
