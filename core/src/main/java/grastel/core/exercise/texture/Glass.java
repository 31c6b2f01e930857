package grastel.core.exercise.texture;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** A tumbler before a striped cloth: the stripes go on behind it, drawn together and turned round. */
final class Glass implements TexturedSurface {
    private static final double STRIPE_MM = 14;
    /** Behind the glass, stripes are so wide. */
    private static final double DRAWN_TOGETHER = 0.6;

    private static final double RIM_MM = 3;
    private static final double LIGHT_MM = 5;

    private final double width;
    private final double height;
    private final double left;
    private final double right;
    private final double top;
    private final double bottom;
    private final double start;
    private final boolean lit;

    Glass(double width, double height, RandomGenerator random) {
        this.width = width;
        this.height = height;
        left = 0.24 * width;
        right = 0.76 * width;
        top = 0.2 * height;
        bottom = 0.86 * height;
        start = random.nextDouble();
        lit = random.nextBoolean();
    }

    private boolean isGlass(double x, double y) {
        return x > left && x < right && y > top && y < bottom;
    }

    /** Where on the cloth is seen what is seen here. */
    private double behind(double x, double y) {
        double middle = (left + right) / 2;
        return isGlass(x, y) ? middle - (x - middle) / DRAWN_TOGETHER : x;
    }

    private double lightX() {
        return lit ? right - 0.24 * (right - left) : left + 0.16 * (right - left);
    }

    @Override
    public double level(double x, double y) {
        boolean dark = TexturedSurface.fraction(behind(x, y) / (2 * STRIPE_MM) + start) < 0.5;
        if (!isGlass(x, y)) {
            return dark ? 0.7 : 0.14;
        }
        double rim = Math.min(Math.min(x - left, right - x), Math.min(y - top, bottom - y));
        if (rim < RIM_MM) {
            return 0.92;
        }
        boolean light = Math.abs(x - lightX()) < LIGHT_MM / 2 && y > top + 8 && y < bottom - 22;
        return light ? 0 : dark ? 0.6 : 0.2;
    }

    @Override
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>(TexturedSurface.box(left, top, right, bottom));
        lines.addAll(TexturedSurface.box(left + RIM_MM, top + RIM_MM, right - RIM_MM, bottom - RIM_MM));
        lines.addAll(TexturedSurface.box(lightX() - LIGHT_MM / 2, top + 8, lightX() + LIGHT_MM / 2, bottom - 22));
        double middle = (left + right) / 2;
        for (int i = -20; i <= 20; i++) {
            double edge = (i / 2.0 - start) * 2 * STRIPE_MM;
            if (edge > 0 && edge < width) {
                boolean over = edge > left && edge < right;
                upright(lines, edge, 0, over ? top : height);
                upright(lines, edge, over ? bottom : height, height);
            }
            double inside = middle - (edge - middle) * DRAWN_TOGETHER;
            if (inside > left + RIM_MM && inside < right - RIM_MM) {
                upright(lines, inside, top + RIM_MM, bottom - RIM_MM);
            }
        }
        return lines;
    }

    private static void upright(List<Line> lines, double x, double from, double to) {
        if (to > from) {
            lines.add(new Line(new Point(x, from), new Point(x, to)));
        }
    }
}
