package grastel.core.judging;

import grastel.core.reading.Measured;
import java.util.List;

/**
 * Thresholds of a goal: what a figure must reach for nearly, secure and beyond. Rising thresholds mean that more is better,
 * falling ones that less is.
 *
 * @param nearly figure for level 2
 * @param secure figure for level 3
 * @param beyond figure for level 4
 */
public record Ladder(double nearly, double secure, double beyond) {
    public Ladder {
        boolean rising = nearly <= secure && secure <= beyond;
        boolean falling = nearly >= secure && secure >= beyond;
        if (!(rising || falling) || nearly == beyond) {
            throw new IllegalArgumentException(
                    "Thresholds must rise or fall: " + nearly + ", " + secure + ", " + beyond);
        }
    }

    /** The level a figure reaches: beginning, nearly, secure or beyond. */
    public Level of(double figure) {
        if (reaches(figure, beyond)) {
            return Level.BEYOND;
        }
        if (reaches(figure, secure)) {
            return Level.SECURE;
        }
        return reaches(figure, nearly) ? Level.NEARLY : Level.BEGINNING;
    }

    /** True where the figure could as well lie on the other side of a threshold. */
    public boolean isClose(Measured figure) {
        return List.of(nearly, secure, beyond).stream()
                .anyMatch(t -> Math.abs(figure.value() - t) <= figure.plusMinus());
    }

    private boolean reaches(double figure, double threshold) {
        return nearly < beyond ? figure >= threshold : figure <= threshold;
    }
}
