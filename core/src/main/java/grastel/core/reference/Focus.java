package grastel.core.reference;

import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Where the eye goes first.
 *
 * @param x and y shares of the frame
 * @param radiusMm of the area that counts as it
 */
public record Focus(double x, double y, double radiusMm) {
    /** Of the frame's shorter side: an area that the eye takes in at a glance at arm's length. */
    private static final double RADIUS_SHARE = 0.18;
    /** Places looked at along and across the frame. */
    private static final int PLACES = 24;
    /** Along and across an area. */
    private static final int SPOTS = 24;

    public static double radiusMm(Frame frame) {
        return RADIUS_SHARE * Math.min(frame.widthMm(), frame.heightMm());
    }

    /** The area in which light changes most, as a proposal: the teacher knows what the picture is about. */
    public static Focus proposed(Reference reference, Frame frame) {
        double radius = radiusMm(frame);
        double across = radius / frame.widthMm();
        double down = radius / frame.heightMm();
        int best = IntStream.range(0, PLACES * PLACES)
                .boxed()
                .max(Comparator.comparingDouble(
                        i -> contrast(reference, at(i % PLACES, across), at(i / PLACES, down), across, down)))
                .orElseThrow();
        return new Focus(at(best % PLACES, across), at(best / PLACES, down), radius);
    }

    /** Areas lie whole in the frame. */
    private static double at(int place, double radius) {
        return radius + place / (PLACES - 1.0) * (1 - 2 * radius);
    }

    /** Variance of L* over the area. */
    private static double contrast(Reference reference, double x, double y, double across, double down) {
        double sum = 0;
        double squares = 0;
        int count = 0;
        for (int i = 0; i < SPOTS * SPOTS; i++) {
            double dx = (i % SPOTS + 0.5) / SPOTS * 2 - 1;
            double dy = (i / SPOTS + 0.5) / SPOTS * 2 - 1;
            if (dx * dx + dy * dy <= 1) {
                int px = (int) Math.min(reference.width() - 1.0, (x + dx * across) * reference.width());
                int py = (int) Math.min(reference.height() - 1.0, (y + dy * down) * reference.height());
                double lightness = reference.lightness(py * reference.width() + px);
                sum += lightness;
                squares += lightness * lightness;
                count++;
            }
        }
        return squares / count - sum / count * sum / count;
    }
}
