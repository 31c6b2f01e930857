package grastel.core.exercise.texture;

import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.layering.picture.Grain;
import java.util.Arrays;
import java.util.Random;
import java.util.random.RandomGenerator;

/** Strokes of a hand along the directions of a plan, side by side and over one another: how far each place is covered by them. */
public final class StrokeMarks {
    /** Mean cover. */
    public static final double MEAN = 0.36;
    /** Standard deviation of the cover as an eye or a reader sees it from close by. */
    public static final double SPREAD = 0.2;

    /** Tones below are paper that was reserved. */
    private static final double BARE = 0.5;

    private static final double PX_PER_MM = 6;
    private static final double WIDE_MM = 0.42;
    /** A stroke grows out of its base and thins out at its tip, share of its length. */
    private static final double TIP = 0.3;

    /** With both ends thinned out it covers so much of what it would at full width. */
    private static final double BODY = 0.87;

    private static final double TURN_MM = 0.25;
    /** The turns of a hand go on over so much, mm. */
    private static final double SWING_MM = 30;
    /** Directions further apart are of two things, degrees. */
    private static final double OTHER = 30;

    private final int width;
    private final int height;
    private final float[] cover;

    /**
     * How strokes are laid.
     *
     * @param swing how far they swing to either side over a few centimetres, degrees
     * @param length of theirs, of the length asked for
     * @param uneven how their lengths differ, one standard deviation, relative
     * @param ownWay direction of all of them, degrees; NaN where they follow the plan
     */
    public record Habit(double swing, double length, double uneven, double ownWay) {
        /** As asked. */
        public static final Habit EXACT = new Habit(0, 1, 0.15, Double.NaN);
    }

    private StrokeMarks(int width, int height) {
        this.width = width;
        this.height = height;
        this.cover = new float[width * height];
    }

    /** Of a plan that asks for strokes. */
    public static StrokeMarks of(PicturePlan plan, Habit habit, long seed) {
        double widthMm = plan.columns() * plan.cellMm();
        double heightMm = plan.rows() * plan.cellMm();
        StrokeMarks marks =
                new StrokeMarks((int) Math.ceil(widthMm * PX_PER_MM), (int) Math.ceil(heightMm * PX_PER_MM));
        Texture texture = plan.ownTexture();
        Ways ways = new Ways(texture);
        RandomGenerator random = new Random(seed);
        Grain swings = new Grain(random.nextLong(), SWING_MM);
        double mean = texture.strokeMm() * habit.length();
        int count = (int) Math.round(-Math.log(1 - MEAN) * widthMm * heightMm / (mean * BODY * WIDE_MM));
        for (int i = 0; i < count; i++) {
            double x = random.nextDouble(widthMm);
            double y = random.nextDouble(heightMm);
            double length = mean * Math.max(0.3, 1 + habit.uneven() * random.nextGaussian());
            double turn = habit.swing() * 6 * (swings.at(x, y) - 0.5) / 2 + 3 * random.nextGaussian();
            marks.stroke(ways, x, y, length, turn, habit.ownWay());
        }
        return marks;
    }

    /** How far strokes of this plan stand out, standard deviation of L*. */
    public static double detail(PicturePlan plan) {
        int last = plan.tones().size() - 1;
        double step = plan.tones().get(0).predicted().lightness()
                - plan.tones().get(last).predicted().lightness();
        return plan.ownTexture().relief() * SPREAD * step / last;
    }

    /** 0 none … 1 wholly. */
    public double at(double xMm, double yMm) {
        int x = (int) Math.min(width - 1.0, Math.max(0, xMm * PX_PER_MM));
        int y = (int) Math.min(height - 1.0, Math.max(0, yMm * PX_PER_MM));
        return cover[y * width + x];
    }

    /**
     * The tone at a place with these strokes: darker on them, lighter between, so that the mean stays; bare paper stays bare.
     *
     * @param under tone that the plan has there; @param relief by how many tones strokes are darker than what lies between
     */
    public double tone(double under, double relief, double xMm, double yMm) {
        return under < BARE ? under : Math.max(0, under + relief * (at(xMm, yMm) - MEAN));
    }

