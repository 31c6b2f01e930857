package grastel.core.exercise.texture;

import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.layering.picture.Grain;
import java.util.List;
import java.util.random.RandomGenerator;

/** Rust on iron or a worn stone: blotches and pits, with the paper's tooth left open. */
final class Rust implements TexturedSurface {
    private static final double BLOTCH_MM = 14;
    private static final double PIT_MM = 5;

    private final Grain blotches;
    private final Grain pits;

    Rust(RandomGenerator random) {
        blotches = new Grain(random.nextLong(), BLOTCH_MM);
        pits = new Grain(random.nextLong(), PIT_MM);
    }

    @Override
    public double level(double x, double y) {
        double blotch = TexturedSurface.step(0.3, 0.7, blotches.at(x, y));
        return Math.min(1, 0.22 + 0.5 * blotch + 0.35 * TexturedSurface.step(0.66, 0.78, pits.at(x, y)));
    }

    @Override
    public List<Line> lines() {
        return List.of();
    }
}
