package grastel.core.reading.place;

import georegression.struct.point.Point2D_F64;
import grastel.core.page.PageSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Sorts the corner markers of a picture by the sheets they are printed on: of all ways to take one of each corner, those that
 * lie on one plane as on a page, the flattest first. A marker shows its own turn and size, so that corners of neighbours do not
 * pass for one larger sheet.
 */
final class MarkerGroups {
    /** Markers of one sheet lie no further off their plane, mm: what is bent more is not measured anyway. */
    private static final double MOST_RESIDUAL_MM = 1.6;

    private static final int FEWEST = 2;

    /** A marker as seen. @param corner of its sheet, 0…3; @param points its corners, clockwise from the top left as printed */
    record Marker(int corner, List<Point2D_F64> points) {}

    /** Markers of one sheet, by corner. */
    private record Group(List<Marker> markers, double residual) {}

    private final List<Marker> markers;

    private MarkerGroups(List<Marker> markers) {
        this.markers = markers;
    }

    /**
     * Of each sheet its markers by corner, those with more first; single ones that belong to no sheet are left out. Where no
     * corner is seen twice there is one sheet, however it lies.
     */
    static List<Map<Integer, List<Point2D_F64>>> of(List<Marker> markers) {
        Set<Integer> corners = new HashSet<>();
        boolean one = markers.stream().allMatch(m -> corners.add(m.corner()));
        return one
                ? List.of(byCorner(markers))
                : new MarkerGroups(markers)
                        .groups().stream().map(g -> byCorner(g.markers())).toList();
    }

    private static Map<Integer, List<Point2D_F64>> byCorner(List<Marker> markers) {
        Map<Integer, List<Point2D_F64>> by = new TreeMap<>();
        markers.forEach(m -> by.put(m.corner(), m.points()));
        return by;
    }

    private List<Group> groups() {
        List<Group> possible = new ArrayList<>();
        extend(List.of(), 0, possible);
        possible.sort(Comparator.comparingInt((Group g) -> -g.markers().size()).thenComparingDouble(Group::residual));
        Set<Marker> taken = new HashSet<>();
        List<Group> chosen = new ArrayList<>();
        for (Group group : possible) {
            if (group.markers().stream().noneMatch(taken::contains)) {
                taken.addAll(group.markers());
                chosen.add(group);
            }
        }
        return chosen;
    }

    /** Adds to {@code into} all markers that lie as on one sheet with those that were taken, with or without each corner. */
    private void extend(List<Marker> taken, int corner, List<Group> into) {
        if (corner == 4) {
            if (taken.size() >= FEWEST) {
                residual(taken).ifPresent(r -> into.add(new Group(taken, r)));
            }
            return;
        }
        extend(taken, corner + 1, into);
        for (Marker marker : markers) {
            if (marker.corner() == corner) {
                List<Marker> more = new ArrayList<>(taken);
                more.add(marker);
                if (more.size() < FEWEST || residual(more).isPresent()) {
                    extend(more, corner + 1, into);
                }
            }
        }
    }

    /** How far markers lie off one plane, mm; empty where that is too far for one sheet of any size. */
    private static Optional<Double> residual(List<Marker> of) {
        double least = Double.POSITIVE_INFINITY;
        for (PageSize size : PageSize.values()) {
            Mapping mapping = new FoundPage(byCorner(of), null).mapping(size);
            double pxPerMm = mapping.pxPerMm(size.widthMm() / 2, size.heightMm() / 2);
            double residual = mapping.residualPx() / pxPerMm;
            if (residual < least) {
                least = residual;
            }
        }
        return least < MOST_RESIDUAL_MM ? Optional.of(least) : Optional.empty();
    }
}
