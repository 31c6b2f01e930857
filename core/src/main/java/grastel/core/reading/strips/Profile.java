package grastel.core.reading.strips;

import grastel.core.colour.Lab;
import java.util.ArrayList;
import java.util.List;

/**
 * Colours along a strip from left to right, each the mean of a slice across it.
 *
 * @param startMm where the first slice begins, mm from the left end of the strip
 * @param stepMm width of a slice, mm
 * @param lightness L* of each slice
 * @param a a* of each slice
 * @param b b* of each slice
 * @param way the direction in L*, a*, b*, of length one, in which the strip changes most; L* alone where it hardly changes,
 *     and of readings from before it was kept
 * @param lanes how far along this way each of a few lanes is, from the top of the strip down, slice by slice: what crosses the
 *     whole strip shows in all of them
 * @param noise standard error of one slice's L*, from its spread across the strip: what the paper's grain leaves
 */
public record Profile(
        double startMm,
        double stepMm,
        List<Double> lightness,
        List<Double> a,
        List<Double> b,
        List<Double> way,
        List<List<Double>> lanes,
        double noise) {
    public static final List<Double> LIGHTNESS_ALONE = List.of(1.0, 0.0, 0.0);

    public Profile {
        way = way == null ? LIGHTNESS_ALONE : List.copyOf(way);
        lightness = List.copyOf(lightness);
        a = List.copyOf(a);
        b = List.copyOf(b);
        lanes = lanes.stream().map(List::copyOf).toList();
        if (lightness.size() < 2 || a.size() != lightness.size() || b.size() != lightness.size()) {
            throw new IllegalArgumentException(
                    "A profile has two slices at least, each with L*, a*, b*; given " + lightness.size());
        }
    }

    public int size() {
        return lightness.size();
    }

    /** From the first slice to the last. */
    public double lengthMm() {
        return size() * stepMm;
    }

    /** Mean colour of slices around a place. @param atMm middle, from the first slice on; @param widthMm how much of it */
    public Lab around(double atMm, double widthMm) {
        int from = (int) Math.round((atMm - widthMm / 2) / stepMm);
        int to = (int) Math.round((atMm + widthMm / 2) / stepMm);
        from = Math.max(0, Math.min(size() - 1, from));
        to = Math.max(from + 1, Math.min(size(), to));
        return new Lab(mean(lightness, from, to), mean(a, from, to), mean(b, from, to));
    }

    /** How far along the way each slice is. */
    List<Double> course() {
        List<Double> course = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            course.add(along(way, lightness.get(i), a.get(i), b.get(i)));
        }
        return course;
    }

    public static double along(List<Double> way, double lightness, double a, double b) {
        return way.get(0) * lightness + way.get(1) * a + way.get(2) * b;
    }

    /**
     * How much the colour changes over a stretch by its trend around a place, ΔE*ab; steps are not parted from it.
     *
     * @param atMm middle of the stretch, from the first slice on
     */
    public double slope(double atMm, double stretchMm) {
        int at = (int) Math.round(atMm / stepMm);
        int reach = (int) Math.round(Bands.NEIGHBOURHOOD_MM / stepMm);
        double squares = 0;
        for (List<Double> values : List.of(lightness, a, b)) {
            double change = Trend.slope(values, at, reach) * stretchMm / stepMm;
            squares += change * change;
        }
        return Math.sqrt(squares);
    }

    private static double mean(List<Double> values, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += values.get(i);
        }
        return sum / (to - from);
    }
}
