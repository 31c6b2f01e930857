package grastel.core.scanner.picture;

import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;

/** A sensor's noise on 8-bit codes, normal. */
final class Noise {
    /** Of a random number so many bits draw the noise of one channel: three fit into one. */
    private static final int BITS = 12;

    private static final int STEPS = 1 << BITS;
    /** Standard deviations off, equally common. */
    private static final double[] OFF = drawn();

    private final double[] codes;

    /** @param codes standard deviation */
    Noise(double codes) {
        // Half a code more: what is added to a code is cut to a whole number.
        this.codes =
                IntStream.range(0, STEPS).mapToDouble(i -> codes * OFF[i] + 0.5).toArray();
    }

    private static double[] drawn() {
        NormalDistribution normal = new NormalDistribution();
        return IntStream.range(0, STEPS)
                .mapToDouble(i -> normal.inverseCumulativeProbability((i + 0.5) / STEPS))
                .toArray();
    }

    /**
     * @param code 0…255
     * @param random 64 random bits, for up to three channels of one place
     */
    byte on(int code, int channel, long random) {
        double noisy = code + codes[(int) (random >>> BITS * channel & STEPS - 1)];
        return (byte) Math.min(255, Math.max(0, (int) noisy));
    }
}
