package grastel.core.scanner;

import java.util.random.RandomGenerator;

/**
 * What a scanner or camera does to light besides lens and noise.
 *
 * @param flare share of all light that is strewn over the whole picture, 0…0.1
 * @param tone what it does to its codes
 */
public record Device(double flare, Tone tone) {
    public static final Device PLAIN = new Device(0, new Tone.Plain());

    public Device {
        if (!(flare >= 0 && flare <= 0.1)) {
            throw new IllegalArgumentException("Flare must be 0…0.1, was " + flare);
        }
    }

    /** One of those that schools have. */
    public static Device any(RandomGenerator random) {
        double flare = random.nextDouble(0, 0.05);
        return switch (random.nextInt(5)) {
            case 0 -> new Device(flare, new Tone.Plain());
            case 1 -> new Device(flare, new Tone.Contrast(random.nextDouble(0.1, 0.5)));
            case 2, 3 -> new Device(flare, new Tone.Gamma(random.nextDouble(0.85, 1.2)));
            default -> new Device(flare, new Tone.Levels(0.001));
        };
    }
}
