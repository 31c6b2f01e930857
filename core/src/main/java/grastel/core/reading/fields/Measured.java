package grastel.core.reading.fields;

/**
 * A figure read from a picture.
 *
 * @param value in the unit of its name
 * @param plusMinus half width of the 95 % interval, same unit
 * @param shared the part of it that all figures of a page are off by alike, as with a tone curve that is not quite known; of
 *     older readings none
 */
public record Measured(double value, double plusMinus, Double shared) {
    public Measured {
        shared = shared == null ? 0 : Math.min(shared, plusMinus);
        if (!Double.isFinite(value) || !(plusMinus >= 0) || !(shared >= 0)) {
            throw new IllegalArgumentException("A measure must be finite, was " + value + " ± " + plusMinus);
        }
    }

    public Measured(double value, double plusMinus) {
        this(value, plusMinus, 0.0);
    }

    /** Half width of the interval that is this figure's alone. */
    public double own() {
        return Math.sqrt(Math.max(0, plusMinus * plusMinus - shared * shared));
    }

    /** Half width of the 95 % interval of how far two figures of a page are apart: what they share hardly counts. */
    public double apart(Measured other) {
        return Math.hypot(own(), other.own()) + Math.abs(shared - other.shared);
    }
}
