package grastel.core.chart;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.MovedReflectance;
import grastel.core.fit.LeastSquares;
import grastel.core.fit.LeastSquares.Unknown;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a chart's boxes look like by what its pencils, its paper, the hands and the pictures are. Unknown are of every pencil
 * masstone, hiding and softness; the paper's depth; of every hand its five pressures and its point; of every picture a veil
 * of light, an exponent, a contrast and how strong it makes colours, by which its colours are off all alike. How much paper still shows
 * is not used: what counts as paper in a picture is not what the model counts, and masstones came out 2 L* too dark by it.
 */
final class ChartModel implements LeastSquares.Model {
    static final int OF_PENCIL = 5;
    private static final int GRADES = PressureGrade.values().length;
    private static final int OF_HAND = GRADES + 1;
    private static final int OF_PAGE = 4;
    private static final int FIGURES = 3;

    /** How far pencils are from what is thought of them, in each of L*, a* and b*; and where nobody knows them. */
    private static final double THOUGHT_SPREAD = 5;

    private static final double UNKNOWN_SPREAD = 12;
    private static final double HIDING_SPREAD = 0.25;
    private static final double SOFTNESS_SPREAD = 0.35;
    private static final double DEPTH_SPREAD = 0.3;
    /** Of the logarithm of a pressure. */
    private static final double PRESSURE_SPREAD = 0.3;

    private static final double POINT_SPREAD = 0.25;
    private static final double VEIL_SPREAD = 0.008;
    private static final double EXPONENT_SPREAD = 0.02;
    /** Middles pulled apart by so much, in codes of 0…1. */
    private static final double CONTRAST_SPREAD = 0.03;

    /** Cameras make colours stronger or weaker by so much, relative. */
    private static final double STRENGTH_SPREAD = 0.04;

    /** From box to box a hand presses so much harder or softer than it does on the whole, relative standard deviation. */
    private static final double PRESSURE_SCATTER = 0.08;

    private final ChartPlan plan;
    private final List<Pencil> starts;
    private final Paper paper;
    private final LinearRgb ground;
    private final List<SeenBox> boxes;
    private final int hands;
    private final int pages;
    /** 1 for a box that is as the others, less for one that is odd. */
    private final double[] weights;
    /** What more pressure would change in each box, in standard deviations of its figures. */
    private final double[][] pressing;

    /** Where differences were last asked for, and the pencils there. */
    private double[] last = {};

    private List<Pencil> lastPencils = List.of();

    /** @param starts the pencils as they are thought to be, or as they look where nobody knows */
    ChartModel(ChartPlan plan, List<Pencil> starts, Paper paper, List<SeenBox> boxes, int hands, int pages) {
        this.plan = plan;
        this.starts = starts;
        this.paper = paper;
        this.ground = LinearRgb.of(paper.ground().toXyz());
        this.boxes = boxes;
        this.hands = hands;
        this.pages = pages;
        this.weights = new double[boxes.size()];
        this.pressing = new double[boxes.size()][FIGURES];
        Arrays.fill(weights, 1);
    }

    List<Unknown> unknowns() {
        List<Unknown> all = new ArrayList<>();
        for (int row = 0; row < starts.size(); row++) {
            Lab m = starts.get(row).masstone().toLab();
            double spread = plan.pencils().get(row).thought() == null ? UNKNOWN_SPREAD : THOUGHT_SPREAD;
            all.add(new Unknown(m.lightness(), spread, 3, 98));
            all.add(new Unknown(m.a(), spread, -110, 110));
            all.add(new Unknown(m.b(), spread, -110, 110));
            all.add(new Unknown(starts.get(row).hiding(), HIDING_SPREAD, 0, 1));
            all.add(new Unknown(starts.get(row).softness(), SOFTNESS_SPREAD, Pencil.HARDEST, Pencil.SOFTEST));
        }
        all.add(new Unknown(Math.log(paper.tooth().depth()), DEPTH_SPREAD, Math.log(0.12), Math.log(3.9)));
        for (int hand = 0; hand < hands; hand++) {
            for (PressureGrade grade : PressureGrade.values()) {
                all.add(new Unknown(Math.log(grade.pressure()), PRESSURE_SPREAD, Math.log(0.02), 0));
            }
            all.add(new Unknown(HandFit.TAUGHT.point(), POINT_SPREAD, 0.02, 1));
        }
        for (int page = 0; page < pages; page++) {
            all.add(new Unknown(0, VEIL_SPREAD, -0.03, 0.06));
            all.add(new Unknown(1, EXPONENT_SPREAD, 0.85, 1.15));
            all.add(new Unknown(0, CONTRAST_SPREAD, -0.1, 0.1));
            all.add(new Unknown(1, STRENGTH_SPREAD, 0.8, 1.25));
        }
        return all;
    }

