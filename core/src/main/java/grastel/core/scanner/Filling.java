package grastel.core.scanner;

import grastel.core.colour.LinearRgb;
import grastel.core.layering.Grain;
import grastel.core.layering.Pass;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.ToothField;
import grastel.core.media.Paper;
import grastel.core.page.Rect;
import java.util.List;
import java.util.random.RandomGenerator;

/** Fills one box as a hand would: pressure wanders, the point is what it is, the edge is kept or not. */
final class Filling {
    /** Pressures between which the film is computed; others are interpolated. */
    private static final int LEVELS = 24;

    private static final double HAND_SCALE_MM = 4.5;
    private static final double EDGE_SCALE_MM = 3;
    private static final double MIDDLE_PRESSURE = 0.4;

    private final Paper paper;
    private final ToothField tooth;
    private final LinearRgb ground;

    Filling(Paper paper, long seed) {
        this.paper = paper;
        this.tooth = new ToothField(seed, paper.tooth().grainMm(), Stroke.CIRCLES);
        this.ground = LinearRgb.of(paper.ground().toXyz());
    }

    void fill(FlatPage page, Rect box, FieldTask task, Hand hand, RandomGenerator random) {
        double pressure = pressure(task, hand, random);
        double low = pressure * Math.max(0, 1 - 3 * hand.patchiness());
        double high = Math.min(1, pressure * (1 + 3 * hand.patchiness()));
        double[][] light = films(task, hand, low, high);
        Grain wander = new Grain(random.nextLong(), HAND_SCALE_MM);
        Grain edge = new Grain(random.nextLong(), EDGE_SCALE_MM);
        Rect reach = box.inset(-hand.overshootMm() - 0.5);
        int x0 = (int) Math.max(0, reach.x() * FlatPage.PX_PER_MM);
        int x1 = (int) Math.min(page.width, reach.right() * FlatPage.PX_PER_MM);
        int y0 = (int) Math.max(0, reach.y() * FlatPage.PX_PER_MM);
        int y1 = (int) Math.min(page.height, reach.bottom() * FlatPage.PX_PER_MM);
        for (int y = y0; y < y1; y++) {
            double mmY = (y + 0.5) / FlatPage.PX_PER_MM;
            for (int x = x0; x < x1; x++) {
                double mmX = (x + 0.5) / FlatPage.PX_PER_MM;
                if (outside(box, mmX, mmY) > stray(hand, edge.at(mmX, mmY))) {
                    continue;
                }
                double here = pressure * (1 + hand.patchiness() * (wander.at(mmX, mmY) - 0.5) * 6);
                double level = high > low ? (Math.min(high, Math.max(low, here)) - low) / (high - low) : 0;
                paint(page, x, y, light, level, tooth.at(mmX, mmY));
            }
        }
    }

    private static double pressure(FieldTask task, Hand hand, RandomGenerator random) {
        double drawn = task.pressure() + (MIDDLE_PRESSURE - task.pressure()) * hand.rangeShrink();
        double pressed = drawn * hand.pressureFactor() * (1 + hand.pressureScatter() * random.nextGaussian());
        return Math.min(1, Math.max(0.02, pressed));
    }

    /** Distance outside the box, mm; negative inside. */
    private static double outside(Rect box, double x, double y) {
        double dx = Math.max(box.x() - x, x - box.right());
        double dy = Math.max(box.y() - y, y - box.bottom());
        return Math.max(dx, dy);
    }

    /** How far over the edge the hand goes here: mostly to the line, in places beyond it. */
    private static double stray(Hand hand, double noise) {
        return hand.overshootMm() * Math.max(0, noise - 0.55) / 0.3;
    }

    /** Light [pressure level][height class · 3 + channel]. */
    private double[][] films(FieldTask task, Hand hand, double low, double high) {
        double[][] light = new double[LEVELS][];
        for (int level = 0; level < LEVELS; level++) {
            double p = low + (high - low) * level / (LEVELS - 1);
            Pass pass = new Pass(task.pencil(), p, hand.point(), Stroke.CIRCLES);
            List<LinearRgb> classes =
                    Swatch.bare(paper).with(pass, task.passes()).grainLight();
            light[level] = new double[classes.size() * 3];
            for (int c = 0; c < classes.size(); c++) {
                light[level][c * 3] = classes.get(c).red();
                light[level][c * 3 + 1] = classes.get(c).green();
                light[level][c * 3 + 2] = classes.get(c).blue();
            }
        }
        return light;
    }

    private void paint(FlatPage page, int x, int y, double[][] light, double level, double height) {
        double at = level * (LEVELS - 1);
        int l = Math.min(LEVELS - 2, (int) at);
        double fl = at - l;
        int classes = light[0].length / 3;
        int c = (int) Math.min(classes - 1, height * classes);
        double[] lower = light[l];
        double[] upper = light[l + 1];
        int i = c * 3;
        page.glaze(
                x,
                y,
                lower[i] + (upper[i] - lower[i]) * fl,
                lower[i + 1] + (upper[i + 1] - lower[i + 1]) * fl,
                lower[i + 2] + (upper[i + 2] - lower[i + 2]) * fl,
                ground);
    }
}
