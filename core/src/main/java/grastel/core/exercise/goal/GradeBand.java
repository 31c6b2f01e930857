package grastel.core.exercise.goal;

/** How far a class is: thresholds, pace and advice follow it. */
public enum GradeBand {
    FIRST_STEPS(6, 1.35),
    DEVELOPING(8, 1),
    ADVANCED(10, 0.8);

    private final double cm2PerMinute;
    private final double ease;

    GradeBand(double cm2PerMinute, double ease) {
        this.cm2PerMinute = cm2PerMinute;
        this.ease = ease;
    }

    /** Area of one light pass a student of this band covers in a minute, cm². */
    public double cm2PerMinute() {
        return cm2PerMinute;
    }

    /** How far thresholds are eased: over 1 for beginners. */
    double ease() {
        return ease;
    }
}
