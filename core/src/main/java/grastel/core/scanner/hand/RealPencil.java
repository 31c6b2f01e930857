package grastel.core.scanner.hand;

import grastel.core.colour.Lab;
import grastel.core.colour.MovedReflectance;
import grastel.core.media.Pencil;
import java.util.random.RandomGenerator;

/** What is really in a class's box, which is never quite what its kit says: another charge, another maker, a worn label. */
public final class RealPencil {
    private static final double HIDING_SPREAD = 0.1;
    private static final double SOFTNESS_SPREAD = 0.15;
    private static final double DARKEST = 8;
    private static final double LIGHTEST = 95;

    private RealPencil() {}

    /** @param off how far its masstone is from what is thought, any way, ΔE*ab */
    public static Pencil of(Pencil thought, double off, RandomGenerator random) {
        Lab m = thought.masstone().toLab();
        double[] way = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
        double length = Math.sqrt(way[0] * way[0] + way[1] * way[1] + way[2] * way[2]);
        Lab to = new Lab(
                within(m.lightness() + off * way[0] / length, DARKEST, LIGHTEST),
                m.a() + off * way[1] / length,
                m.b() + off * way[2] / length);
        double softness = thought.softness() * Math.exp(SOFTNESS_SPREAD * random.nextGaussian());
        return thought.measuredAs(
                MovedReflectance.of(thought.masstone(), to),
                within(thought.hiding() + HIDING_SPREAD * random.nextGaussian(), 0, 1),
                within(softness, Pencil.HARDEST, Pencil.SOFTEST));
    }

    private static double within(double value, double least, double most) {
        return Math.min(most, Math.max(least, value));
    }
}
