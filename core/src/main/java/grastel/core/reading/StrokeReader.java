package grastel.core.reading;

import java.util.ArrayList;
import java.util.List;

/**
 * Direction and coherence of strokes by the structure tensor (Bigün and Granlund 1987): the gradient turns across the strokes,
 * and its outer product, averaged, has the strokes' direction as its minor axis.
 */
final class StrokeReader {
    private static final double WINDOW_MM = 4;

    private StrokeReader() {}

    /** A gradient tensor: xx + yy, and the doubled angle as a vector. */
    private record Tensor(double energy, double cos, double sin) {}

    /** @param lightness L*, already free of pixel noise */
    static Strokes of(Plane lightness, Mask mask, double samplesPerMm) {
        int window = (int) Math.round(WINDOW_MM * samplesPerMm);
        List<Tensor> tensors = new ArrayList<>();
        for (int y = 1; y + window < lightness.height - 1; y += window) {
            for (int x = 1; x + window < lightness.width - 1; x += window) {
                if (mask.hasSquare(x, y, window)) {
                    tensors.add(tensor(lightness, x, y, window));
                }
            }
        }
        double energy = tensors.stream().mapToDouble(Tensor::energy).sum();
        if (tensors.size() < 2 || energy <= 0) {
            return null;
        }
        double cos = tensors.stream().mapToDouble(Tensor::cos).sum();
        double sin = tensors.stream().mapToDouble(Tensor::sin).sum();
        double coherence = Math.min(1, Math.hypot(cos, sin) / energy);
        // The gradient lies across the strokes; rows run downwards, angles upwards.
        double across = Math.toDegrees(Math.atan2(sin, cos)) / 2;
        double spread = spread(tensors, cos, sin);
        double error = Math.min(90, 2 * spread / Math.sqrt(tensors.size()));
        return new Strokes(new Measured(((90 - across) % 180 + 180) % 180, error), spread, coherence);
    }

    private static Tensor tensor(Plane plane, int x0, int y0, int side) {
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (int y = y0; y < y0 + side; y++) {
            for (int x = x0; x < x0 + side; x++) {
                int i = y * plane.width + x;
                double dx = plane.data[i + 1] - plane.data[i - 1];
                double dy = plane.data[i + plane.width] - plane.data[i - plane.width];
                xx += dx * dx;
                yy += dy * dy;
                xy += dx * dy;
            }
        }
        return new Tensor(xx + yy, xx - yy, 2 * xy);
    }

    /** Root mean square turn of the windows from the common direction, each weighted by how clear it is. */
    private static double spread(List<Tensor> tensors, double cos, double sin) {
        double common = Math.atan2(sin, cos);
        double sum = 0;
        double weights = 0;
        for (Tensor t : tensors) {
            double turn = Math.IEEEremainder(Math.atan2(t.sin(), t.cos()) - common, 2 * Math.PI) / 2;
            double weight = Math.hypot(t.sin(), t.cos());
            sum += weight * turn * turn;
            weights += weight;
        }
        return weights > 0 ? Math.toDegrees(Math.sqrt(sum / weights)) : 90;
    }
}
