package grastel.core.layering;

import java.util.Arrays;

/**
 * How much lead one pass leaves in each height class. The shape follows the published paper-tooth models for pencil and
 * wax crayon: Takagi, Nakajima and Fujishiro 1999; Sousa and Buchanan 1999–2000; Rudolf, Mould and Neufeld 2003; the
 * constants are Grastel's own. Thickness is relative: {@link PigmentOptics#SOLID_FILM} is a solid mark.
 */
final class Deposit {
    static final int CLASSES = 8;
    /** Heights of the 8 equal-area classes, 0 peak … 1 valley: the medians of eighths of a Beta(2,2) distribution. */
    static final double[] HEIGHTS = heights();

    /** Thickness that one pass offers at full force, where the paper takes all of it. */
    private static final double OFFERED = 1.7;

    /** Reach of a dull point without pressure, and what a needle and full force add; in depths of drawing cartridge. */
    private static final double REACH = 0.05;

    private static final double REACH_OF_POINT = 0.55;
    private static final double REACH_OF_PRESSURE = 0.30;
    /** Thickness that a peak holds at full force, and what the deepest valley of drawing cartridge holds above it. */
    private static final double HELD = 0.20;

    private static final double HELD_IN_VALLEYS = 0.60;
    private static final double HELD_EXPONENT = 0.2;

    private Deposit() {}

    /**
     * @param surface what the pass meets
     * @param filling film in the way in each class
     * @return the thickness this pass adds in each class
     */
    static double[] of(Pass pass, Surface surface, double[] filling) {
        MediumProperties medium = MediumProperties.of(pass.pencil());
        double[] added = new double[filling.length];
        if (medium.flows()) {
            Arrays.fill(added, PigmentOptics.SOLID_FILM);
            return added;
        }
        double depth = surface.depth();
        double point = Math.min(pass.point(), medium.sharpest());
        double reach = (REACH + REACH_OF_POINT * point + REACH_OF_PRESSURE * pass.pressure())
                * pass.stroke().reachFactor();
        double offered = OFFERED
                * pass.pencil().softness()
                * Math.pow(pass.pressure(), Pass.PRESSURE_EXPONENT)
                * pass.stroke().contactFactor()
                * medium.lead()
                * surface.grip(pass);
        double highest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < added.length; i++) {
            added[i] = HEIGHTS[i] * depth - filling[i] / 2;
            highest = Math.min(highest, added[i]);
        }
        double held = Math.pow(pass.pressure(), HELD_EXPONENT) * medium.room();
        for (int i = 0; i < added.length; i++) {
            double holds = held * (HELD + HELD_IN_VALLEYS * depth * HEIGHTS[i]);
            double falls = offered * Math.exp(-(added[i] - highest) / reach);
            added[i] = holds > 0 ? holds * Math.log1p(falls / holds * Math.exp(-filling[i] / holds)) : 0;
        }
        return added;
    }

    /** Share of what the paper takes at light pressure that it still takes, mean over the classes, 0…1. */
    static double room(double depth, double[] filling) {
        double light = Math.pow(PressureGrade.LIGHT.pressure(), HELD_EXPONENT);
        double sum = 0;
        for (int i = 0; i < filling.length; i++) {
            sum += Math.exp(-filling[i] / (light * (HELD + HELD_IN_VALLEYS * depth * HEIGHTS[i])));
        }
        return sum / filling.length;
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
