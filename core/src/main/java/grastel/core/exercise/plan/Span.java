package grastel.core.exercise.plan;

/**
 * Where along a strip a layer goes, in shares of its length from the left: nothing up to {@code from}, rising to full at
 * {@code full}, full until {@code fullTo}, falling to nothing at {@code to}.
 */
public record Span(double from, double full, double fullTo, double to) {
    public static final Span WHOLE = new Span(0, 0, 1, 1);

    public Span {
        if (!(0 <= from && from <= full && full <= fullTo && fullTo <= to && to <= 1)) {
            throw new IllegalArgumentException(
                    "A span goes from left to right, was " + from + ", " + full + ", " + fullTo + ", " + to);
        }
    }

    /** Full at the left end, fading to nothing. */
    public static Span fadingRight(double fullTo, double to) {
        return new Span(0, 0, fullTo, to);
    }

    /** Full at the right end, fading to nothing at {@code from}. */
    public static Span fadingLeft(double from, double full) {
        return new Span(from, full, 1, 1);
    }

    /** Share of the layer's pressure here, 0…1. @param at 0 left … 1 right */
    public double strength(double at) {
        if (at < from || at > to) {
            return 0;
        }
        if (at < full) {
            return (at - from) / (full - from);
        }
        return at <= fullTo ? 1 : (to - at) / (to - fullTo);
    }
}
