package grastel.core.reading;

import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.reading.fields.FieldReader;
import grastel.core.reading.fields.FieldSamples;
import grastel.core.reading.fields.SpeckMask;
import grastel.core.reading.light.LightField;
import grastel.core.reading.picture.PixelLight;
import java.awt.image.BufferedImage;

/** What the figures of a page were read from, as pictures to lay over it: {@value #PX_PER_MM} px/mm, clear where nothing is. */
public final class Overlays {
    public static final int PX_PER_MM = 4;

    private static final int OPAQUE = 0xff000000;
    private static final int PENCIL = 0x50;
    /** Light is shown in steps of this share of the brightest. */
    private static final double STEP = 0.05;

    private final PageLayout page;
    private final FieldReader reader;
    private final LightField light;

    Overlays(PageLayout page, FieldReader reader, LightField light) {
        this.page = page;
        this.reader = reader;
        this.light = light;
    }

    /** White where a field was taken for paper, dark grey where for pencil. */
    public BufferedImage specks() {
        BufferedImage over = clear();
        page.fields().forEach(field -> paint(reader.speckMask(field), over));
        return over;
    }

    /** The light that fell on the paper, in steps of 5 % of the brightest, as grey; black lines part the steps. */
    public BufferedImage light() {
        BufferedImage over = clear();
        double[][] on = new double[over.getHeight()][over.getWidth()];
        double brightest = 0;
        for (int y = 0; y < on.length; y++) {
            for (int x = 0; x < on[y].length; x++) {
                on[y][x] = light.onPaper((x + 0.5) / PX_PER_MM, (y + 0.5) / PX_PER_MM);
                brightest = Math.max(brightest, on[y][x]);
            }
        }
        for (int y = 0; y < on.length; y++) {
            for (int x = 0; x < on[y].length; x++) {
                int step = step(on[y][x], brightest);
                boolean edge = x > 0 && step(on[y][x - 1], brightest) != step
                        || y > 0 && step(on[y - 1][x], brightest) != step;
                over.setRGB(x, y, edge ? OPAQUE : grey(PixelLight.code((float) Math.max(0, 1 - STEP * step)) & 0xff));
            }
        }
        return over;
    }

    /** How many steps darker than the brightest. */
    private static int step(double light, double brightest) {
        return (int) ((1 - light / brightest) / STEP);
    }

    private BufferedImage clear() {
        PageSize size = page.size();
        return new BufferedImage(
                (int) Math.round(size.widthMm() * PX_PER_MM),
                (int) Math.round(size.heightMm() * PX_PER_MM),
                BufferedImage.TYPE_INT_ARGB);
    }

    /** Each pixel of the overlay takes its share of paper among the samples on it. */
    private static void paint(SpeckMask mask, BufferedImage over) {
        int across = (int) Math.round(FieldSamples.PER_MM / PX_PER_MM);
        int left = (int) Math.round(mask.area.x() * PX_PER_MM);
        int top = (int) Math.round(mask.area.y() * PX_PER_MM);
        for (int y = 0; y < mask.height / across; y++) {
            for (int x = 0; x < mask.width / across; x++) {
                int looked = 0;
                int paper = 0;
                for (int k = 0; k < across * across; k++) {
                    int i = (y * across + k / across) * mask.width + x * across + k % across;
                    looked += mask.isLookedAt(i) ? 1 : 0;
                    paper += mask.isPaper(i) ? 1 : 0;
                }
                boolean onPage =
                        left + x >= 0 && left + x < over.getWidth() && top + y >= 0 && top + y < over.getHeight();
                if (looked > 0 && onPage) {
                    over.setRGB(left + x, top + y, grey(PENCIL + (0xff - PENCIL) * paper / looked));
                }
            }
        }
    }

    private static int grey(int code) {
        return OPAQUE | code << 16 | code << 8 | code;
    }
}
