package grastel.core.reading.place;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.jspecify.annotations.Nullable;

/**
 * Page millimetres to picture pixels: a homography fitted by the normalised direct linear transform (Hartley and Zisserman
 * 2004, algorithm 4.2).
 */
public final class Mapping {
    private final double[] h;
    private final double residualPx;
    /** Of a bent sheet; null for a flat one. */
    private final @Nullable Warp warp;

    private final double bendMm;

    private Mapping(double[] h, double residualPx, @Nullable Warp warp, double bendMm) {
        this.h = h;
        this.residualPx = residualPx;
        this.warp = warp;
        this.bendMm = bendMm;
    }

    /** This mapping for a sheet that is bent. @param mm how far it moves a printed line at most */
    Mapping bent(Warp by, double mm) {
        return new Mapping(h, residualPx, by, mm);
    }

    public boolean isFlat() {
        return warp == null;
    }

    /** How far the bend moves a printed line at most, mm. */
    public double bendMm() {
        return bendMm;
    }

    double warpX(double mmX, double mmY) {
        return warp == null ? 0 : warp.dx(mmX, mmY);
    }

    double warpY(double mmX, double mmY) {
        return warp == null ? 0 : warp.dy(mmX, mmY);
    }

    /** @param pairs page place in mm first, picture place in pixels second; four or more, not on one line */
    static Mapping fit(List<AssociatedPair> pairs) {
        DMatrixRMaj matrix = new DMatrixRMaj(3, 3);
        new HomographyDirectLinearTransform(true).process(pairs, matrix);
        Mapping mapping = new Mapping(matrix.data.clone(), 0, null, 0);
        double sum = 0;
        for (AssociatedPair pair : pairs) {
            double dx = mapping.x(pair.p1.x, pair.p1.y) - pair.p2.x;
            double dy = mapping.y(pair.p1.x, pair.p1.y) - pair.p2.y;
            sum += dx * dx + dy * dy;
        }
        return new Mapping(mapping.h, Math.sqrt(sum / pairs.size()), null, 0);
    }

    public double x(double mmX, double mmY) {
        return warp == null ? flatX(mmX, mmY) : flatX(mmX + warp.dx(mmX, mmY), mmY + warp.dy(mmX, mmY));
    }

    public double y(double mmX, double mmY) {
        return warp == null ? flatY(mmX, mmY) : flatY(mmX + warp.dx(mmX, mmY), mmY + warp.dy(mmX, mmY));
    }

    private double flatX(double mmX, double mmY) {
        return (h[0] * mmX + h[1] * mmY + h[2]) / (h[6] * mmX + h[7] * mmY + h[8]);
    }

    private double flatY(double mmX, double mmY) {
        return (h[3] * mmX + h[4] * mmY + h[5]) / (h[6] * mmX + h[7] * mmY + h[8]);
    }

    /** The matrix of a flat sheet, row by row; the last is not always 1. */
    public double coefficient(int i) {
        return h[i];
    }

    /** Pixels per mm around a place, the geometric mean over directions. */
    public double pxPerMm(double mmX, double mmY) {
        double x = x(mmX, mmY);
        double y = y(mmX, mmY);
        double ax = x(mmX + 1, mmY) - x;
        double ay = y(mmX + 1, mmY) - y;
        double bx = x(mmX, mmY + 1) - x;
        double by = y(mmX, mmY + 1) - y;
        return Math.sqrt(Math.abs(ax * by - ay * bx));
    }

    /** Root mean square distance of the fitted points, px. */
    public double residualPx() {
        return residualPx;
    }
}
