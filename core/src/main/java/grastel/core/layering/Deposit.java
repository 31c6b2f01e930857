package grastel.core.layering;

import java.util.Arrays;

/**
 * How much lead one pass leaves in each height class. The shape follows the published paper-tooth models for pencil and
 * wax crayon: Takagi, Nakajima and Fujishiro 1999; Sousa and Buchanan 1999–2000; Rudolf, Mould and Neufeld 2003; the
 * constants are Grastel's own.
 */
final class Deposit {
    static final int CLASSES = 16;
    /** Heights of the 16 equal-area classes, 0 peak … 1 valley: the medians of sixteenths of a Beta(2,2) distribution. */
    static final double[] HEIGHTS = heights();

    private static final double RATE = 0.42;
    /**
     * A point has a size of its own: into a tooth twice as deep it comes further, but not twice as far. With a reach
     * proportional to the depth, smooth board and rough paper would show the same specks at the same pressure.
     */
    private static final double REACH_WITH_DEPTH = 0.6;

    /** Dye that one stroke of a marker leaves, as thick as a solid layer of pencil. */
    private static final double FLOWN = 0.3;

    private Deposit() {}

    /**
     * @param surface what the pass meets
     * @param filling film in the way in each class
     * @return the thickness this pass adds in each class
     */
    static double[] of(Pass pass, Surface surface, double[] filling) {
        double depth = surface.depth();
        Handling handling = Handling.of(pass.pencil());
        if (handling.flows()) {
            double[] even = new double[filling.length];
            Arrays.fill(even, FLOWN);
            return even;
        }
        double reach = reach(pass, Math.min(pass.point(), handling.sharpest()), depth);
        double[] gap = gaps(depth, filling);
        double rate = RATE
                * pass.pencil().softness()
                * Math.pow(pass.pressure(), 1.25)
                * pass.stroke().contactFactor()
                * handling.lead()
                * surface.grip(pass.pencil());
        double[] added = new double[filling.length];
        for (int i = 0; i < added.length; i++) {
            added[i] = rate
                    * contact(reach, gap[i], depth)
                    * room(filling[i] / handling.room(), depth, HEIGHTS[i], pass.pressure());
        }
        return added;
    }

    /** How deep below the highest surface the lead comes: point first, then pressure. */
    private static double reach(Pass pass, double point, double depth) {
        double p = pass.pressure();
        double reach =
                Math.pow(depth, REACH_WITH_DEPTH) * (0.06 + 0.42 * point * (0.35 + 0.65 * p) + 0.8 * Math.pow(p, 1.4));
        return reach * pass.stroke().reachFactor();
    }

    /** Depth of each class's present surface below the highest one; half of a film's thickness counts as filling. */
    private static double[] gaps(double depth, double[] filling) {
        double[] gap = new double[filling.length];
        double highest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < gap.length; i++) {
            gap[i] = HEIGHTS[i] * depth - filling[i] / 2;
            highest = Math.min(highest, gap[i]);
        }
        for (int i = 0; i < gap.length; i++) {
            gap[i] -= highest;
        }
        return gap;
    }

    private static double contact(double reach, double gap, double depth) {
        return 1 / (1 + Math.exp(-(reach - gap) / (0.09 * depth + 0.02)));
    }

    /** What a class still takes: 1 when bare, 0 when full. */
    private static double room(double filling, double depth, double height, double pressure) {
        double full = filling / capacity(depth, height, 1);
        double now = filling / capacity(depth, height, pressure);
        return Math.max(0, 1 - full * Math.sqrt(full)) / (1 + 0.7 * now);
    }

    /** Film a class holds at a pressure. */
    static double capacity(double depth, double height, double pressure) {
        return (0.35 + 0.9 * depth * height) * (0.14 + 0.86 * pressure);
    }

    private static double[] heights() {
        double[] z = new double[CLASSES];
        for (int i = 0; i < z.length; i++) {
            z[i] = betaQuantile((i + 0.5) / z.length);
        }
        return z;
    }

    /** Inverse of the Beta(2,2) distribution function 3z² − 2z³, in closed form. */
    static double betaQuantile(double share) {
        return 0.5 - Math.sin(Math.asin(1 - 2 * share) / 3);
    }
}
