package grastel.core.exercise.texture;

import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.layering.picture.Grain;
import java.util.List;
import java.util.random.RandomGenerator;

/** Hair that grows away from one place over the frame, in tufts: dark at their roots, light at their tips. */
final class Fur implements TexturedSurface {
    private static final double TUFT_MM = 24;
    /** Tufts of one row begin so unevenly, in tufts. */
    private static final double RAGGED = 1.1;

    private static final double RAGGED_MM = 16;
    /** Growth turns by so much at most against straight away, degrees. */
    private static final double MOST_TURN = 25;

    private final double fromX;
    private final double fromY;
    private final double turn;
    private final Grain ragged;

    Fur(double width, double height, RandomGenerator random) {
        fromX = width * random.nextDouble(0.3, 0.7);
        fromY = -height * random.nextDouble(0.2, 0.45);
        turn = random.nextDouble(-MOST_TURN, MOST_TURN);
        ragged = new Grain(random.nextLong(), RAGGED_MM);
    }

    @Override
    public double level(double x, double y) {
        double rows = Math.hypot(x - fromX, y - fromY) / TUFT_MM + RAGGED * ragged.at(x, y);
        double down = TexturedSurface.fraction(rows);
        return 0.3 + 0.5 * Math.pow(1 - down, 1.5) * TexturedSurface.step(0, 0.12, down);
    }

    @Override
    public double direction(double x, double y) {
        return Math.toDegrees(Math.atan2(fromY - y, x - fromX)) + turn;
    }

    @Override
    public List<Line> lines() {
        return List.of();
    }
}
