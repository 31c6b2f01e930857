package grastel.core.reference;

import grastel.core.checks.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.coverage.CoverageSimplifier;
import org.locationtech.jts.coverage.CoverageValidator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Outlines of areas as a pencil can follow them. They part the frame: neighbours share their lines point for point, nothing is left
 * between them and nothing lies twice (JTS's coverages).
 */
public final class Outlines {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Area> areas;

    private Outlines(List<Area> areas) {
        this.areas = areas;
    }

    /** An area. @param step of its value, the darkest 0; @param outline in mm from the frame's top left */
    public record Area(int step, Polygon outline) {}

    static Outlines of(Regions regions, double mmPerPx, double toleranceMm) {
        List<List<List<Coordinate>>> loops = loops(regions);
        Geometry[] polygons = new Geometry[loops.size()];
        for (int id = 0; id < polygons.length; id++) {
            polygons[id] = polygon(loops.get(id), mmPerPx);
        }
        Geometry[] simple = simplified(polygons, toleranceMm, mmPerPx);
        List<Area> areas = new ArrayList<>();
        for (int id = 0; id < simple.length; id++) {
            for (int part = 0; part < simple[id].getNumGeometries(); part++) {
                if (simple[id].getGeometryN(part) instanceof Polygon outline && !outline.isEmpty()) {
                    areas.add(new Area(regions.all().get(id).label(), outline));
                }
            }
        }
        return new Outlines(List.copyOf(areas));
    }

    /** Where areas touch one another in very many corners lines may come to cross: then they follow the edges closer, until none does. */
    private static Geometry[] simplified(Geometry[] polygons, double toleranceMm, double mmPerPx) {
        for (double tolerance = toleranceMm; tolerance > mmPerPx / 4; tolerance /= 2) {
            Geometry[] simple = CoverageSimplifier.simplify(polygons, tolerance);
            if (CoverageValidator.isValid(simple)) {
                return simple;
            }
        }
        return polygons;
    }

    public List<Area> areas() {
        return areas;
    }

    /** A side of a pixel with its area to the right of the way. */
    private record Side(int fromX, int fromY, int toX, int toY) {}

    /** The loops around each region, in corners of pixels. */
    private static List<List<List<Coordinate>>> loops(Regions regions) {
        List<Map<Long, List<Side>>> sides = new ArrayList<>();
        regions.all().forEach(r -> sides.add(new HashMap<>()));
        for (int y = 0; y < regions.height(); y++) {
            for (int x = 0; x < regions.width(); x++) {
                int own = regions.at(x, y);
                add(sides.get(own), own, regions.at(x, y - 1), new Side(x, y, x + 1, y));
                add(sides.get(own), own, regions.at(x + 1, y), new Side(x + 1, y, x + 1, y + 1));
                add(sides.get(own), own, regions.at(x, y + 1), new Side(x + 1, y + 1, x, y + 1));
                add(sides.get(own), own, regions.at(x - 1, y), new Side(x, y + 1, x, y));
            }
        }
        return sides.stream().map(Outlines::linked).toList();
    }

    private static void add(Map<Long, List<Side>> sides, int own, int beyond, Side side) {
        if (beyond != own) {
            sides.computeIfAbsent(key(side.fromX(), side.fromY()), k -> new ArrayList<>(1))
                    .add(side);
        }
    }

    private static long key(int x, int y) {
        return (long) y << 32 | x;
    }

    /** Sides one after another; where two loops touch in a corner each keeps to its own pixels. */
    private static List<List<Coordinate>> linked(Map<Long, List<Side>> sides) {
        List<List<Coordinate>> loops = new ArrayList<>();
        while (!sides.isEmpty()) {
            Side first = sides.values().iterator().next().get(0);
            List<Coordinate> loop = new ArrayList<>();
            Side side = first;
            do {
                take(sides, side);
                loop.add(new Coordinate(side.fromX(), side.fromY()));
                side = after(side, sides.get(key(side.toX(), side.toY())), first);
            } while (!side.equals(first));
            loop.add(new Coordinate(first.fromX(), first.fromY()));
            loops.add(loop);
        }
        return loops;
    }

    private static void take(Map<Long, List<Side>> sides, Side side) {
        long key = key(side.fromX(), side.fromY());
        List<Side> there = Require.key(sides, key);
        there.remove(side);
        if (there.isEmpty()) {
            sides.remove(key);
        }
    }

    /** Of two ways on the one that turns right, round the same pixel. */
    private static Side after(Side side, @Nullable List<Side> ways, Side first) {
        boolean closes = side.toX() == first.fromX() && side.toY() == first.fromY();
        Side right = null;
        if (ways != null) {
            right = ways.stream().filter(w -> turn(side, w) > 0).findFirst().orElse(null);
        }
        if (closes && (right == null || turn(side, first) > 0)) {
            return first;
        }
        return right != null ? right : ways == null ? first : ways.get(0);
    }

    /** Over 0 for a turn to the right, as y runs down. */
    private static int turn(Side one, Side other) {
        return (one.toX() - one.fromX()) * (other.toY() - other.fromY())
                - (one.toY() - one.fromY()) * (other.toX() - other.fromX());
    }

    /** The loop that holds the others is the outside; a connected area has one. */
    private static Polygon polygon(List<List<Coordinate>> loops, double mmPerPx) {
        List<LinearRing> rings =
                new ArrayList<>(loops.stream().map(l -> ring(l, mmPerPx)).toList());
        LinearRing outside = rings.stream()
                .max(Comparator.comparingDouble(r -> r.getEnvelopeInternal().getArea()))
                .orElseThrow();
        rings.remove(outside);
        return GEOMETRY.createPolygon(outside, rings.toArray(LinearRing[]::new));
    }

    /** Every corner of a pixel is kept until lines are simplified: neighbours must share their points. */
    private static LinearRing ring(List<Coordinate> loop, double mmPerPx) {
        return GEOMETRY.createLinearRing(loop.stream()
                .map(c -> new Coordinate(c.x * mmPerPx, c.y * mmPerPx))
                .toArray(Coordinate[]::new));
    }
}
