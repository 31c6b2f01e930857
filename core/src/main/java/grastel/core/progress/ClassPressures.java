package grastel.core.progress;

import grastel.core.fit.LeastSquares;
import grastel.core.fit.LeastSquares.Found;
import grastel.core.fit.LeastSquares.Unknown;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How hard a class presses at each grade, from the boxes of its pressure scales, by least squares. What no box tells of stays
 * as it is taught; what a pencil is off from what is thought of it is found beside, so that it does not pass for pressure.
 *
 * @param plusMinus half width of each pressure's 95 % interval, a share of full force; where no box tells it is that of the prior
 * @param boxes of each grade that it rests on
 */
public record ClassPressures(Pressures pressures, List<Double> plusMinus, List<Integer> boxes) {
    /** Of the logarithm of a class's pressure: a third more or less than taught is common. */
    private static final double PRIOR_SPREAD = 0.3;

    /** How far predictions are off for all boxes of a pencil alike, as it is known, L*. */
    private static final double PENCIL_ERROR = 2;

    /** And for one box beside that. */
    private static final double BOX_ERROR = 1;

    /** From student to student, L*: what is thought where a few boxes cannot tell. */
    private static final double SCATTER = 4;

    /** Of the spread of a median over that of a mean, for many normal values. */
    private static final double MEDIAN = 1.25;

    private static final int GRADES = PressureGrade.values().length;
    private static final double MOST_OFF = 10;
    private static final double NORMAL_95 = 1.96;
    private static final double SOFTEST = Math.log(0.02);

    public ClassPressures {
        plusMinus = List.copyOf(plusMinus);
        boxes = List.copyOf(boxes);
    }

    /** A box that one pencil alone was laid in. @param lightness read, L* */
    public record Box(Pencil pencil, Paper paper, PressureGrade grade, int passes, double lightness) {}

    private record Asked(Pencil pencil, Paper paper, PressureGrade grade, int passes) {
        double lightness(double pressure) {
            Pass pass = new Pass(pencil, pressure, Pass.USUAL_POINT, Stroke.CIRCLES);
            return Swatch.bare(paper).with(pass, passes).colour().lightness();
        }
    }

    /** What students made of one box. @param error of the class's middle against the prediction, L* */
    private record Made(Asked asked, double lightness, double error, int boxes) {
        /** In standard deviations. @param x logarithms of pressures by grade, then what each pencil is off */
        double off(double[] x, int pencil) {
            double predicted = asked.lightness(Math.exp(x[asked.grade().ordinal()])) + x[GRADES + pencil];
            return (predicted - lightness) / error;
        }
    }

    public static ClassPressures of(List<Box> boxes) {
        Map<Asked, List<Double>> byBox = new LinkedHashMap<>();
        for (Box b : boxes) {
            byBox.computeIfAbsent(new Asked(b.pencil(), b.paper(), b.grade(), b.passes()), a -> new ArrayList<>())
                    .add(b.lightness());
        }
        List<Made> made = byBox.entrySet().stream()
                .map(e -> made(e.getKey(), e.getValue()))
                .toList();
        List<Pencil> pencils =
                made.stream().map(m -> m.asked().pencil()).distinct().toList();
        List<Unknown> unknowns = new ArrayList<>();
        for (PressureGrade grade : PressureGrade.values()) {
            unknowns.add(new Unknown(Math.log(grade.pressure()), PRIOR_SPREAD, SOFTEST, 0));
        }
        pencils.forEach(p -> unknowns.add(new Unknown(0, PENCIL_ERROR, -MOST_OFF, MOST_OFF)));
        Found found = LeastSquares.solve(
                unknowns,
                x -> made.stream()
                        .mapToDouble(m -> m.off(x, pencils.indexOf(m.asked().pencil())))
                        .toArray());
        List<Double> pressures = rising(Arrays.copyOf(found.at(), GRADES));
        return new ClassPressures(
                new Pressures(pressures),
                IntStream.range(0, pressures.size())
                        .mapToObj(g -> pressures.get(g) * NORMAL_95 * found.deviation(g))
                        .toList(),
                Stream.of(PressureGrade.values())
                        .map(g -> made.stream()
                                .filter(m -> m.asked().grade() == g)
                                .mapToInt(Made::boxes)
                                .sum())
                        .toList());
    }

    /** The middle one of a class, which a few odd hands do not move. */
    private static Made made(Asked asked, List<Double> lightnesses) {
        double[] sorted =
                lightnesses.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double middle = median(sorted);
        double[] off =
                Arrays.stream(sorted).map(l -> Math.abs(l - middle)).sorted().toArray();
        double spread = Math.max(SCATTER, 1.4826 * median(off));
        return new Made(
                asked, middle, Math.hypot(BOX_ERROR, MEDIAN * spread / Math.sqrt(sorted.length)), sorted.length);
    }

    private static double median(double[] sorted) {
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }

    /** Nobody presses a harder grade softer: where boxes say so it is by chance. */
    private static List<Double> rising(double[] logarithms) {
        List<Double> rising = new ArrayList<>();
        double before = 0;
        for (double one : logarithms) {
            before = Math.max(before, Math.exp(one));
            rising.add(Math.min(1, before));
        }
        return rising;
    }
}