    int depthAt() {
        return OF_PENCIL * starts.size();
    }

    int handAt(int hand) {
        return depthAt() + 1 + OF_HAND * hand;
    }

    private int pageAt(int page) {
        return handAt(hands) + OF_PAGE * page;
    }

    Pencil pencil(double[] x, int row) {
        int at = OF_PENCIL * row;
        Pencil start = starts.get(row);
        return start.measuredAs(
                MovedReflectance.of(start.masstone(), new Lab(x[at], x[at + 1], x[at + 2])), x[at + 3], x[at + 4]);
    }

    List<Pencil> pencils(double[] x) {
        return IntStream.range(0, starts.size())
                .parallel()
                .mapToObj(row -> pencil(x, row))
                .toList();
    }

    Paper paper(double[] x) {
        double depth = Math.exp(x[depthAt()]);
        return new Paper(
                paper.name(), paper.ground(), new Tooth(depth, paper.tooth().grainMm()));
    }

    HandFit hand(double[] x, int hand) {
        int at = handAt(hand);
        return new HandFit(Arrays.stream(x, at, at + GRADES).map(Math::exp).toArray(), x[at + GRADES]);
    }

    @Override
    public double[] differences(double[] x) {
        List<Pencil> pencils = pencils(x);
        last = x.clone();
        lastPencils = pencils;
        Paper on = paper(x);
        double[] all = new double[FIGURES * boxes.size()];
        IntStream.range(0, boxes.size()).parallel().forEach(i -> put(all, i, x, pencils, on));
        return all;
    }

    @Override
    public double[] differences(double[] x, int moved, double[] before) {
        List<Pencil> pencils = movedPencils(x, moved);
        Paper on = paper(x);
        double[] all = before.clone();
        IntStream.range(0, boxes.size())
                .parallel()
                .filter(i -> depends(boxes.get(i), moved))
                .forEach(i -> put(all, i, x, pencils, on));
        return all;
    }

    /** The last ones, where only one unknown is another. */
    private List<Pencil> movedPencils(double[] x, int moved) {
        for (int j = 0; j < depthAt(); j++) {
            if (j != moved && (last.length == 0 || last[j] != x[j])) {
                return pencils(x);
            }
        }
        if (moved >= depthAt()) {
            return lastPencils;
        }
        List<Pencil> pencils = new ArrayList<>(lastPencils);
        pencils.set(moved / OF_PENCIL, pencil(x, moved / OF_PENCIL));
        return pencils;
    }

    private boolean depends(SeenBox seen, int unknown) {
        boolean overDark = seen.box().work() == ChartWork.OVER_DARK;
        if (unknown < depthAt()) {
            int row = unknown / OF_PENCIL;
            return row == seen.box().row() || overDark && row == plan.pressed();
        }
        if (unknown == depthAt()) {
            return true;
        }
        if (unknown < handAt(hands)) {
            int of = unknown - handAt(seen.hand());
            return of == seen.box().work().grade().ordinal()
                    || seen.box().work() == ChartWork.OVER_DARK && of == PressureGrade.MEDIUM.ordinal()
                    || of == GRADES;
        }
        int of = unknown - pageAt(seen.page());
        return of >= 0 && of < OF_PAGE;
    }

    private void put(double[] all, int i, double[] x, List<Pencil> pencils, Paper on) {
        SeenBox seen = boxes.get(i);
        double[] off = off(seen, predicted(seen, x, pencils, on, hand(x, seen.hand())));
        double weight = Math.sqrt(weights[i]);
        double[] pressed = pressing[i];
        double length = norm(pressed);
        double along = 0;
        for (int k = 0; k < FIGURES; k++) {
            along += length == 0 ? 0 : off[k] * pressed[k] / length;
        }
        // what a box is off along the way that pressure moves it counts less: hands scatter so
        double less = 1 - 1 / Math.sqrt(1 + length * length);
        for (int k = 0; k < FIGURES; k++) {
            double own = off[k] - (length == 0 ? 0 : less * along * pressed[k] / length);
            all[FIGURES * i + k] = weight * own;
        }
    }

