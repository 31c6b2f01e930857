package grastel.core.exercise.goal;

/**
 * Thresholds of a goal: what a figure must reach for nearly, secure and beyond. Rising thresholds mean that more is better,
 * falling ones that less is.
 *
 * @param nearly figure for level 2
 * @param secure figure for level 3
 * @param beyond figure for level 4
 */
public record Ladder(double nearly, double secure, double beyond) {
    /** Standard deviations beyond which a fifth of a normal distribution lies. */
    private static final double FIFTH = 0.8416;

    private static final double NORMAL_95 = 1.96;

    public Ladder {
        boolean rising = nearly <= secure && secure <= beyond;
        boolean falling = nearly >= secure && secure >= beyond;
        if (!(rising || falling) || nearly == beyond) {
            throw new IllegalArgumentException(
                    "Thresholds must rise or fall: " + nearly + ", " + secure + ", " + beyond);
        }
    }

    /** True where a larger figure is better. */
    public boolean isRising() {
        return nearly < beyond;
    }

    /** Where a figure lies, levels: 2 at nearly, 3 at secure, 4 from beyond on, straight between; 0 at the least. */
    public double position(double figure) {
        if (reachesBeyond(figure)) {
            return 4;
        }
        if (reachesSecure(figure)) {
            return 3 + (figure - secure) / (beyond - secure);
        }
        double level = nearly == secure ? beyond - secure : secure - nearly;
        return Math.max(0, 2 + (figure - nearly) / level);
    }

    public boolean reachesNearly(double figure) {
        return reaches(figure, nearly);
    }

    public boolean reachesSecure(double figure) {
        return reaches(figure, secure);
    }

    public boolean reachesBeyond(double figure) {
        return reaches(figure, beyond);
    }

    /**
     * True where what happens next is open: the chance that the true figure lies on the other side of secure is at least a
     * fifth. Between other levels the likelier one is good enough.
     *
     * @param plusMinus half width of the 95 % interval of a normal distribution
     */
    public boolean isClose(double figure, double plusMinus) {
        return Math.abs(figure - secure) <= plusMinus * FIFTH / NORMAL_95;
    }

    /**
     * These thresholds as they are held against a band: eased for first steps, tightened for the advanced; rising ones by the
     * root only, as many are shares that end at 100 %.
     */
    public Ladder of(GradeBand band) {
        return times(factor(band));
    }

    /** What was held against one band, as it is held against another. */
    public Ladder moved(GradeBand from, GradeBand to) {
        return times(factor(to) / factor(from));
    }

    private double factor(GradeBand band) {
        return nearly > beyond ? band.ease() : 1 / Math.sqrt(band.ease());
    }

    /** All three multiplied. @param factor above 0 */
    public Ladder times(double factor) {
        return new Ladder(nearly * factor, secure * factor, beyond * factor);
    }

    private boolean reaches(double figure, double threshold) {
        return isRising() ? figure >= threshold : figure <= threshold;
    }
}
