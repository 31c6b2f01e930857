package grastel.core.exercise.texture;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** A coarse weave: each band goes over one and under the next. */
final class Cloth implements TexturedSurface {
    private static final double BAND_MM = 15;

    private final double tilt;
    private final double originX;
    private final double originY;
    private final double reach;

    Cloth(double width, double height, RandomGenerator random) {
        tilt = Math.toRadians(random.nextDouble(10, 80));
        originX = width / 2 + random.nextDouble(-0.5, 0.5) * BAND_MM;
        originY = height / 2 + random.nextDouble(-0.5, 0.5) * BAND_MM;
        reach = Math.hypot(width, height) / 2 + BAND_MM;
    }

    private double along(double x, double y) {
        return ((x - originX) * Math.cos(tilt) + (y - originY) * Math.sin(tilt)) / BAND_MM;
    }

    private double across(double x, double y) {
        return ((y - originY) * Math.cos(tilt) - (x - originX) * Math.sin(tilt)) / BAND_MM;
    }

    private boolean isLengthwise(double x, double y) {
        return Math.floorMod((long) (Math.floor(along(x, y)) + Math.floor(across(x, y))), 2) == 0;
    }

    @Override
    public double level(double x, double y) {
        double along = 2 * TexturedSurface.fraction(along(x, y)) - 1;
        double across = 2 * TexturedSurface.fraction(across(x, y)) - 1;
        double down = isLengthwise(x, y) ? along : across;
        double aside = isLengthwise(x, y) ? across : along;
        return 0.18 + 0.5 * Math.pow(Math.abs(down), 2.2) + 0.28 * Math.pow(Math.abs(aside), 5);
    }

    @Override
    public double direction(double x, double y) {
        return -Math.toDegrees(tilt) + (isLengthwise(x, y) ? 0 : 90);
    }

    @Override
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        int most = (int) Math.ceil(reach / BAND_MM);
        for (int i = -most; i <= most; i++) {
            lines.add(new Line(at(-most, i), at(most, i)));
            lines.add(new Line(at(i, -most), at(i, most)));
        }
        return lines;
    }

    private Point at(double along, double across) {
        return new Point(
                originX + BAND_MM * (along * Math.cos(tilt) - across * Math.sin(tilt)),
                originY + BAND_MM * (along * Math.sin(tilt) + across * Math.cos(tilt)));
    }
}
