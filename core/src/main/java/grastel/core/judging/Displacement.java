package grastel.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How far the edges of one picture lie from those of another: windows with edges are looked for nearby, by the likeness of how light
 * changes in them. Of an edge that runs straight only the way across is seen; the shortest way that fits counts.
 */
final class Displacement {
    private static final int WINDOW = 22;
    private static final int STEP = 11;
    /** Looked for so far away, cells. */
    private static final int REACH = 12;
    /** A window has edges when light changes by so much in all, L* squared for each cell. */
    private static final double EDGES = 2.5;
    /** Less alike is not found. */
    private static final double LEAST = 0.6;
    /** What one cell more must be more alike. */
    private static final double FARTHER = 0.008;
    /** Windows that must be found, of those with edges too. */
    private static final int FEWEST = 4;

    private static final double FOUND = 0.4;
    private static final double OF = 0.9;

    private final Grid planned;
    private final Grid drawn;

    private Displacement(Grid planned, Grid drawn) {
        this.planned = planned.mean(1);
        this.drawn = drawn.mean(1);
    }

    /** Cells that nine in ten windows are off at most; none where too few can be found. */
    static Optional<Double> of(Grid planned, Grid drawn) {
        return new Displacement(planned, drawn).ninth();
    }

    private Optional<Double> ninth() {
        List<Double> found = new ArrayList<>();
        int windows = 0;
        for (int top = 1; top + WINDOW < planned.rows - 1; top += STEP) {
            for (int left = 1; left + WINDOW < planned.columns - 1; left += STEP) {
                double energy = energy(planned, left, top);
                if (energy / (WINDOW * WINDOW) >= EDGES) {
                    windows++;
                    off(left, top, energy).ifPresent(found::add);
                }
            }
        }
        if (found.size() < FEWEST || found.size() < FOUND * windows) {
            return Optional.empty();
        }
        found.sort(Double::compare);
        return Optional.of(found.get((int) Math.min(found.size() - 1.0, OF * found.size())));
    }

    private static double energy(Grid of, int left, int top) {
        double sum = 0;
        for (int y = top; y < top + WINDOW; y++) {
            for (int i = y * of.columns + left; i < y * of.columns + left + WINDOW; i++) {
                sum += of.across(i) * of.across(i) + of.down(i) * of.down(i);
            }
        }
        return sum;
    }

    private Optional<Double> off(int left, int top, double energy) {
        double best = LEAST;
        double off = Double.NaN;
        for (int dy = -REACH; dy <= REACH; dy++) {
            for (int dx = -REACH; dx <= REACH; dx++) {
                if (left + dx < 1
                        || top + dy < 1
                        || left + dx + WINDOW >= planned.columns - 1
                        || top + dy + WINDOW >= planned.rows - 1) {
                    continue;
                }
                double far = Math.hypot(dx, dy);
                double alike = likeness(left, top, dx, dy, energy) - FARTHER * far;
                if (alike > best) {
                    best = alike;
                    off = far;
                }
            }
        }
        return Double.isNaN(off) ? Optional.empty() : Optional.of(off);
    }

    private double likeness(int left, int top, int dx, int dy, double energy) {
        double both = 0;
        double there = 0;
        for (int y = top; y < top + WINDOW; y++) {
            for (int x = left; x < left + WINDOW; x++) {
                int i = y * planned.columns + x;
                int j = i + dy * planned.columns + dx;
                double across = drawn.across(j);
                double down = drawn.down(j);
                both += planned.across(i) * across + planned.down(i) * down;
                there += across * across + down * down;
            }
        }
        return there == 0 ? 0 : both / Math.sqrt(energy * there);
    }
}