    /** Differences in standard deviations of the reading alone. */
    private static double[] off(SeenBox seen, Lab colour) {
        double e = seen.error();
        return new double[] {
            (colour.lightness() - seen.colour().lightness()) / e,
            (colour.a() - seen.colour().a()) / e,
            (colour.b() - seen.colour().b()) / e
        };
    }

    private static double norm(double[] v) {
        double sum = 0;
        for (double one : v) {
            sum += one * one;
        }
        return Math.sqrt(sum);
    }

    private Lab predicted(SeenBox seen, double[] x, List<Pencil> pencils, Paper on, HandFit hand) {
        ChartWork work = seen.box().work();
        Swatch swatch = Swatch.bare(on);
        for (Layer layer : work.layers(pencils.get(seen.box().row()), plan.other(work, pencils), hand)) {
            swatch = swatch.with(layer);
        }
        int at = pageAt(seen.page());
        return pictured(swatch.colour(), Arrays.copyOfRange(x, at, at + OF_PAGE));
    }

    /** The colour of a box as these unknowns have it, in the picture it was seen in. */
    Lab predicted(int box, double[] x, List<Pencil> pencils) {
        SeenBox seen = boxes.get(box);
        return predicted(seen, x, pencils, paper(x), hand(x, seen.hand()));
    }

    /** What a box would look like had it been done with the pencil of another row. */
    Lab predictedAs(SeenBox seen, int row, double[] x, List<Pencil> pencils) {
        return predicted(seen.as(row), x, pencils, paper(x), hand(x, seen.hand()));
    }

    /** What a picture makes of a colour, relative to its paper; what lies outside its colours lies at their edge. */
    private Lab pictured(Lab colour, double[] picture) {
        LinearRgb light = LinearRgb.of(colour.toXyz());
        Lab seen = Lab.of(new LinearRgb(
                        pictured(light.red() / ground.red(), picture) * ground.red(),
                        pictured(light.green() / ground.green(), picture) * ground.green(),
                        pictured(light.blue() / ground.blue(), picture) * ground.blue())
                .toXyz());
        double strength = picture[3];
        return new Lab(seen.lightness(), strength * seen.a(), strength * seen.b());
    }

    /** @param share of the paper's light; a clear yellow gives back more red than white paper does */
    private static double pictured(double share, double[] picture) {
        double veil = picture[0];
        double veiled = Math.max(0, veil + (1 - veil) * Math.max(0, share));
        if (veiled >= 1) {
            return veiled;
        }
        double code = Math.pow(LinearRgb.encode(veiled), picture[1]);
        return LinearRgb.decode(Math.max(0, code - picture[2] * Math.sin(2 * Math.PI * code)));
    }

    /** Learns how much each box would change under another pressure, near these unknowns. */
    void learnPressing(double[] x) {
        List<Pencil> pencils = pencils(x);
        Paper on = paper(x);
        IntStream.range(0, boxes.size()).parallel().forEach(i -> {
            SeenBox seen = boxes.get(i);
            HandFit hand = hand(x, seen.hand());
            double[] there = off(seen, predicted(seen, x, pencils, on, hand.pressing(1 - PRESSURE_SCATTER)));
            double[] here = off(seen, predicted(seen, x, pencils, on, hand));
            for (int k = 0; k < FIGURES; k++) {
                pressing[i][k] = there[k] - here[k];
            }
        });
    }

    /** Mean square of each box's differences, which is about 1 for one that is as the others. */
    double[] oddness(double[] x) {
        Arrays.fill(weights, 1);
        double[] all = differences(x);
        double[] odd = new double[boxes.size()];
        for (int i = 0; i < all.length; i++) {
            odd[i / FIGURES] += all[i] * all[i] / FIGURES;
        }
        return odd;
    }

    void weigh(double[] newWeights) {
        System.arraycopy(newWeights, 0, weights, 0, weights.length);
    }
}
