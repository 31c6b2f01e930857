package grastel.core.progress;

import grastel.core.judging.Level;
import java.util.Comparator;
import java.util.List;

/**
 * What several goals come to together: the average of the weakest third of them. What is not there yet is not made up for by
 * what is. Skills and marks both follow this, so that they never contradict each other.
 */
final class LowestThird {
    private static final double PARTS = 3;

    /** @param weight above 0 */
    record Weighed(Level level, double weight) {}

    private LowestThird() {}

    /** 0…4. Of the goal at the border of the third the part inside counts. @param goals one at least */
    static double of(List<Weighed> goals) {
        double third = goals.stream().mapToDouble(Weighed::weight).sum() / PARTS;
        double left = third;
        double sum = 0;
        for (Weighed goal :
                goals.stream().sorted(Comparator.comparing(Weighed::level)).toList()) {
            double part = Math.min(left, goal.weight());
            sum += part * goal.level().ordinal();
            left -= part;
        }
        return sum / third;
    }
}
