package grastel.core.reading.place;

import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PixelLight;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.ejml.simple.SimpleMatrix;

/**
 * How far a box lies off its place, coarsely and far: words stand around boxes as they were printed, and what is drawn is as large
 * as its box. Light along a strip through a box is held against both, moved by up to 9 mm; where they fit best the box lies.
 * Lines alone can be followed only as far as the next thing that is printed.
 */
final class BoxFinder {
    private static final double FURTHEST_MM = 9;
    private static final double STEP_MM = 0.25;
    private static final int FURTHEST = (int) (FURTHEST_MM / STEP_MM);
    /** What is printed so near a box is looked at with it, mm. */
    private static final double AROUND_MM = 14;
    /** Places looked at across a strip. */
    private static final int ACROSS = 24;
    /** What is left unexplained at the best place must be under so much of that where nothing is moved. */
    private static final double BETTER = 0.6;

    private final Picture picture;
    private final Mapping mapping;
    private final List<Rect> words;
    private final List<Rect> boxes;

    /** @param boxes all that something may be drawn in */
    BoxFinder(Picture picture, Mapping mapping, PageLayout page, List<Rect> boxes) {
        this.picture = picture;
        this.mapping = mapping;
        this.words = page.texts().stream().map(PageLayout.Text::bounds).toList();
        this.boxes = boxes;
    }

    /** How far down the page a box lies, or to the right, mm; none where that is no better than where it should be. */
    OptionalDouble off(Rect box, boolean down) {
        Strip strip = new Strip(box, down);
        double[] left = IntStream.rangeClosed(-FURTHEST, FURTHEST)
                .mapToDouble(strip::unexplained)
                .toArray();
        int best = IntStream.range(0, left.length)
                .reduce((a, b) -> left[b] < left[a] ? b : a)
                .orElseThrow();
        boolean inside = best > 0 && best < left.length - 1;
        return inside && left[best] < BETTER * left[FURTHEST]
                ? OptionalDouble.of((best - FURTHEST) * STEP_MM)
                : OptionalDouble.empty();
    }

    /** Light along a box and what is around it, and what is printed there. */
    private final class Strip {
        private final Rect box;
        private final boolean down;
        private final double from;
        private final SimpleMatrix seen;
        /** Of what is printed, one after another: how much of the strip's width it takes at each step, from further out on. */
        private final List<double[]> printed = new ArrayList<>();

        private Strip(Rect box, boolean down) {
            this.box = box;
            this.down = down;
            this.from = (down ? box.y() : box.x()) - AROUND_MM;
            int steps = (int) (((down ? box.height() : box.width()) + 2 * AROUND_MM) / STEP_MM);
            this.seen = new SimpleMatrix(
                    steps,
                    1,
                    true,
                    IntStream.range(0, steps).mapToDouble(this::light).toArray());
            printed.add(taken(words, steps));
            boxes.stream()
                    .map(b -> taken(List.of(b), steps))
                    .filter(Strip::isAnything)
                    .forEach(printed::add);
        }

        private static boolean isAnything(double[] taken) {
            return Arrays.stream(taken).anyMatch(share -> share > 0);
        }

        private double light(int step) {
            double along = from + (step + 0.5) * STEP_MM;
            double sum = 0;
            for (int k = 0; k < ACROSS; k++) {
                double share = (k + 0.5) / ACROSS;
                double x = down ? box.x() + share * box.width() : along;
                double y = down ? along : box.y() + share * box.height();
                sum += PixelLight.green(picture, mapping.x(x, y), mapping.y(x, y));
            }
            return sum / ACROSS;
        }

        private double[] taken(List<Rect> by, int steps) {
            return IntStream.range(-FURTHEST, steps + FURTHEST)
                    .mapToDouble(i -> share(by, from + (i + 0.5) * STEP_MM))
                    .toArray();
        }

        private double share(List<Rect> by, double along) {
            return by.stream().mapToDouble(r -> share(r, along)).sum();
        }

        private double share(Rect r, double along) {
            boolean there = down ? r.y() <= along && along < r.bottom() : r.x() <= along && along < r.right();
            double both = down
                    ? Math.min(r.right(), box.right()) - Math.max(r.x(), box.x())
                    : Math.min(r.bottom(), box.bottom()) - Math.max(r.y(), box.y());
            return there ? Math.max(0, both) / (down ? box.width() : box.height()) : 0;
        }

        /** Squares that are left of the light once what is printed is fitted to it, moved by so many steps. */
        private double unexplained(int moved) {
            int steps = seen.getNumRows();
            SimpleMatrix a = new SimpleMatrix(steps, printed.size() + 2);
            for (int i = 0; i < steps; i++) {
                a.set(i, 0, 1);
                a.set(i, 1, i / (double) steps);
                for (int k = 0; k < printed.size(); k++) {
                    a.set(i, k + 2, printed.get(k)[i + FURTHEST - moved]);
                }
            }
            SimpleMatrix normal = a.transpose()
                    .mult(a)
                    .plus(SimpleMatrix.identity(a.getNumCols()).scale(1e-6));
            SimpleMatrix off = a.mult(normal.solve(a.transpose().mult(seen))).minus(seen);
            return off.elementMult(off).elementSum();
        }
    }
}
