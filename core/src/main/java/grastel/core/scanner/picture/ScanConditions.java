package grastel.core.scanner.picture;

import java.util.random.RandomGenerator;

/**
 * How the page is photographed or scanned.
 *
 * @param dpi pixels per inch at the middle of the page, 50…600
 * @param skewDegrees turn of the page in its plane
 * @param tiltDegrees perspective: tilt of the page against the camera, 0…40
 * @param tiltTowardsDegrees direction of the tilt, 0 = top edge away
 * @param lightFall share of light lost from the brightest to the darkest corner, 0…0.8
 * @param warmth red over blue of the light, 0 neutral; −0.2…0.2
 * @param noise standard deviation of the sensor noise in 8-bit codes
 * @param quality JPEG quality, 0…1
 * @param quarterTurns how often the page lies turned by 90°, 0…3
 * @param desk bare desk around the page, mm; 0 for a flatbed that sees only the page
 * @param device what takes the picture
 */
public record ScanConditions(
        double dpi,
        double skewDegrees,
        double tiltDegrees,
        double tiltTowardsDegrees,
        double lightFall,
        double warmth,
        double noise,
        double quality,
        int quarterTurns,
        double desk,
        Device device) {

    /** With a device that adds nothing of its own. */
    public ScanConditions(
            double dpi,
            double skewDegrees,
            double tiltDegrees,
            double tiltTowardsDegrees,
            double lightFall,
            double warmth,
            double noise,
            double quality,
            int quarterTurns,
            double desk) {
        this(
                dpi,
                skewDegrees,
                tiltDegrees,
                tiltTowardsDegrees,
                lightFall,
                warmth,
                noise,
                quality,
                quarterTurns,
                desk,
                Device.PLAIN);
    }

    public ScanConditions {
        if (!(dpi >= 50 && dpi <= 600)
                || !(tiltDegrees >= 0 && tiltDegrees <= 40)
                || !(lightFall >= 0 && lightFall <= 0.8)) {
            throw new IllegalArgumentException("Scan conditions out of range: " + dpi + " dpi, tilt " + tiltDegrees
                    + "°, light fall " + lightFall);
        }
    }

    /** A school scanner: slight skew, nearly even light. */
    public static ScanConditions flatbed(double dpi, RandomGenerator random) {
        return new ScanConditions(
                dpi, random.nextDouble(-2, 2), 0, 0, random.nextDouble(0.02, 0.08), 0, 1.2, 0.85, 0, 4);
    }

    /** A phone held over a desk: tilt, uneven warm light, more noise. */
    public static ScanConditions phone(RandomGenerator random) {
        return new ScanConditions(
                random.nextDouble(170, 240),
                random.nextDouble(-8, 8),
                random.nextDouble(2, 14),
                random.nextDouble(0, 360),
                random.nextDouble(0.1, 0.35),
                random.nextDouble(-0.02, 0.1),
                2.2,
                0.8,
                random.nextInt(4),
                18);
    }

    /** The same from another distance. @param dpi pixels per inch; @param desk of it seen around the page, mm */
    public ScanConditions from(double dpi, double desk) {
        return with(dpi, desk, device);
    }

    /** The same by another device. */
    public ScanConditions by(Device other) {
        return with(dpi, desk, other);
    }

    private ScanConditions with(double otherDpi, double otherDesk, Device other) {
        return new ScanConditions(
                otherDpi,
                skewDegrees,
                tiltDegrees,
                tiltTowardsDegrees,
                lightFall,
                warmth,
                noise,
                quality,
                quarterTurns,
                otherDesk,
                other);
    }
}
