package grastel.core.reading.place;

import georegression.struct.point.Point2D_I32;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.Intersection;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Four corners around what was found in a picture. */
public final class Quadrangle {
    private Quadrangle() {}

    /** Around an area: its hull, side after side left out that costs least, down to four; from the top left clockwise. */
    public static Optional<List<Coordinate>> around(List<Point2D_I32> area) {
        // A place is an area of its own: its corners are what the hull goes round.
        Coordinate[] corners = area.stream()
                .flatMap(c -> IntStream.range(0, 4).mapToObj(i -> new Coordinate(c.x + i % 2, c.y + i / 2)))
                .toArray(Coordinate[]::new);
        Coordinate[] hull =
                new ConvexHull(corners, new GeometryFactory()).getConvexHull().getCoordinates();
        List<Coordinate> ring = new ArrayList<>(List.of(hull).subList(0, hull.length - 1));
        while (ring.size() > 4) {
            leaveOut(ring);
        }
        if (ring.size() < 4) {
            return Optional.empty();
        }
        int first = IntStream.range(0, ring.size())
                .boxed()
                .min((a, b) -> Double.compare(ring.get(a).x + ring.get(a).y, ring.get(b).x + ring.get(b).y))
                .orElseThrow();
        boolean clockwise = turn(ring.get(0), ring.get(1), ring.get(2)) > 0;
        return Optional.of(IntStream.range(0, ring.size())
                .mapToObj(i -> ring.get(Math.floorMod(clockwise ? first + i : first - i, ring.size())))
                .toList());
    }

    /** The side whose neighbours, drawn out until they meet, add the least area. */
    private static void leaveOut(List<Coordinate> ring) {
        int best = -1;
        Coordinate bestMeet = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ring.size(); i++) {
            Coordinate before = at(ring, i - 1);
            Coordinate from = at(ring, i);
            Coordinate to = at(ring, i + 1);
            Coordinate after = at(ring, i + 2);
            Coordinate meet = Intersection.intersection(before, from, to, after);
            if (meet == null) {
                continue;
            }
            // Beyond the side, as seen from within: else the neighbours go apart.
            boolean beyond = Math.signum(turn(before, from, to)) == Math.signum(turn(from, meet, to));
            double added = Math.abs(turn(from, meet, to)) / 2;
            if (beyond && added < least) {
                least = added;
                best = i;
                bestMeet = meet;
            }
        }
        if (best < 0) {
            ring.remove(0);
            return;
        }
        ring.set(best, bestMeet);
        ring.remove((best + 1) % ring.size());
    }

    private static Coordinate at(List<Coordinate> ring, int i) {
        return ring.get(Math.floorMod(i, ring.size()));
    }

    /** Twice the area of the triangle, positive where it turns clockwise on the screen. */
    private static double turn(Coordinate a, Coordinate b, Coordinate c) {
        return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
    }
}
