package grastel.core.exercise;

/** How far a class is: thresholds, pace and advice follow it. */
public enum GradeBand {
    FIRST_STEPS(3.5),
    DEVELOPING(5),
    ADVANCED(8);

    private final double cm2PerMinute;

    GradeBand(double cm2PerMinute) {
        this.cm2PerMinute = cm2PerMinute;
    }

    /** Area of one light pass a student of this band covers in a minute, cm². */
    public double cm2PerMinute() {
        return cm2PerMinute;
    }
}
