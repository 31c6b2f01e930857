package grastel.core.scanner.picture;

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
}
