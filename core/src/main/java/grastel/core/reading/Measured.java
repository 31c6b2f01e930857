package grastel.core.reading;

/**
 * A figure read from a picture.
 *
 * @param value in the unit of its name
 * @param plusMinus half width of the 95 % interval, same unit
 */
public record Measured(double value, double plusMinus) {
    public Measured {
        if (!Double.isFinite(value) || !(plusMinus >= 0)) {
            throw new IllegalArgumentException("A measure must be finite, was " + value + " ± " + plusMinus);
        }
    }
}
