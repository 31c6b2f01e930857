package grastel.core.scanner;

import grastel.core.exercise.FieldPlan.Point;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.awt.geom.Path2D;
import java.util.List;

/** The area of a field. */
interface Region {
    /** A rectangle around it. */
    Rect bounds();

    /** Distance outside the edge, mm; 0 or less inside. */
    double outside(double x, double y);

    static Region of(PageLayout.Field field) {
        return field.isShape() ? new Shape(field.rect(), path(field.outline())) : new Box(field.rect());
    }

    /** A box: strokes may run over its edge. */
    record Box(Rect bounds) implements Region {
        @Override
        public double outside(double x, double y) {
            double dx = Math.max(bounds.x() - x, x - bounds.right());
            double dy = Math.max(bounds.y() - y, y - bounds.bottom());
            return Math.max(dx, dy);
        }
    }

    /** A zone of a form: the hand keeps to it. */
    record Shape(Rect bounds, Path2D path) implements Region {
        @Override
        public double outside(double x, double y) {
            return path.contains(x, y) ? 0 : Double.POSITIVE_INFINITY;
        }
    }

    private static Path2D path(List<List<Point>> outline) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (List<Point> loop : outline) {
            path.moveTo(loop.get(0).x(), loop.get(0).y());
            loop.forEach(p -> path.lineTo(p.x(), p.y()));
            path.closePath();
        }
        return path;
    }
}