    /** From its middle both ways. */
    private void stroke(Ways ways, double x, double y, double length, double turn, double ownWay) {
        double start = ways.at(x, y);
        if (Double.isNaN(start)) {
            return;
        }
        double base = Double.isNaN(ownWay) ? start : ownWay;
        for (int side = -1; side <= 1; side += 2) {
            double px = x;
            double py = y;
            double way = base;
            for (double on = 0; on < length / 2; on += TURN_MM) {
                double next = Double.isNaN(ownWay) ? ways.at(px, py) : ownWay;
                way = Double.isNaN(next) || Ways.apart(next, base) > OTHER ? way : next;
                double angle = Math.toRadians(way + turn);
                double flip = Math.cos(Math.toRadians(way - base)) < 0 ? -1 : 1;
                px += flip * side * TURN_MM * Math.cos(angle);
                py -= flip * side * TURN_MM * Math.sin(angle);
                double left = (length / 2 - on) / length;
                dab(px, py, WIDE_MM / 2 * Math.min(1, 0.35 + left / TIP));
            }
        }
    }

    private void dab(double x, double y, double radius) {
        double reach = radius + 0.5 / PX_PER_MM;
        int x0 = (int) Math.max(0, Math.floor((x - reach) * PX_PER_MM));
        int x1 = (int) Math.min(width - 1.0, Math.ceil((x + reach) * PX_PER_MM));
        int y0 = (int) Math.max(0, Math.floor((y - reach) * PX_PER_MM));
        int y1 = (int) Math.min(height - 1.0, Math.ceil((y + reach) * PX_PER_MM));
        for (int py = y0; py <= y1; py++) {
            for (int px = x0; px <= x1; px++) {
                double off = Math.hypot((px + 0.5) / PX_PER_MM - x, (py + 0.5) / PX_PER_MM - y);
                float inside = (float) Math.min(1, Math.max(0, (radius - off) * PX_PER_MM + 0.5));
                cover[py * width + px] = Math.max(cover[py * width + px], inside);
            }
        }
    }

    /** Directions of a plan, smooth from window to window where they belong together. */
    private static final class Ways {
        private final int columns;
        private final int rows;
        private final double[] degrees;

        Ways(Texture texture) {
            columns = texture.columns();
            rows = texture.rows();
            byte[] ways = texture.ways();
            degrees = new double[ways.length];
            Arrays.setAll(degrees, i -> (ways[i] & 255) == Texture.NO_WAY ? Double.NaN : ways[i] & 255);
        }

        /** Between two directions, degrees. */
        static double apart(double one, double other) {
            return Math.abs(Math.IEEEremainder(one - other, 180));
        }

        double at(double xMm, double yMm) {
            double x = xMm / Texture.WINDOW_MM - 0.5;
            double y = yMm / Texture.WINDOW_MM - 0.5;
            double nearest = degrees[index(Math.round(x), Math.round(y))];
            if (Double.isNaN(nearest)) {
                return nearest;
            }
            double cos = 0;
            double sin = 0;
            for (int side = 0; side < 4; side++) {
                double cx = Math.floor(x) + side % 2;
                double cy = Math.floor(y) + side / 2;
                double there = degrees[index((long) cx, (long) cy)];
                if (!Double.isNaN(there) && apart(there, nearest) <= OTHER) {
                    double weight = (1 - Math.abs(x - cx)) * (1 - Math.abs(y - cy));
                    cos += weight * Math.cos(Math.toRadians(2 * there));
                    sin += weight * Math.sin(Math.toRadians(2 * there));
                }
            }
            return Math.toDegrees(Math.atan2(sin, cos)) / 2;
        }

        private int index(long x, long y) {
            return (int) (Math.min(rows - 1L, Math.max(0, y)) * columns + Math.min(columns - 1L, Math.max(0, x)));
        }
    }
}
