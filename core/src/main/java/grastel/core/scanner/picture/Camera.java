package grastel.core.scanner.picture;

import grastel.core.page.PageSize;

/**
 * A pinhole camera over a tilted page: page mm to picture pixels and back. The plane's homography is the product of a
 * rotation in the plane, a tilt, and the projection from a distance of three page heights (Hartley and Zisserman 2004,
 * chapter 2).
 */
public final class Camera {
    private static final double MM_PER_INCH = 25.4;
    private static final double DISTANCE_PAGES = 3;

    /** Pixels over which the page seems flat and seen from straight above: it departs from that by less than 0.001 mm. */
    private static final int RUN = 16;

    public final int width;
    public final int height;
    private final double[] toPage;
    private final double pageWidth;
    private final double pageHeight;
    private final double downMm;
    private final double acrossMm;

    /** @param downMm and acrossMm how far the middle of a bulging page seems moved down, and to the right */
    public Camera(PageSize size, ScanConditions conditions, double downMm, double acrossMm) {
        this.pageWidth = size.widthMm();
        this.pageHeight = size.heightMm();
        this.downMm = downMm;
        this.acrossMm = acrossMm;
        double[] raw = project(size, conditions);
        double[] box = bounds(raw, size, conditions.desk());
        double[] shifted = multiply(new double[] {1, 0, -box[0], 0, 1, -box[1], 0, 0, 1}, raw);
        width = (int) Math.ceil(box[2] - box[0]);
        height = (int) Math.ceil(box[3] - box[1]);
        toPage = invert(shifted);
    }

    /** Where the places of a line of the picture lie on the page: a few pixels of it at a time. */
    interface Seen {
        /**
         * Places from one to the next by the same step.
         *
         * @param from the first pixel
         * @param xMm, yMm on the page, of the first place of the first pixel
         * @param dxMm, dyMm from one place to the next
         */
        void run(int from, int places, double xMm, double yMm, double dxMm, double dyMm);
    }

    /**
     * @param py line of the picture, pixels
     * @param perPixel places looked at along a pixel
     */
    void line(double py, int perPixel, Seen seen) {
        double first = 0.5 / perPixel;
        double[] here = page(first, py);
        for (int from = 0; from < width; from += RUN) {
            int to = Math.min(width, from + RUN);
            double[] next = page(to + first, py);
            int places = (to - from) * perPixel;
            seen.run(from, places, here[0], here[1], (next[0] - here[0]) / places, (next[1] - here[1]) / places);
            here = next;
        }
    }

    /** Where a place of the picture lies on the page, mm. */
    private double[] page(double px, double py) {
        double share = 1 / (toPage[6] * px + toPage[7] * py + toPage[8]);
        double x = (toPage[0] * px + toPage[1] * py + toPage[2]) * share;
        double y = (toPage[3] * px + toPage[4] * py + toPage[5]) * share;
        return new double[] {x - acrossMm * bulge(y / pageHeight), y - downMm * bulge(x / pageWidth)};
    }

    /** 1 in the middle, 0 at the ends. */
    private static double bulge(double along) {
        return 4 * along * (1 - along);
    }

    private static double[] project(PageSize size, ScanConditions s) {
        double skew = Math.toRadians(s.skewDegrees() + 90.0 * s.quarterTurns());
        double tilt = Math.toRadians(s.tiltDegrees());
        double towards = Math.toRadians(s.tiltTowardsDegrees());
        double scale = s.dpi() / MM_PER_INCH;
        double distance = DISTANCE_PAGES * size.heightMm();
        double[] centre = {1, 0, -size.widthMm() / 2, 0, 1, -size.heightMm() / 2, 0, 0, 1};
        double[] tilted = multiply(
                rotation(-towards),
                multiply(
                        new double[] {1, 0, 0, 0, Math.cos(tilt), 0, 0, Math.sin(tilt) / distance, 1},
                        rotation(towards)));
        double[] zoom = {scale, 0, 0, 0, scale, 0, 0, 0, 1};
        return multiply(zoom, multiply(rotation(skew), multiply(tilted, centre)));
    }

    private static double[] rotation(double angle) {
        return new double[] {Math.cos(angle), -Math.sin(angle), 0, Math.sin(angle), Math.cos(angle), 0, 0, 0, 1};
    }

    /** Left, top, right, bottom in pixels of the page with its margin of desk. */
    private static double[] bounds(double[] h, PageSize size, double desk) {
        double[] box = {1e9, 1e9, -1e9, -1e9};
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? -desk : size.widthMm() + desk;
            double y = corner < 2 ? -desk : size.heightMm() + desk;
            double w = h[6] * x + h[7] * y + h[8];
            double px = (h[0] * x + h[1] * y + h[2]) / w;
            double py = (h[3] * x + h[4] * y + h[5]) / w;
            box[0] = Math.min(box[0], px);
            box[1] = Math.min(box[1], py);
            box[2] = Math.max(box[2], px);
            box[3] = Math.max(box[3], py);
        }
        return box;
    }

    private static double[] multiply(double[] a, double[] b) {
        double[] c = new double[9];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                c[i * 3 + j] = a[i * 3] * b[j] + a[i * 3 + 1] * b[3 + j] + a[i * 3 + 2] * b[6 + j];
            }
        }
        return c;
    }

    /** Adjugate; the scale of a homography is free. */
    private static double[] invert(double[] m) {
        return new double[] {
            m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
        };
    }
}
