package grastel.core.chart;

import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import java.util.Arrays;

/**
 * How one person presses.
 *
 * @param pressures of the five grades in their order, 0…1
 * @param point how sharp the pencils were kept, 0 dull … 1 needle
 */
record HandFit(double[] pressures, double point) {
    /** As classes are taught, with the point that recipes ask for. */
    static final HandFit TAUGHT = new HandFit(
            Arrays.stream(PressureGrade.values())
                    .mapToDouble(PressureGrade::pressure)
                    .toArray(),
            Pass.USUAL_POINT);

    double pressure(PressureGrade grade) {
        return pressures[grade.ordinal()];
    }

    /** The same with every pressure times so much. */
    HandFit pressing(double times) {
        return new HandFit(
                Arrays.stream(pressures).map(p -> Math.min(1, p * times)).toArray(), point);
    }
}
