package grastel.core.judging;

import grastel.core.reading.fields.Measured;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Measures of a set of boxes that should step from one value to another.
 *
 * @param steps L* from each box to the next for each step that was asked between them, positive in the asked direction
 * @param smallestStep least of them, L*; negative where the order is reversed
 * @param smallestAt index of the box that the smallest step leads to
 * @param spread standard deviation of the steps, % of their mean; 999 where the mean is not positive
 * @param rangeUsed distance of the lightest box from the darkest, % of what the pencil can do
 * @param darkHalfMean mean step among the darker half of the steps, L*
 * @param lightHalfMean mean step among the lighter half, L*
 */
public record StepScale(
        List<Double> steps,
        Measured smallestStep,
        int smallestAt,
        Measured spread,
        Measured rangeUsed,
        double darkHalfMean,
        double lightHalfMean) {
    private static final double NO_SPREAD = 999;

    /** A box of the set. @param place in the set as it was asked, from 0: boxes left empty count */
    public record Step(int place, Measured lightness) {}

    public StepScale {
        steps = List.copyOf(steps);
    }

    /**
     * @param boxes at least two boxes in the order of the sheet
     * @param darkening true if they were asked from light to dark
     * @param reach L* between the lightest and darkest mark the pencil makes here, positive
     */
    public static StepScale of(List<Step> boxes, boolean darkening, double reach) {
        if (boxes.size() < 2) {
            throw new IllegalArgumentException("Steps need two boxes, given " + boxes.size());
        }
        List<Double> steps = new ArrayList<>();
        int smallestAt = 1;
        for (int i = 1; i < boxes.size(); i++) {
            Step before = boxes.get(i - 1);
            Step here = boxes.get(i);
            double down = (before.lightness().value() - here.lightness().value()) / (here.place() - before.place());
            steps.add(darkening ? down : -down);
            if (steps.get(i - 1) < steps.get(smallestAt - 1)) {
                smallestAt = i;
            }
        }
        double error = stepError(boxes);
        Step light = boxes.stream()
                .max(Comparator.comparingDouble(b -> b.lightness().value()))
                .orElseThrow();
        Step dark = boxes.stream()
                .min(Comparator.comparingDouble(b -> b.lightness().value()))
                .orElseThrow();
        double mean = steps.stream().mapToDouble(s -> s).average().orElseThrow();
        double deviation = Math.sqrt(steps.stream()
                .mapToDouble(s -> (s - mean) * (s - mean))
                .average()
                .orElseThrow());
        double spread = mean > 0 ? Math.min(NO_SPREAD, 100 * deviation / mean) : NO_SPREAD;
        double range = light.lightness().value() - dark.lightness().value();
        int half = (steps.size() + 1) / 2;
        List<Double> first = steps.subList(0, half);
        List<Double> last = steps.subList(steps.size() - half, steps.size());
        return new StepScale(
                steps,
                new Measured(steps.get(smallestAt - 1), error),
                smallestAt,
                new Measured(spread, mean > 0 ? Math.min(NO_SPREAD, 100 * error / mean) : 0),
                new Measured(100 * range / reach, 100 * light.lightness().apart(dark.lightness()) / reach),
                mean(darkening ? last : first),
                mean(darkening ? first : last));
    }

    /** The light's error is shared by neighbours, so a step is surer than two single values: half of it is counted. */
    private static double stepError(List<Step> boxes) {
        double sum = 0;
        for (int i = 1; i < boxes.size(); i++) {
            sum += boxes.get(i).lightness().apart(boxes.get(i - 1).lightness()) / 2;
        }
        return sum / (boxes.size() - 1);
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElse(0);
    }
}
