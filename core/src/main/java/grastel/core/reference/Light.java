package grastel.core.reference;

import grastel.core.exercise.LightFrom;

/**
 * Where the light comes from, by how zones turn from light to shadow: planes are laid through their L*, each counts by its area and by
 * how much it turns. What lies behind all others is left out: a wall has a light of its own.
 *
 * @param from the side it seems to come from
 * @param clarity 0 every zone is lit from another side … 1 all from one
 */
public record Light(LightFrom from, double clarity) {
    /** Less is no one light. */
    private static final double CLEAR = 0.6;
    /** Zones that turn less say nothing, L* from end to end. */
    private static final double TURNS = 4;

    /** A proposal: the teacher saw the lamp. */
    public static Light proposed(Reference reference, Zones zones) {
        double right = 0;
        double up = 0;
        double all = 0;
        for (int zone = 0; zone < zones.zones().size(); zone++) {
            Plane plane = Plane.of(reference, zones, zone);
            double slope = Math.hypot(plane.right, plane.up);
            double turns = slope * Math.sqrt(zones.zones().get(zone).areaMm2());
            if (turns >= TURNS && !zones.isBehind(zone)) {
                double weight = zones.zones().get(zone).areaMm2() * turns;
                right += weight * plane.right / slope;
                up += weight * plane.up / slope;
                all += weight;
            }
        }
        double clarity = all == 0 ? 0 : Math.hypot(right, up) / all;
        return new Light(LightFrom.at(Math.toDegrees(Math.atan2(up, right))), clarity);
    }

    public boolean isClear() {
        return clarity >= CLEAR;
    }

    /** @param right and up rise of L* in a mm */
    private record Plane(double right, double up) {
        static Plane of(Reference reference, Zones zones, int zone) {
            int width = reference.width();
            int height = reference.height();
            double n = 0;
            double[] sums = new double[8];
            for (int i = 0; i < width * height; i++) {
                if (zones.zone(i) == zone) {
                    double x = i % width;
                    double y = i / width;
                    double l = reference.lightness(i);
                    n++;
                    add(sums, x, y, l);
                }
            }
            if (n == 0) {
                return new Plane(0, 0);
            }
            double xx = sums[3] - sums[0] * sums[0] / n;
            double yy = sums[4] - sums[1] * sums[1] / n;
            double xy = sums[5] - sums[0] * sums[1] / n;
            double xl = sums[6] - sums[0] * sums[2] / n;
            double yl = sums[7] - sums[1] * sums[2] / n;
            double determinant = xx * yy - xy * xy;
            return determinant <= 0
                    ? new Plane(0, 0)
                    : new Plane(
                            (xl * yy - yl * xy) / determinant / reference.mmPerPx(),
                            -(yl * xx - xl * xy) / determinant / reference.mmPerPx());
        }

        private static void add(double[] sums, double x, double y, double l) {
            sums[0] += x;
            sums[1] += y;
            sums[2] += l;
            sums[3] += x * x;
            sums[4] += y * y;
            sums[5] += x * y;
            sums[6] += x * l;
            sums[7] += y * l;
        }
    }
}
