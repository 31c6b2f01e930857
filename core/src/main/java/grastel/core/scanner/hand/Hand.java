package grastel.core.scanner.hand;

import java.util.random.RandomGenerator;

/**
 * How a student draws.
 *
 * @param pressureFactor times the asked pressure, 1 = as asked; over 1 presses too hard
 * @param pressureScatter random error of a box's pressure, relative standard deviation
 * @param rangeShrink how far pressures are drawn towards the middle: 0 full range … 1 all the same
 * @param patchiness swing of pressure inside a box, relative
 * @param pointKept share of the asked sharpness that is kept up, 0…1.2
 * @param overshootMm how far strokes stray over the edge, mm
 * @param skipChance chance that a box is left out, 0…1
 * @param swing how far the direction of strokes swings to either side inside a box, degrees
 * @param band share of the pressure lost at one place of a strip, which leaves a line; 0 for none
 * @param keys what is done with key boxes
 */
public record Hand(
        double pressureFactor,
        double pressureScatter,
        double rangeShrink,
        double patchiness,
        double pointKept,
        double overshootMm,
        double skipChance,
        double swing,
        double band,
        KeyHabit keys) {

    /** A hand that does exactly what is asked. */
    public static final Hand EXACT = new Hand(1, 0, 0, 0, 1, 0, 0, 0, 0);

    /** A hand that fills key boxes as asked. */
    public Hand(
            double pressureFactor,
            double pressureScatter,
            double rangeShrink,
            double patchiness,
            double pointKept,
            double overshootMm,
            double skipChance,
            double swing,
            double band) {
        this(
                pressureFactor,
                pressureScatter,
                rangeShrink,
                patchiness,
                pointKept,
                overshootMm,
                skipChance,
                swing,
                band,
                KeyHabit.AS_ASKED);
    }

    /** This hand with another habit. */
    public Hand with(KeyHabit habit) {
        return new Hand(
                pressureFactor,
                pressureScatter,
                rangeShrink,
                patchiness,
                pointKept,
                overshootMm,
                skipChance,
                swing,
                band,
                habit);
    }

    /** This hand with a line in its strips. */
    public Hand withBand(double share) {
        return new Hand(
                pressureFactor,
                pressureScatter,
                rangeShrink,
                patchiness,
                pointKept,
                overshootMm,
                skipChance,
                swing,
                share,
                keys);
    }

    /**
     * A hand of a skill.
     *
     * @param skill 0 first try … 1 practised
     */
    public static Hand ofSkill(double skill, RandomGenerator random) {
        if (!(skill >= 0 && skill <= 1)) {
            throw new IllegalArgumentException("Skill must be 0…1, was " + skill);
        }
        double lack = 1 - skill;
        return new Hand(
                1 + lack * 0.35 * random.nextGaussian(),
                0.02 + 0.15 * lack,
                lack * lack * random.nextDouble(0.1, 0.8),
                0.02 + 0.22 * lack * random.nextDouble(0.3, 1.2),
                Math.max(0.15, 1.15 - 0.85 * lack * random.nextDouble()),
                Math.max(0, lack * random.nextDouble(-0.8, 3.2)),
                lack > 0.6 ? 0.05 : 0,
                4 + 34 * lack * random.nextDouble(),
                random.nextDouble() < 0.6 * lack ? random.nextDouble(0.3, 0.6) : 0);
    }
}
