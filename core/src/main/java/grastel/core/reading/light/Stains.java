package grastel.core.reading.light;

import grastel.core.page.Rect;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where bare paper has a colour that no lamp gives it, such as the ring of a cup, or is darker than the lamp leaves it, such as
 * a smear of graphite: places that are off the page's smooth light by other shares in one channel than in another or, where no
 * shadow falls, far below it, and have neighbours that are.
 */
final class Stains {
    /** Channels of a stain part by so much, as a logarithm, */
    private static final double PARTED = 0.1;
    /** and what is darker than the page's light by so much lies under something. */
    private static final double DARKENED = 0.1;
    /** Both by so many times what is usual on the page: files keep colour coarsely. */
    private static final double CLEAR = 3;

    private static final double NEIGHBOURS_MM = 6.5;
    private static final int FEWEST_NEIGHBOURS = 2;
    /** A stain so near a field may lie across it. */
    private static final double NEAR_FIELD_MM = 7;

    static final Stains NONE = new Stains(List.of());

    private final List<double[]> places;

    private Stains(List<double[]> places) {
        this.places = places;
    }

    /**
     * @param bare places of bare paper, x and y in mm
     * @param off how far each is off the fitted light, as logarithms, by channel
     * @param shadow true where a shadow falls on the page, which makes paper dark too
     */
    static Stains of(List<double[]> bare, double[][] off, boolean shadow) {
        double[] parted = IntStream.range(0, bare.size())
                .mapToDouble(i -> Math.max(off[0][i], Math.max(off[1][i], off[2][i]))
                        - Math.min(off[0][i], Math.min(off[1][i], off[2][i])))
                .toArray();
        double[] darkened = Arrays.stream(off[1]).map(o -> -o).toArray();
        double mostParted = Math.max(PARTED, CLEAR * middle(parted));
        double mostDarkened = shadow
                ? Double.POSITIVE_INFINITY
                : Math.max(
                        DARKENED,
                        CLEAR * middle(Arrays.stream(off[1]).map(Math::abs).toArray()));
        List<double[]> places = IntStream.range(0, parted.length)
                .filter(i -> parted[i] > mostParted || darkened[i] > mostDarkened)
                .mapToObj(i -> new double[] {bare.get(i)[0], bare.get(i)[1], Math.abs(off[1][i])})
                .toList();
        return new Stains(places.stream().filter(p -> hasNeighbours(p, places)).toList());
    }

    private static double middle(double[] of) {
        double[] sorted = of.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static boolean hasNeighbours(double[] place, List<double[]> all) {
        // itself is one of them
        return all.stream()
                        .filter(q -> Math.hypot(place[0] - q[0], place[1] - q[1]) < NEIGHBOURS_MM)
                        .count()
                > FEWEST_NEIGHBOURS;
    }

    /** Share of light that a stain takes beside a field; 0 where none is. */
    double around(Rect field) {
        Rect near = field.inset(-NEAR_FIELD_MM);
        return places.stream()
                .filter(p -> near.contains(p[0], p[1]))
                .mapToDouble(p -> Math.max(PARTED, p[2]))
                .max()
                .orElse(0);
    }
}
