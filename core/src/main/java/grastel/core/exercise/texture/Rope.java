package grastel.core.exercise.texture;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** A rope across the frame: strands that come from under one another. */
final class Rope implements TexturedSurface {
    /** Half of its thickness, of the frame's shorter side. */
    private static final double THICK = 0.3;
    /** From one strand to the next along the rope, of its thickness. */
    private static final double PITCH = 0.5;
    /** A strand goes so far along while it crosses half the rope, pitches. */
    private static final double LAY = 0.6;
    /** Its cast shadow, of its half thickness. */
    private static final double SHADOW = 0.35;

    private final double middleX;
    private final double middleY;
    private final double reach;
    private final double tilt;
    private final double half;
    private final double pitch;
    private final double start;

    Rope(double width, double height, RandomGenerator random) {
        middleX = width / 2;
        middleY = height / 2;
        reach = Math.hypot(width, height) / 2;
        tilt = Math.toRadians(random.nextDouble(-35, 35));
        half = THICK * Math.min(width, height);
        pitch = 2 * half * PITCH;
        start = random.nextDouble();
    }

    private double along(double x, double y) {
        return (x - middleX) * Math.cos(tilt) + (y - middleY) * Math.sin(tilt);
    }

    /** −1 … 1 inside it. */
    private double across(double x, double y) {
        return ((y - middleY) * Math.cos(tilt) - (x - middleX) * Math.sin(tilt)) / half;
    }

    @Override
    public double level(double x, double y) {
        double across = across(x, y);
        if (Math.abs(across) > 1) {
            return across > 1 && across < 1 + SHADOW ? 0.45 * (1 + SHADOW - across) / SHADOW : 0;
        }
        double strand = 2 * TexturedSurface.fraction(along(x, y) / pitch + LAY * across + start) - 1;
        double under = Math.pow(Math.abs(strand), 3);
        double round = Math.pow(Math.abs(across + 0.25) / 1.25, 2.5);
        return Math.min(1, 0.2 + 0.5 * under + 0.4 * round);
    }

    @Override
    public double direction(double x, double y) {
        return Math.abs(across(x, y)) > 1
                ? Double.NaN
                : -Math.toDegrees(tilt) + Math.toDegrees(Math.atan2(-half, -LAY * pitch));
    }

    @Override
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(at(-reach, -1), at(reach, -1)));
        lines.add(new Line(at(-reach, 1), at(reach, 1)));
        int most = (int) Math.ceil(reach / pitch) + 1;
        for (int i = -most; i <= most; i++) {
            double middle = (i - start) * pitch;
            lines.add(new Line(at(middle + LAY * pitch, -1), at(middle - LAY * pitch, 1)));
        }
        return lines;
    }

    private Point at(double along, double across) {
        return new Point(
                middleX + along * Math.cos(tilt) - across * half * Math.sin(tilt),
                middleY + along * Math.sin(tilt) + across * half * Math.cos(tilt));
    }
}
