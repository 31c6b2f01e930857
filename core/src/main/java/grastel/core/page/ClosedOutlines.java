package grastel.core.page;

import grastel.core.exercise.plan.FieldPlan.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Closed lines around a shape; lines inside others are its holes. */
final class ClosedOutlines {
    private static final GeometryFactory SHAPES = new GeometryFactory();
    private static final double MIDDLE_WITHIN_MM = 0.2;

    private ClosedOutlines() {}

    static List<List<Point>> moved(List<List<Point>> outline, double x, double y) {
        return outline.stream()
                .map(loop ->
                        loop.stream().map(p -> new Point(p.x() + x, p.y() + y)).toList())
                .toList();
    }

    static Rect bounds(List<List<Point>> outline) {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (List<Point> loop : outline) {
            for (Point p : loop) {
                left = Math.min(left, p.x());
                right = Math.max(right, p.x());
                top = Math.min(top, p.y());
                bottom = Math.max(bottom, p.y());
            }
        }
        return new Rect(left, top, right - left, bottom - top);
    }

    /** The place furthest from any line of the shape's largest part. */
    static Point middle(List<List<Point>> outline) {
        List<Polygon> loops = outline.stream().map(ClosedOutlines::polygon).toList();
        int most = 0;
        for (int i = 1; i < loops.size(); i++) {
            most = loops.get(i).getArea() > loops.get(most).getArea() ? i : most;
        }
        Polygon largest = loops.get(most);
        List<Polygon> holes = new ArrayList<>();
        for (int i = 0; i < loops.size(); i++) {
            if (i != most && largest.contains(loops.get(i))) {
                holes.add(loops.get(i));
            }
        }
        Polygon shape = SHAPES.createPolygon(
                largest.getExteriorRing(),
                holes.stream().map(Polygon::getExteriorRing).toArray(LinearRing[]::new));
        Coordinate middle =
                MaximumInscribedCircle.getCenter(shape, MIDDLE_WITHIN_MM).getCoordinate();
        return new Point(middle.x, middle.y);
    }

    private static Polygon polygon(List<Point> loop) {
        return SHAPES.createPolygon(
                loop.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
    }
}
