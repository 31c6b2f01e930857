package grastel.core.reading.fields;

/**
 * The structure tensor of a window (Bigün and Granlund 1987): the gradient turns across strokes, and its outer product, summed, has
 * their direction as its minor axis.
 *
 * @param energy of all gradients
 * @param cos and sin of the doubled angle across the strokes, each gradient by its energy
 * @param count of places that were looked at
 */
record Tensor(double energy, double cos, double sin, int count) {
    static Tensor of(Plane plane, Mask mask, int left, int top, int side) {
        double xx = 0;
        double yy = 0;
        double xy = 0;
        int count = 0;
        for (int y = Math.max(1, top); y < Math.min(plane.height - 1, top + side); y++) {
            for (int x = Math.max(1, left); x < Math.min(plane.width - 1, left + side); x++) {
                int i = y * plane.width + x;
                if (mask.has(i)) {
                    double dx = plane.data[i + 1] - plane.data[i - 1];
                    double dy = plane.data[i + plane.width] - plane.data[i - plane.width];
                    xx += dx * dx;
                    yy += dy * dy;
                    xy += dx * dy;
                    count++;
                }
            }
        }
        return new Tensor(xx + yy, xx - yy, 2 * xy, count);
    }

    /** Of the strokes, degrees from the horizontal, anticlockwise, −180…180. Rows run downwards, angles upwards. */
    double direction() {
        return 90 - Math.toDegrees(Math.atan2(sin, cos)) / 2;
    }

    double coherence() {
        return energy == 0 ? 0 : Math.min(1, Math.hypot(cos, sin) / energy);
    }

    Tensor plus(Tensor other) {
        return new Tensor(energy + other.energy, cos + other.cos, sin + other.sin, count + other.count);
    }
}
