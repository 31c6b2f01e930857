package grastel.core.stilllife;

import grastel.core.colour.LinearRgb;
import java.awt.image.BufferedImage;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A find on a cloth before a wall, lit from the upper left: form, core and cast shadow, reflected light and highlight as they would
 * be seen. Rays meet a ball or an upright cylinder and a plane; light falls by Lambert's law, gloss by Blinn's.
 */
public enum HarbourFind {
    /** White enamel with a blue rim. */
    ENAMEL_MUG(new double[] {0.80, 0.80, 0.76}, 0.5) {
        @Override
        @Nullable
        Hit meet(double x, double y) {
            double u = (x - 0.5) / 0.24;
            if (Math.abs(u) > 1) {
                return handle(x, y);
            }
            double lift = 0.05 * Math.sqrt(1 - u * u);
            double top = 0.30;
            if (Math.abs(y - top) < lift) {
                return new Hit(new double[] {-u * 0.3, 0.5, -0.6}, INSIDE, 0);
            }
            if (y < top || y > 0.78 + lift) {
                return null;
            }
            boolean rim = y < top + lift + 0.03;
            return new Hit(new double[] {u, 0, Math.sqrt(1 - u * u)}, rim ? RIM : colour(), gloss());
        }

        private @Nullable Hit handle(double x, double y) {
            double off = Math.hypot((x - 0.74) / 0.9, y - 0.52);
            double across = (off - 0.11) / 0.028;
            return Math.abs(across) < 1 && x > 0.735
                    ? new Hit(new double[] {across, 0.2, Math.sqrt(1 - across * across)}, colour(), gloss())
                    : null;
        }
    },
    /** Green glass, round. */
    GLASS_FLOAT(new double[] {0.10, 0.32, 0.22}, 0.9) {
        @Override
        @Nullable
        Hit meet(double x, double y) {
            double u = (x - 0.5) / 0.27;
            double v = (y - 0.55) / 0.27;
            double rest = 1 - u * u - v * v;
            return rest < 0 ? null : new Hit(new double[] {u, v, Math.sqrt(rest)}, colour(), gloss());
        }
    },
    /** A blue-black shell, long and low. */
    MUSSEL(new double[] {0.06, 0.07, 0.13}, 0.4) {
        @Override
        @Nullable
        Hit meet(double x, double y) {
            double u = (x - 0.5) / 0.36;
            double v = (y - 0.62 + 0.12 * u) / (0.16 * (1.15 - 0.35 * u));
            double rest = 1 - u * u - v * v;
            double ring = 0.03 * Math.sin(40 * Math.hypot(u + 1, v));
            return rest < 0 ? null : new Hit(new double[] {u + ring, v, Math.sqrt(rest)}, colour(), gloss());
        }
    };

    private static final double[] RIM = {0.03, 0.08, 0.30};
    private static final double[] INSIDE = {0.45, 0.45, 0.44};
    private static final double[] WALL = {0.42, 0.44, 0.46};
    private static final double[] CLOTH = {0.55, 0.42, 0.26};
    /** From the upper left and before the thing. */
    private static final double[] SUN = unit(new double[] {-0.55, -0.65, 0.55});

    private static final double SKY = 0.14;
    private static final double TABLE = 0.68;
    private static final double NOISE = 0.012;

    private final double[] colour;
    private final double gloss;

    HarbourFind(double[] colour, double gloss) {
        this.colour = colour.clone();
        this.gloss = gloss;
    }

    /** Where a ray meets the thing. @param normal right, down, towards the eye */
    record Hit(double[] normal, double[] colour, double gloss) {
        Hit {
            normal = unit(normal);
        }
    }

    /** What is seen at a place, shares of the height; null where the thing is not. */
    abstract @Nullable Hit meet(double x, double y);

    double[] colour() {
        return colour;
    }

    double gloss() {
        return gloss;
    }

    /** A picture of it, 4 wide to 5 high, with a camera's noise. @param heightPx of the picture */
    public BufferedImage picture(int heightPx, long seed) {
        int width = heightPx * 4 / 5;
        BufferedImage picture = new BufferedImage(width, heightPx, BufferedImage.TYPE_INT_RGB);
        IntStream.range(0, heightPx).parallel().forEach(row -> {
            Random random = new Random(seed * 31 + row);
            for (int column = 0; column < width; column++) {
                double x = 0.1 + (column + 0.5) / heightPx;
                double y = (row + 0.5) / heightPx;
                double[] light = seen(x, y);
                double noise = 1 + NOISE * random.nextGaussian();
                picture.setRGB(column, row, code(light, noise));
            }
        });
        return picture;
    }

    private double[] seen(double x, double y) {
        Hit hit = meet(x, y);
        return hit == null ? behind(x, y) : lit(hit);
    }

    private double[] lit(Hit hit) {
        double[] n = hit.normal();
        double facing = Math.max(0, dot(n, SUN));
        double bounced = 0.10 * Math.max(0, n[1]);
        double half = Math.pow(Math.max(0, dot(n, unit(new double[] {SUN[0], SUN[1], SUN[2] + 1}))), 60);
        double[] light = new double[3];
        for (int i = 0; i < 3; i++) {
            light[i] = hit.colour()[i] * (SKY + 0.92 * facing) + bounced * CLOTH[i] + hit.gloss() * half;
        }
        return light;
    }

    /** Wall above, cloth below with the shadow the thing casts to the lower right. */
    private double[] behind(double x, double y) {
        boolean table = y > TABLE;
        double shadow = 0;
        if (table) {
            double u = (x - 0.70) / 0.34;
            double v = (y - 0.82) / 0.075;
            shadow = Math.max(0, Math.min(1, 3 * (1 - u * u - v * v)));
        }
        double lit = table ? 0.75 * (1 - 0.8 * shadow) + SKY : 0.55 - 0.25 * x;
        double[] light = new double[3];
        for (int i = 0; i < 3; i++) {
            light[i] = (table ? CLOTH : WALL)[i] * lit;
        }
        return light;
    }

    private static int code(double[] light, double noise) {
        int code = 0;
        for (double one : light) {
            double encoded = LinearRgb.encode(Math.max(0, Math.min(1, one * noise)));
            code = code << 8 | (int) Math.round(255 * encoded);
        }
        return code;
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] unit(double[] v) {
        double length = Math.sqrt(dot(v, v));
        return new double[] {v[0] / length, v[1] / length, v[2] / length};
    }
}
