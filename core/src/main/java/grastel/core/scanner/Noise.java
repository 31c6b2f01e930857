package grastel.core.scanner;

import java.util.random.RandomGenerator;

/** A sensor's noise on 8-bit codes: the sum of three even ones, nearly normal. */
final class Noise {
    /** Standard deviation of the sum of three even numbers of 0…1. */
    private static final double SUM_OF_THREE = 0.5;

    private static final double MEAN_OF_THREE = 1.5;

    private final RandomGenerator random;
    private final double scale;

    /** @param codes standard deviation */
    Noise(double codes, RandomGenerator random) {
        this.random = random;
        this.scale = codes / SUM_OF_THREE;
    }

    /** @param code 0…255 */
    byte on(int code) {
        double three = random.nextDouble() + random.nextDouble() + random.nextDouble();
        double noisy = code + scale * (three - MEAN_OF_THREE) + 0.5;
        return (byte) Math.min(255, Math.max(0, (int) noisy));
    }
}
