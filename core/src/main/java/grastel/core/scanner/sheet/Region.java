package grastel.core.scanner.sheet;

import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.awt.geom.Path2D;

/** The area of a field. */
public interface Region {
    /** A rectangle around it. */
    Rect bounds();

    /** Distance outside the edge, mm; 0 or less inside. */
    double outside(double x, double y);

    /** True where a place lies inside by a margin. */
    boolean insideBy(double x, double y, double mm);

    static Region of(PageLayout.Field field) {
        return field.isShape() ? new Shape(field.rect(), field.path()) : new Box(field.rect());
    }

    /** A box: strokes may run over its edge. */
    record Box(Rect bounds) implements Region {
        @Override
        public double outside(double x, double y) {
            double dx = Math.max(bounds.x() - x, x - bounds.right());
            double dy = Math.max(bounds.y() - y, y - bounds.bottom());
            return Math.max(dx, dy);
        }

        @Override
        public boolean insideBy(double x, double y, double mm) {
            return outside(x, y) <= -mm;
        }
    }

    /** A zone of a form: the hand keeps to it. */
    record Shape(Rect bounds, Path2D path) implements Region {
        @Override
        public double outside(double x, double y) {
            return path.contains(x, y) ? 0 : Double.POSITIVE_INFINITY;
        }

        @Override
        public boolean insideBy(double x, double y, double mm) {
            double d = mm * Math.sqrt(0.5);
            return path.contains(x - mm, y)
                    && path.contains(x + mm, y)
                    && path.contains(x, y - mm)
                    && path.contains(x, y + mm)
                    && path.contains(x - d, y - d)
                    && path.contains(x + d, y + d)
                    && path.contains(x - d, y + d)
                    && path.contains(x + d, y - d);
        }
    }
}
