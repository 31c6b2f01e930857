package grastel.core.planning;

import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How a class spends a period.
 *
 * @param setUpMinutes before anyone draws, ≥ 0
 * @param clearingMinutes after it, ≥ 0
 * @param pace the class's middle student's speed against the usual of its band, 1 = usual, over 0
 */
public record ClassTime(double setUpMinutes, double clearingMinutes, double pace) {
    public static final double USUAL_SET_UP = 5;
    public static final double USUAL_CLEARING = 5;
    /** Spread of pace within a class: standard deviation of the logarithm. */
    public static final double SPREAD = 0.25;
    /** Plans hold for three of four students. */
    private static final double SHARE = 0.75;
    /** How much longer than the middle student the slowest of three in four takes. */
    static final double SLOWER = Math.exp(SPREAD * new NormalDistribution().inverseCumulativeProbability(SHARE));

    public ClassTime {
        if (!(setUpMinutes >= 0 && clearingMinutes >= 0 && pace > 0)) {
            throw new IllegalArgumentException("Set-up and clearing are 0 or more and pace over 0, were " + setUpMinutes
                    + ", " + clearingMinutes + ", " + pace);
        }
    }

    /** What of a period is left for a lesson, minutes. */
    public double room(int periodMinutes) {
        return Math.max(0, periodMinutes - setUpMinutes - clearingMinutes);
    }

    /** Minutes after which half of the class has done a stage. */
    public double median(Stage stage) {
        return stage.isPaced() ? stage.minutes() / pace : stage.minutes();
    }

    /** Minutes after which three of four have done it. */
    public double planned(Stage stage) {
        return stage.isPaced() ? SLOWER * stage.minutes() / pace : stage.minutes();
    }

    /** Minutes after which the quickest quarter has done it. */
    public double quick(Stage stage) {
        return stage.isPaced() ? stage.minutes() / pace / SLOWER : stage.minutes();
    }
}
