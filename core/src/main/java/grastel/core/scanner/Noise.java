package grastel.core.scanner;

import java.util.SplittableRandom;

/**
 * A sensor's noise on 8-bit codes: each the sum of three even ones, nearly normal. One random number makes that of a pixel's
 * three channels; whole numbers are quicker than fractions.
 */
final class Noise {
    /** Bits of each even number: fine enough for a fiftieth of a code. */
    private static final int BITS = 7;

    private static final long MASK = (1L << BITS) - 1;
    private static final int MIDDLE = 3 * (1 << BITS - 1) - 1;
    /** Standard deviation of the sum of three even numbers of 0…1. */
    private static final double SUM_OF_THREE = 0.5;

    private static final int FINER = 16;

    private final SplittableRandom random;
    private final int scale;
    private long drawn;

    /** @param codes standard deviation */
    Noise(double codes, SplittableRandom random) {
        this.random = random;
        this.scale = (int) Math.round(codes / SUM_OF_THREE * (1 << FINER) / (1 << BITS));
    }

    /** Goes on to the next pixel. */
    void next() {
        drawn = random.nextLong();
    }

    /** @param code 0…255; @param channel 0…2 */
    byte on(int code, int channel) {
        long r = drawn >>> channel * 3 * BITS;
        int sum = (int) ((r & MASK) + (r >>> BITS & MASK) + (r >>> 2 * BITS & MASK)) - MIDDLE;
        int noise = sum * scale + (1 << FINER - 1) >> FINER;
        return (byte) Math.min(255, Math.max(0, code + noise));
    }
}
