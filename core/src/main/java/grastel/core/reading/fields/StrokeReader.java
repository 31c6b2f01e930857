package grastel.core.reading.fields;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Direction and coherence of strokes by the {@link Tensor} of windows. */
final class StrokeReader {
    private static final double WINDOW_MM = 4;

    private StrokeReader() {}

    /** @param lightness L*, already free of pixel noise */
    static @Nullable Strokes of(Plane lightness, Mask mask, double samplesPerMm) {
        int window = (int) Math.round(WINDOW_MM * samplesPerMm);
        List<Tensor> tensors = new ArrayList<>();
        for (int y = 1; y + window < lightness.height - 1; y += window) {
            for (int x = 1; x + window < lightness.width - 1; x += window) {
                if (mask.hasSquare(x, y, window)) {
                    tensors.add(Tensor.of(lightness, mask, x, y, window));
                }
            }
        }
        Tensor all = tensors.stream().reduce(new Tensor(0, 0, 0, 0), Tensor::plus);
        if (tensors.size() < 2 || all.energy() <= 0) {
            return null;
        }
        double spread = spread(tensors, all.cos(), all.sin());
        double error = Math.min(90, 2 * spread / Math.sqrt(tensors.size()));
        return new Strokes(new Measured((all.direction() % 180 + 180) % 180, error), spread, all.coherence());
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
