package grastel.core.exercise.texture;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** A glossy ball: a window mirrored sharply, a dark room mirrored below it, light again along the rim. */
final class Gloss implements TexturedSurface {
    private static final double SIZE = 0.42;
    private static final int PIECES = 64;
    /** Where the mirrored room begins and ends, radii from the middle of the ball towards the light, and how it bends. */
    private static final double ROOM_FROM = -0.12;

    private static final double ROOM_TO = -0.6;
    private static final double BEND = 0.35;

    private final double middleX;
    private final double middleY;
    private final double radius;
    /** 1 where the light comes from the right, −1 from the left. */
    private final int side;

    Gloss(double width, double height, RandomGenerator random) {
        middleX = width / 2;
        middleY = height / 2;
        radius = SIZE * Math.min(width, height);
        side = random.nextBoolean() ? 1 : -1;
    }

    private double across(double x) {
        return side * (x - middleX) / radius;
    }

    private double up(double y) {
        return (middleY - y) / radius;
    }

    private static boolean isWindow(double across, double up) {
        return across > 0.18 && across < 0.52 && up > 0.3 && up < 0.66;
    }

    private static boolean isRoom(double across, double up) {
        double level = up - BEND * across * across;
        return level < ROOM_FROM && level > ROOM_TO && Math.hypot(across, up) < 0.93;
    }

    @Override
    public double level(double x, double y) {
        double across = across(x);
        double up = up(y);
        double out = Math.hypot(across, up);
        if (out > 1) {
            double under = Math.hypot(across / 1.05, (up + 1) / 0.14);
            return under < 1 ? 0.8 - 0.5 * under : 0.16;
        }
        if (isWindow(across, up)) {
            return 0;
        }
        if (isRoom(across, up)) {
            return 0.9;
        }
        double away = Math.hypot(across - 0.35, up - 0.45);
        return 0.3 + 0.28 * TexturedSurface.step(0.2, 1.3, away) - 0.15 * TexturedSurface.step(0.9, 1, out);
    }

    @Override
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>(TexturedSurface.ring(
                t -> at(Math.cos(2 * Math.PI * t), Math.sin(2 * Math.PI * t)), PIECES));
        Point a = at(0.18, 0.3);
        Point b = at(0.52, 0.66);
        lines.addAll(TexturedSurface.box(
                Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.max(a.x(), b.x()), Math.max(a.y(), b.y())));
        for (double edge : new double[] {ROOM_FROM, ROOM_TO}) {
            double end = Math.sqrt(1 - edge * edge) * 0.9;
            for (int i = 0; i < PIECES / 4; i++) {
                lines.add(new Line(onEdge(edge, end, i), onEdge(edge, end, i + 1)));
            }
        }
        return lines;
    }

    private Point onEdge(double edge, double end, int i) {
        double across = end * (2.0 * i / (PIECES / 4) - 1);
        return at(across, edge + BEND * across * across);
    }

    private Point at(double across, double up) {
        return new Point(middleX + side * across * radius, middleY - up * radius);
    }
}
