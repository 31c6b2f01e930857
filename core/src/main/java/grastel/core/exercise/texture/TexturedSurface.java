package grastel.core.exercise.texture;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/** What a surface looks like where; places are mm from the top left of its frame. */
interface TexturedSurface {
    /** 0 bare paper … 1 darkest. */
    double level(double x, double y);

    /** Of the strokes, degrees from the horizontal, anticlockwise; NaN where any will do. */
    default double direction(double x, double y) {
        return Double.NaN;
    }

    /** To draw by; may reach beyond the frame. */
    List<Line> lines();

    /** A closed curve as short lines. @param at of 0 … 1 round it */
    static List<Line> ring(DoubleFunction<Point> at, int pieces) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            lines.add(new Line(at.apply(i / (double) pieces), at.apply((i + 1) / (double) pieces)));
        }
        return lines;
    }

    /** A rectangle's sides, clockwise from its top. */
    static List<Line> box(double left, double top, double right, double bottom) {
        Point a = new Point(left, top);
        Point b = new Point(right, top);
        Point c = new Point(right, bottom);
        Point d = new Point(left, bottom);
        return List.of(new Line(a, b), new Line(b, c), new Line(c, d), new Line(d, a));
    }

    /** 0 up to a place, 1 from another on, smooth between. */
    static double step(double from, double to, double at) {
        double t = Math.min(1, Math.max(0, (at - from) / (to - from)));
        return t * t * (3 - 2 * t);
    }

    static double fraction(double of) {
        return of - Math.floor(of);
    }
}
