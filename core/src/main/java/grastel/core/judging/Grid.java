package grastel.core.judging;

import grastel.core.colour.Lab;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/** Figures on a grid of cells, row by row. */
final class Grid {
    /** Where the sides of a line are looked at, cells from it. */
    static final int SIDE = 4;

    /** Sides that differ less have no edge between them, L*. */
    private static final double TOLD = 10;

    final int columns;
    final int rows;
    private final float[] data;

    private Grid(int columns, float[] data) {
        this.columns = columns;
        this.rows = data.length / columns;
        this.data = data;
    }

    static Grid lightness(int columns, Lab[] colours) {
        return of(columns, colours, Lab::lightness);
    }

    static Grid of(int columns, Lab[] colours, ToDoubleFunction<Lab> figure) {
        float[] data = new float[colours.length];
        for (int i = 0; i < data.length; i++) {
            data[i] = (float) figure.applyAsDouble(colours[i]);
        }
        return new Grid(columns, data);
    }

    double at(int i) {
        return data[i];
    }

    /** Over a square of cells around each, as far as the grid goes. @param by cells to each side */
    Grid mean(int by) {
        double[] sums = new double[(columns + 1) * (rows + 1)];
        for (int y = 0; y < rows; y++) {
            for (int x = 0; x < columns; x++) {
                sums[(y + 1) * (columns + 1) + x + 1] = data[y * columns + x]
                        + sums[y * (columns + 1) + x + 1]
                        + sums[(y + 1) * (columns + 1) + x]
                        - sums[y * (columns + 1) + x];
            }
        }
        float[] mean = new float[data.length];
        for (int i = 0; i < mean.length; i++) {
            int left = Math.max(0, i % columns - by);
            int right = Math.min(columns, i % columns + by + 1);
            int top = Math.max(0, i / columns - by);
            int bottom = Math.min(rows, i / columns + by + 1);
            double sum = sums[bottom * (columns + 1) + right]
                    - sums[top * (columns + 1) + right]
                    - sums[bottom * (columns + 1) + left]
                    + sums[top * (columns + 1) + left];
            mean[i] = (float) (sum / ((right - left) * (bottom - top)));
        }
        return new Grid(columns, mean);
    }

    Grid less(Grid other) {
        float[] less = new float[data.length];
        for (int i = 0; i < less.length; i++) {
            less[i] = data[i] - other.data[i];
        }
        return new Grid(columns, less);
    }

    /**
     * How much darker a line between two cells is than both its sides. @param step to the cell beyond the line;
     * @param along to the next cell of the line
     */
    double line(int i, int step, int along) {
        double dark = Double.POSITIVE_INFINITY;
        for (int off = -1; off <= 2; off++) {
            dark = Math.min(dark, three(i + off * step, along));
        }
        double here = (three(i - 3 * step, along) + three(i - 2 * step, along)) / 2;
        double beyond = (three(i + 3 * step, along) + three(i + SIDE * step, along)) / 2;
        return Math.min(here, beyond) - dark;
    }

    /** Standard deviation over a disc, as far as the grid goes. */
    double spread(int x, int y, int radius) {
        double sum = 0;
        double squares = 0;
        int count = 0;
        for (int cy = Math.max(0, y - radius); cy <= Math.min(rows - 1, y + radius); cy++) {
            for (int cx = Math.max(0, x - radius); cx <= Math.min(columns - 1, x + radius); cx++) {
                if ((cx - x) * (cx - x) + (cy - y) * (cy - y) <= radius * radius) {
                    double value = data[cy * columns + cx];
                    sum += value;
                    squares += value * value;
                    count++;
                }
            }
        }
        return count == 0 ? 0 : Math.sqrt(Math.max(0, squares / count - sum / count * sum / count));
    }

    /** How much lighter it is beyond an edge than on this side of it, of the two cells next to those that it may run through. */
    double rise(int i, int step) {
        return (data[i + 2 * step] + data[i + 3 * step] - data[i - step] - data[i - 2 * step]) / 2;
    }

    /**
     * Over how many cells it changes across an edge: what lies on both sides apart, by the steepest cell between. None where both
     * sides are alike. @param step to the cell beyond the edge; @param along to the next cell of the edge
     */
    OptionalDouble width(int i, int step, int along) {
        double here = three(i - (SIDE - 1) * step, along) + three(i - (SIDE - 2) * step, along);
        double beyond = three(i + SIDE * step, along) + three(i + (SIDE - 1) * step, along);
        double apart = Math.abs(beyond - here) / 2;
        double steepest = 0;
        for (int off = 1 - SIDE; off < SIDE; off++) {
            double change = three(i + (off + 1) * step, along) - three(i + off * step, along);
            steepest = Math.max(steepest, Math.abs(change));
        }
        return apart < TOLD ? OptionalDouble.empty() : OptionalDouble.of(Math.max(1, apart / steepest));
    }

    private double three(int i, int along) {
        return (data[i - along] + data[i] + data[i + along]) / 3;
    }

    double across(int i) {
        return (data[i + 1] - data[i - 1]) / 2;
    }

    double down(int i) {
        return (data[i + columns] - data[i - columns]) / 2;
    }

    /** Adds up which way figures change. */
    static final class Turn {
        private double xx;
        private double yy;
        private double xy;

        void add(Grid of, int i) {
            double x = of.across(i);
            double y = of.down(i);
            xx += x * x;
            yy += y * y;
            xy += x * y;
        }

        /** 0 all ways alike … 1 one way only: coherence of the structure tensor. */
        double oneWay() {
            return xx + yy == 0 ? 0 : Math.hypot(xx - yy, 2 * xy) / (xx + yy);
        }
    }
}
