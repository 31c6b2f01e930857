package grastel.core.judging;

import grastel.core.exercise.GradeBand;

/**
 * Thresholds of the stepped scale. Those of the developing band are given; first steps are eased and advanced tightened by
 * one factor each. Sources: teachers' practice; units as in {@link Goal}.
 */
final class Thresholds {
    /** A step that a class can tell apart, L*; less where the plan itself asks for smaller steps. */
    private static final double VISIBLE_STEP = 4;

    private static final double SHARE_OF_ASKED_STEP = 0.55;

    private Thresholds() {}

    static Ladder of(Goal goal, GradeBand band, double askedStep) {
        double ease = ease(band);
        return switch (goal) {
            case ORDER -> order(askedStep, ease);
            case EQUAL_STEPS -> falling(45, 25, 15, ease);
            case FULL_RANGE ->
                new Ladder(55 / Math.sqrt(ease), 75 / Math.sqrt(ease), Math.min(97, 90 / Math.sqrt(ease)));
            case EVEN_INSIDE -> falling(5.5, 3.5, 2.2, ease);
            case RICH_DARK -> falling(12, 5, 2, ease);
            case NEAT_EDGE -> falling(6, 2, 0.7, ease);
        };
    }

    private static Ladder order(double askedStep, double ease) {
        double visible = Math.min(VISIBLE_STEP, SHARE_OF_ASKED_STEP * askedStep) / ease;
        return new Ladder(0, visible, 1.5 * visible);
    }

    private static Ladder falling(double nearly, double secure, double beyond, double ease) {
        return new Ladder(nearly * ease, secure * ease, beyond * ease);
    }

    private static double ease(GradeBand band) {
        return switch (band) {
            case FIRST_STEPS -> 1.35;
            case DEVELOPING -> 1;
            case ADVANCED -> 0.8;
        };
    }
}
