package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.light.EvenPage;
import java.awt.geom.Rectangle2D;
import org.jspecify.annotations.Nullable;

/** A field and the paper around it, sampled 8 times a mm: reflectance, and which samples count as the field. */
public final class FieldSamples {
    public static final double PER_MM = 8;
    /** Paper read around the field, mm. */
    public static final double RING_MM = 2.8;

    static final double INSIDE_MM = 1;
    /** No pencil on any paper reflects more than this: what is lighter is a lamp mirrored in the wax. */
    private static final double MIRRORED = 0.985;

    private static final double MOST_MIRRORED = 0.6;
    /** A mirrored lamp has a halo about this wide, mm. */
    private static final double HALO_MM = 0.8;

    final Rect area;
    final Plane red;
    final Plane green;
    final Plane blue;
    final Plane luminance;
    final Mask inside;
    /** Where a lamp is mirrored; null where none is. */
    private final @Nullable Plane mirrored;

    final double glareShare;

    /** @param edgeMm of the field's edge that does not count */
    FieldSamples(EvenPage page, PageLayout.Field field, double edgeMm) {
        area = bounds(field).inset(-RING_MM);
        inside = Mask.of(field, area, PER_MM, edgeMm);
        red = new Plane(inside.width, inside.height);
        green = new Plane(inside.width, inside.height);
        blue = new Plane(inside.width, inside.height);
        luminance = new Plane(inside.width, inside.height);
        int bright = fill(page);
        Plane halo = bright == 0 ? null : halo();
        double share = halo == null ? 0 : share(halo);
        // A field that is too bright all over is not a mirrored lamp.
        mirrored = share > MOST_MIRRORED ? null : halo;
        glareShare = mirrored == null ? 0 : share;
    }

    private static Rect bounds(PageLayout.Field field) {
        if (!field.isShape()) {
            return field.rect();
        }
        Rectangle2D b = field.path().getBounds2D();
        return new Rect(b.getX(), b.getY(), b.getWidth(), b.getHeight());
    }

    /** True for samples of the field that show pencil or paper. */
    boolean counts(int i) {
        return inside.has(i) && (mirrored == null || mirrored.data[i] == 0);
    }

    /** Mean light of the samples that count. */
    LinearRgb mean() {
        double[] sum = new double[3];
        int count = 0;
        for (int i = 0; i < luminance.data.length; i++) {
            if (counts(i)) {
                sum[0] += red.data[i];
                sum[1] += green.data[i];
                sum[2] += blue.data[i];
                count++;
            }
        }
        int n = Math.max(1, count);
        return new LinearRgb(sum[0] / n, sum[1] / n, sum[2] / n);
    }

    /** Mean light of a square. @param left and top from the area's corner, mm; @param side mm */
    LinearRgb mean(double left, double top, double side) {
        int x0 = (int) Math.round(left * PER_MM);
        int y0 = (int) Math.round(top * PER_MM);
        int across = (int) Math.round(side * PER_MM);
        double[] sum = new double[3];
        int count = 0;
        for (int y = y0; y < Math.min(red.height, y0 + across); y++) {
            for (int i = y * red.width + x0; i < y * red.width + Math.min(red.width, x0 + across); i++) {
                if (mirrored == null || mirrored.data[i] == 0) {
                    sum[0] += red.data[i];
                    sum[1] += green.data[i];
                    sum[2] += blue.data[i];
                    count++;
                }
            }
        }
        int n = Math.max(1, count);
        return new LinearRgb(sum[0] / n, sum[1] / n, sum[2] / n);
    }

    /** Fills the planes; returns how many samples of the field are too bright to be pencil. */
    private int fill(EvenPage page) {
        int bright = 0;
        EvenPage.Lines lines = page.lines(area.x() + 0.5 / PER_MM, 1 / PER_MM, luminance.width);
        for (int y = 0; y < luminance.height; y++) {
            lines.read(area.y() + (y + 0.5) / PER_MM);
            int row = y * luminance.width;
            for (int x = 0; x < luminance.width; x++) {
                float r = lines.rgb[x * 3];
                float g = lines.rgb[x * 3 + 1];
                float b = lines.rgb[x * 3 + 2];
                float light = (float) LinearRgb.luminance(r, g, b);
                red.data[row + x] = r;
                green.data[row + x] = g;
                blue.data[row + x] = b;
                luminance.data[row + x] = light;
                bright += light > MIRRORED && inside.has(row + x) ? 1 : 0;
            }
        }
        return bright;
    }

    private Plane halo() {
        Plane bright = new Plane(luminance.width, luminance.height);
        for (int i = 0; i < bright.data.length; i++) {
            bright.data[i] = luminance.data[i] > MIRRORED && inside.has(i) ? 1 : 0;
        }
        Plane wide = bright.blurred(HALO_MM * PER_MM);
        for (int i = 0; i < wide.data.length; i++) {
            wide.data[i] = wide.data[i] > 0.02f ? 1 : 0;
        }
        return wide;
    }

    private double share(Plane halo) {
        int all = 0;
        int mirror = 0;
        for (int i = 0; i < halo.data.length; i++) {
            if (inside.has(i)) {
                all++;
                mirror += halo.data[i] > 0 ? 1 : 0;
            }
        }
        return mirror / (double) Math.max(1, all);
    }

    /** Standard deviation of a plane over the samples that count. */
    double spread(Plane plane) {
        double sum = 0;
        double squares = 0;
        int count = 0;
        for (int i = 0; i < plane.data.length; i++) {
            if (counts(i)) {
                sum += plane.data[i];
                squares += plane.data[i] * plane.data[i];
                count++;
            }
        }
        return count < 2 ? 0 : Math.sqrt(Math.max(0, squares / count - sum / count * sum / count));
    }

    /** L* as seen through a spot. @param sigma of the spot, in samples */
    Plane lightness(double sigma) {
        Plane seen = luminance.blurred(sigma);
        Plane out = new Plane(seen.width, seen.height);
        for (int i = 0; i < out.data.length; i++) {
            out.data[i] = Lightness.of(seen.data[i]);
        }
        return out;
    }

    /** L* of luminances by table. */
    private static final class Lightness {
        private static final float[] TABLE = new float[1 << 13];

        static {
            for (int i = 0; i < TABLE.length; i++) {
                TABLE[i] = (float) Lab.lightnessOf((i + 0.5) / (TABLE.length - 1));
            }
        }

        static float of(float luminance) {
            int at = (int) (luminance * (TABLE.length - 1));
            return TABLE[Math.min(TABLE.length - 1, Math.max(0, at))];
        }
    }
}
