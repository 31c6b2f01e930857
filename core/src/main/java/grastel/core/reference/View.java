package grastel.core.reference;

/**
 * Which part of a picture fills the frame, after it was turned.
 *
 * @param quarterTurns to the right, 0…3
 * @param zoom 1 for as much as the frame holds … {@value #MOST_ZOOM}
 * @param centreX and centreY of what is seen, shares of the turned picture, 0…1; as far as the picture reaches
 */
public record View(int quarterTurns, double zoom, double centreX, double centreY) {
    public static final double MOST_ZOOM = 8;

    /** As much as the frame holds, from the middle. */
    public static final View WHOLE = new View(0, 1, 0.5, 0.5);

    public View {
        if (quarterTurns < 0 || quarterTurns > 3) {
            throw new IllegalArgumentException("A picture is turned by 0…3 quarters, not by " + quarterTurns);
        }
        if (!(zoom >= 1 && zoom <= MOST_ZOOM)) {
            throw new IllegalArgumentException("A picture is enlarged 1 … " + MOST_ZOOM + " times, not " + zoom);
        }
        if (!(centreX >= 0 && centreX <= 1 && centreY >= 0 && centreY <= 1)) {
            throw new IllegalArgumentException(
                    "The middle of what is seen lies in the picture, 0…1, was " + centreX + ", " + centreY);
        }
    }

    /** Pixels of the turned picture that are seen. */
    record Seen(double left, double top, double width, double height) {}

    Seen of(int turnedWidth, int turnedHeight, Frame frame) {
        double width = Math.min(turnedWidth, turnedHeight * frame.aspect()) / zoom;
        double height = width / frame.aspect();
        double left = Math.max(0, Math.min(turnedWidth - width, centreX * turnedWidth - width / 2));
        double top = Math.max(0, Math.min(turnedHeight - height, centreY * turnedHeight - height / 2));
        return new Seen(left, top, width, height);
    }
}
