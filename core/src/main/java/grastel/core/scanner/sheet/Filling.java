package grastel.core.scanner.sheet;

import grastel.core.colour.LinearRgb;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.picture.Grain;
import grastel.core.layering.picture.ToothField;
import grastel.core.media.Paper;
import grastel.core.page.Rect;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/** Fills one field as a hand would: pressure wanders, the point is what it is, the edge is kept or not. */
public final class Filling {
    /** Shares of the asked pressure between which the film is computed; others are interpolated. */
    private static final int LEVELS = 24;
    /** Fewer for strips, which need them at every station. */
    private static final int STRIP_LEVELS = 6;

    private static final double HAND_SCALE_MM = 4.5;
    private static final double EDGE_SCALE_MM = 3;
    private static final double MIDDLE_PRESSURE = 0.4;

    private static final double CLOUD_SCALE_MM = 2.2;

    private final Paper paper;
    /** Swing of the pressure that does what a swing in how the paper takes colour does, over some millimetres, relative. */
    private final double cloud;

    private final Grain clouds;
    private final long seed;
    private final LinearRgb ground;

    public Filling(Paper paper, double cloud, long seed) {
        this.paper = paper;
        this.cloud = cloud / Pass.PRESSURE_EXPONENT;
        this.clouds = new Grain(seed ^ 0xC10D5L, CLOUD_SCALE_MM);
        this.seed = seed;
        this.ground = LinearRgb.of(paper.ground().toXyz());
    }

    /** @return where along a strip the pressure was let go, as a share of its length; NaN where nowhere */
    public double fill(FlatPage page, Region region, FieldTask task, Hand hand, RandomGenerator random) {
        FieldTask.Drawing drawing = task.drawing().by(hand, seed);
        ToothField tooth = new ToothField(seed, paper.tooth().grainMm(), stroke(task), hand.swing());
        double scatter = 1 + hand.pressureScatter() * random.nextGaussian();
        double least = Math.max(0, (1 - 3 * (hand.patchiness() + cloud)) * drawing.leastPressure() - hand.band());
        double most = (1 + 3 * (hand.patchiness() + cloud)) * drawing.mostPressure();
        Films films = new Films(task, hand, scatter, least, most);
        Grain wander = new Grain(random.nextLong(), HAND_SCALE_MM);
        Grain edge = new Grain(random.nextLong(), EDGE_SCALE_MM);
        Rect bounds = region.bounds();
        Rect reach = bounds.inset(-hand.overshootMm() - 0.5);
        int x0 = (int) Math.max(0, reach.x() * page.pxPerMm);
        int x1 = (int) Math.min(page.width, reach.right() * page.pxPerMm);
        int y0 = (int) Math.max(0, reach.y() * page.pxPerMm);
        int y1 = (int) Math.min(page.height, reach.bottom() * page.pxPerMm);
        double band = task.isStrip() && hand.band() > 0 ? random.nextDouble(0.2, 0.7) : Double.NaN;
        double step = 1 / page.pxPerMm;
        double left = (x0 + 0.5) * step;
        IntStream.range(y0, y1).parallel().forEach(y -> {
            double mmY = (y + 0.5) * step;
            int[] tones = new int[Math.max(0, x1 - x0)];
            double[] wandering = new double[tones.length];
            double[] straying = wandering.clone();
            double[] clouded = wandering.clone();
            tooth.tones(left, step, mmY, tones);
            wander.row(left, step, mmY, wandering);
            edge.row(left, step, mmY, straying);
            if (cloud > 0) {
                clouds.row(left, step, mmY, clouded);
            }
            double down = (mmY - bounds.y()) / bounds.height();
            double[] light = new double[3];
            for (int i = 0; i < tones.length; i++) {
                double mmX = left + i * step;
                if (region.outside(mmX, mmY) > stray(hand, straying[i])) {
                    continue;
                }
                double here = 1 + hand.patchiness() * (wandering[i] - 0.5) * 6;
                if (cloud > 0) {
                    here += cloud * (clouded[i] - 0.5) * 6;
                }
                double along = (mmX - bounds.x()) / bounds.width();
                if (along > band) {
                    here *= 1 - hand.band();
                }
                here *= drawing.pressure(along, down);
                double level = most > least ? (Math.min(most, Math.max(least, here)) - least) / (most - least) : 0;
                films.light(drawing.tone(along, down), level, tones[i], light);
                page.glaze(x0 + i, y, light[0], light[1], light[2], ground);
            }
        });
        return band;
    }

    /** That of the last colour laid: it lies on top. */
    private static Stroke stroke(FieldTask task) {
        Stroke stroke = Stroke.CIRCLES;
        for (Layer layer : task.along().get(task.along().size() / 2)) {
            if (layer instanceof Layer.Colour colour) {
                stroke = colour.pass().stroke();
            }
        }
        return stroke;
    }

    /** How far over the edge the hand goes here: mostly to the line, in places beyond it. */
    private static double stray(Hand hand, double noise) {
        return hand.overshootMm() * Math.max(0, noise - 0.55) / 0.3;
    }

    /** Light of the filled field by place along it, share of the pressure, and tone of the grain. */
    private final class Films {
        /** [station][level][tone of the grain · 3 + channel] */
        private final double[][][] light;

        Films(FieldTask task, Hand hand, double scatter, double least, double most) {
            List<List<Layer>> along = task.along();
            int levels = along.size() == 1 ? LEVELS : STRIP_LEVELS;
            light = new double[along.size()][levels][];
            for (int station = 0; station < along.size(); station++) {
                for (int level = 0; level < levels; level++) {
                    double share = least + (most - least) * level / (levels - 1);
                    light[station][level] = light(along.get(station), hand, scatter * share);
                }
            }
        }

        private double[] light(List<Layer> layers, Hand hand, double share) {
            Swatch swatch = Swatch.bare(paper);
            for (Layer layer : layers) {
                swatch = swatch.with(drawn(layer, hand, share));
            }
            return swatch.grainLight().tones();
        }

        private Layer drawn(Layer layer, Hand hand, double share) {
            if (!(layer instanceof Layer.Colour colour)) {
                return layer;
            }
            Pass asked = colour.pass();
            double middled = asked.pressure() + (MIDDLE_PRESSURE - asked.pressure()) * hand.rangeShrink();
            double pressure = Math.min(1, Math.max(0.02, middled * hand.pressureFactor() * share));
            double point = Math.min(1, asked.point() * hand.pointKept());
            return new Layer.Colour(new Pass(asked.pencil(), pressure, point, asked.stroke()), colour.passes());
        }

        /** Between stations and levels, straight. */
        void light(double tone, double level, int grain, double[] into) {
            double s = Math.min(light.length - 1.0, Math.max(0, tone));
            int station = (int) Math.max(0, Math.min(light.length - 2.0, s));
            int next = Math.min(light.length - 1, station + 1);
            double share = s - station;
            int levels = light[0].length;
            double at = level * (levels - 1);
            int l = Math.min(levels - 2, (int) at);
            double fl = at - l;
            int i = 3 * grain;
            for (int c = 0; c < 3; c++) {
                double here = between(light[station][l][i + c], light[station][l + 1][i + c], fl);
                double there = between(light[next][l][i + c], light[next][l + 1][i + c], fl);
                into[c] = between(here, there, share);
            }
        }

        private static double between(double one, double other, double share) {
            return one + (other - one) * share;
        }
    }
}
