package grastel.core.chart;

import grastel.core.chart.ChartPlan.Box;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.fit.LeastSquares;
import grastel.core.fit.LeastSquares.Found;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Fits pencils, paper, hands and pictures to the boxes of a chart, all together: least squares with priors, in rounds that
 * give odd boxes less weight (Cauchy's weights). Intervals are of 95 %.
 */
public final class ChartFit {
    /** A pencil with fewer boxes stays as it was thought to be. */
    public static final int FEWEST_BOXES = 2;

    private static final int ROUNDS = 3;
    private static final double INTERVAL = 1.96;
    /** Mean square of a box's differences at which it counts half, and from which it is named. */
    private static final double HALF_WEIGHT = 5;

    private static final double ODD = 9;
    /** An odd box is off by as much as an eye sees, ΔE00. */
    private static final double SEEN_OFF = 6;
    /** Another pencil explains a box where it is nearer by so much, ΔE00, and so near. */
    private static final double CLEARLY_NEARER = 5;

    private static final double NEAR = 6;
    /** Nothing was drawn where a box looks like paper, ΔE00: a straw laid lightly is off by its chroma, hardly by its L*. */
    private static final double BARE = 1;

    /** Hues that are further apart than this are not of one pencil, degrees; colours of less chroma have none. */
    private static final double OTHER_HUE = 35;

    private static final double HAS_HUE = 14;

    private ChartFit() {}

    /** A page as it was read. @param hand place of whoever filled it, from 0 */
    public record ReadPage(int hand, PageReading reading) {}

    /** @param plusMinus half width of its 95 % interval */
    public record Figure(double value, double plusMinus) {}

    /**
     * A pencil as it was found.
     *
     * @param row its place on the chart
     * @param colour half widths of the 95 % intervals of its masstone's L*, a* and b*
     * @param boxes that spoke for it
     */
    public record Fitted(
            int row, Pencil pencil, Spread colour, double hidingPlusMinus, double softnessPlusMinus, int boxes) {}

    /** Half widths of intervals of L*, a* and b*. */
    public record Spread(double lightness, double a, double b) {
        /** About how far the colour may be off, in units of L*. */
        public double mean() {
            return (lightness + a + b) / 3;
        }
    }

    /** How one person presses. @param grades whisper to full, 0…1; @param point 0 dull … 1 needle */
    public record Hand(List<Figure> grades, Figure point) {
        public Hand {
            grades = List.copyOf(grades);
        }
    }

    public enum Why {
        /** Nothing was drawn in it. */
        EMPTY,
        /** It looks like another pencil of the chart. */
        OTHER_PENCIL,
        /** It fits no pencil of the chart. */
        FITS_NONE
    }

    /** A box that was left out or hardly counted. @param like place of the pencil it looks like; −1 for none */
    public record OddBox(int page, String box, int row, Why why, int like) {}

    /**
     * @param pencils those that had boxes enough
     * @param hands of whoever filled a page, by their places
     * @param before mean ΔE00 of the boxes that count against what was thought of pencils, paper and hands
     * @param after the same as fitted
     * @param boxes how many count
     */
    public record Result(
            List<Fitted> pencils,
            Figure depth,
            Map<Integer, Hand> hands,
            double before,
            double after,
            int boxes,
            List<OddBox> odd) {
        public Result {
            pencils = List.copyOf(pencils);
            hands = Map.copyOf(hands);
            odd = List.copyOf(odd);
        }
    }

    /**
     * @param pages at least one, each once
     * @throws IllegalArgumentException where no box was filled
     */
    public static Result of(ChartPlan plan, Paper paper, List<ReadPage> pages) {
        Map<String, Box> byId = plan.boxes().stream().collect(Collectors.toMap(Box::id, Function.identity()));
        List<Integer> hands =
                pages.stream().map(ReadPage::hand).distinct().sorted().toList();
        Lab bare = paper.ground().toLab();
        List<SeenBox> seen = new ArrayList<>();
        List<OddBox> odd = new ArrayList<>();
        for (int page = 0; page < pages.size(); page++) {
            for (FieldReading read : pages.get(page).reading().fields()) {
                Box box = byId.get(read.field());
                if (box == null) {
                    continue;
                }
                if (ColourDifference.ciede2000(read.colour(), bare) < BARE && !isPale(plan, box)) {
                    odd.add(new OddBox(page, box.id(), box.row(), Why.EMPTY, -1));
                } else {
                    seen.add(SeenBox.of(page, hands.indexOf(pages.get(page).hand()), box, read));
                }
            }
        }
        if (seen.stream().allMatch(s -> isPale(plan, s.box()))) {
            throw new IllegalArgumentException("No box of the chart was filled");
        }
        return new Fitting(plan, paper, hands, pages.size(), seen, odd).result();
    }

    /** A white hardly shows on white paper. */
    private static boolean isPale(ChartPlan plan, Box box) {
        return box.row() == plan.white();
    }

    private static final class Fitting {
        private final ChartPlan plan;
        private final List<Integer> hands;
        private final List<SeenBox> seen;
        private final List<OddBox> odd;
        private final ChartModel model;
        private final double[] start;
        private final List<LeastSquares.Unknown> unknowns;

        Fitting(ChartPlan plan, Paper paper, List<Integer> hands, int pages, List<SeenBox> seen, List<OddBox> odd) {
            this.plan = plan;
            this.hands = hands;
            this.seen = seen;
            this.odd = odd;
            List<Pencil> starts = IntStream.range(0, plan.pencils().size())
                    .mapToObj(row -> start(plan.pencils().get(row), row))
                    .toList();
            this.model = new ChartModel(plan, starts, paper, seen, hands.size(), pages);
            this.unknowns = model.unknowns();
            this.start =
                    unknowns.stream().mapToDouble(LeastSquares.Unknown::start).toArray();
        }

        /** What is thought of a pencil; of one that nobody knows, a pencil of the colour it has where it is fullest. */
        private Pencil start(ChartPlan.Entry entry, int row) {
            return entry.thought() != null
                    ? entry.thought()
                    : Pencil.of(entry.code(), entry.name(), entry.binder(), fullest(row), 0.5, 1);
        }

        /** The colour of the fullest box, unless the two next agree that it is of another hue. */
        private Lab fullest(int row) {
            List<Lab> colours = seen.stream()
                    .filter(s -> s.box().row() == row
                            && ChartWork.PLAIN.contains(s.box().work()))
                    .sorted(Comparator.comparing((SeenBox s) -> s.box().work(), Comparator.reverseOrder()))
                    .map(SeenBox::colour)
                    .toList();
            if (colours.isEmpty()) {
                return new Lab(50, 0, 0);
            }
            boolean strays = colours.size() >= 3
                    && otherHue(colours.get(0), colours.get(1))
                    && otherHue(colours.get(0), colours.get(2))
                    && !otherHue(colours.get(1), colours.get(2));
            return colours.get(strays ? 1 : 0);
        }

        private static boolean otherHue(Lab one, Lab other) {
            double apart = Math.abs(one.hueDegrees() - other.hueDegrees());
            return one.chroma() > HAS_HUE && other.chroma() > HAS_HUE && Math.min(apart, 360 - apart) > OTHER_HUE;
        }

        Result result() {
            Found found = round(start, true);
            for (int round = 1; round < ROUNDS; round++) {
                found = round(found.at(), false);
            }
            double[] at = found.at();
            nameOdd(at);
            List<Integer> counting = counting();
            double[] fitted = at;
            List<Pencil> before = model.pencils(start);
            List<Pencil> after = model.pencils(at);
            return new Result(
                    fitted(found, counting),
                    depth(found),
                    handsOf(found),
                    counting.stream()
                            .mapToDouble(i -> off(i, start, before))
                            .average()
                            .orElse(0),
                    counting.stream()
                            .mapToDouble(i -> off(i, fitted, after))
                            .average()
                            .orElse(0),
                    counting.size(),
                    odd);
        }

        private Found round(double[] from, boolean first) {
            model.learnPressing(from);
            model.weigh(
                    first ? DoubleStream.generate(() -> 1).limit(seen.size()).toArray() : oddWeighLess(from));
            return LeastSquares.solve(unknowns, model);
        }

        private double[] oddWeighLess(double[] at) {
            return Arrays.stream(model.oddness(at))
                    .map(off -> 1 / (1 + off / HALF_WEIGHT))
                    .toArray();
        }

        private double off(int box, double[] at, List<Pencil> pencils) {
            return ColourDifference.ciede2000(seen.get(box).colour(), model.predicted(box, at, pencils));
        }

        private void nameOdd(double[] at) {
            double[] oddness = model.oddness(at);
            List<Pencil> pencils = model.pencils(at);
            for (int i = 0; i < oddness.length; i++) {
                double own = off(i, at, pencils);
                if (oddness[i] > ODD && own > SEEN_OFF) {
                    SeenBox s = seen.get(i);
                    int like = like(s, own, pencils, at);
                    odd.add(new OddBox(
                            s.page(), s.box().id(), s.box().row(), like < 0 ? Why.FITS_NONE : Why.OTHER_PENCIL, like));
                }
            }
        }

        /** The pencil whose box of the same work it resembles. */
        private int like(SeenBox odd, double own, List<Pencil> pencils, double[] at) {
            int like = -1;
            double least = Math.min(NEAR, own - CLEARLY_NEARER);
            for (int row = 0; row < pencils.size(); row++) {
                Lab would = model.predictedAs(odd, row, at, pencils);
                double off = ColourDifference.ciede2000(odd.colour(), would);
                if (row != odd.box().row() && off < least) {
                    least = off;
                    like = row;
                }
            }
            return like;
        }

        private List<Integer> counting() {
            return IntStream.range(0, seen.size())
                    .filter(i -> odd.stream()
                            .noneMatch(o -> o.page() == seen.get(i).page()
                                    && o.box().equals(seen.get(i).box().id())))
                    .boxed()
                    .toList();
        }

        private List<Fitted> fitted(Found found, List<Integer> counting) {
            List<Fitted> all = new ArrayList<>();
            for (int row = 0; row < plan.pencils().size(); row++) {
                int of = row;
                int boxes = (int) counting.stream()
                        .filter(i -> seen.get(i).box().row() == of
                                && ChartWork.PLAIN.contains(seen.get(i).box().work()))
                        .count();
                if (boxes >= FEWEST_BOXES) {
                    int at = ChartModel.OF_PENCIL * row;
                    all.add(new Fitted(
                            row,
                            model.pencil(found.at(), row),
                            new Spread(
                                    INTERVAL * found.deviation(at),
                                    INTERVAL * found.deviation(at + 1),
                                    INTERVAL * found.deviation(at + 2)),
                            INTERVAL * found.deviation(at + 3),
                            INTERVAL * found.deviation(at + 4),
                            boxes));
                }
            }
            return all;
        }

        private Figure depth(Found found) {
            double depth = model.paper(found.at()).tooth().depth();
            return new Figure(depth, INTERVAL * depth * found.deviation(model.depthAt()));
        }

        private Map<Integer, Hand> handsOf(Found found) {
            return IntStream.range(0, hands.size()).boxed().collect(Collectors.toMap(hands::get, h -> hand(found, h)));
        }

        private Hand hand(Found found, int hand) {
            HandFit fit = model.hand(found.at(), hand);
            int at = model.handAt(hand);
            List<Figure> grades = Arrays.stream(PressureGrade.values())
                    .map(g ->
                            new Figure(fit.pressure(g), INTERVAL * fit.pressure(g) * found.deviation(at + g.ordinal())))
                    .toList();
            return new Hand(grades, new Figure(fit.point(), INTERVAL * found.deviation(at + grades.size())));
        }
    }
}
