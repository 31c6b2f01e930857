package grastel.core.scanner.picture;

import java.util.random.RandomGenerator;

/**
 * Light falling off along one direction and, more gently, towards the corners; 1 at the brightest place.
 *
 * @param fall share of light lost from the brightest to the darkest corner, 0…1
 * @param towardsX, towardsY the direction, together 1
 * @param acrossX, acrossY half a picture over a pixel
 */
record Lamp(double fall, double towardsX, double towardsY, double acrossX, double acrossY) {
    private static final double ALONG = 0.8;
    private static final double CORNERS = 0.2;

    /** Falling off in any direction. */
    static Lamp drawn(double fall, Camera camera, RandomGenerator random) {
        double x = random.nextDouble(-1, 1);
        double y = Math.copySign(Math.sqrt(1 - x * x), random.nextDouble() - 0.5);
        double both = Math.abs(x) + Math.abs(y);
        return new Lamp(fall, x / both, y / both, 2.0 / camera.width, 2.0 / camera.height);
    }

    double at(int x, int y) {
        double u = x * acrossX - 1;
        double v = y * acrossY - 1;
        double along = (u * towardsX + v * towardsY + 1) / 2;
        double corner = (u * u + v * v) / 2;
        return 1 - fall * (ALONG * along + CORNERS * corner);
    }
}
