package grastel.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;

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

    /** Where a window was found again, cells from where it is planned. */
    record Shift(int right, int down) {
        static final Shift NONE = new Shift(0, 0);

        double length() {
            return Math.hypot(right, down);
        }
    }

    private Displacement(Grid planned, Grid drawn) {
        this.planned = planned.mean(1);
        this.drawn = drawn.mean(1);
    }

    /** Cells that nine in ten windows are off at most; none where too few can be found. */
    static Optional<Double> of(Grid planned, Grid drawn) {
        return Optional.of(new Displacement(planned, drawn).shifts())
                .filter(shifts -> !shifts.isEmpty())
                .map(shifts -> shifts.stream().map(Shift::length).sorted().toList())
                .map(far -> far.get((int) Math.min(far.size() - 1.0, OF * far.size())));
    }

    /** How far all of it is off alike: the middle of what windows say; none where too few can be found. */
    static Shift common(Grid planned, Grid drawn) {
        List<Shift> shifts = new Displacement(planned, drawn).shifts();
        return shifts.isEmpty() ? Shift.NONE : new Shift(middle(shifts, Shift::right), middle(shifts, Shift::down));
    }

    private static int middle(List<Shift> shifts, ToIntFunction<Shift> figure) {
        int[] sorted = shifts.stream().mapToInt(figure).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    /** Of all windows that were found; empty where they are too few. */
    private List<Shift> shifts() {
        List<Shift> found = new ArrayList<>();
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
        return found.size() < FEWEST || found.size() < FOUND * windows ? List.of() : found;
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

    private Optional<Shift> off(int left, int top, double energy) {
        double best = LEAST;
        Shift off = null;
        for (int dy = -REACH; dy <= REACH; dy++) {
            for (int dx = -REACH; dx <= REACH; dx++) {
                if (left + dx < 1
                        || top + dy < 1
                        || left + dx + WINDOW >= planned.columns - 1
                        || top + dy + WINDOW >= planned.rows - 1) {
                    continue;
                }
                Shift shift = new Shift(dx, dy);
                double alike = likeness(left, top, dx, dy, energy) - FARTHER * shift.length();
                if (alike > best) {
                    best = alike;
                    off = shift;
                }
            }
        }
        return Optional.ofNullable(off);
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
