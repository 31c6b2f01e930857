package grastel.app.returns.page;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.judging.Proposal;

/**
 * A goal as it was proposed.
 *
 * @param exercise of the sheet, from 0
 * @param kind its kind's id
 * @param place among the page's marks
 * @param factor on the usual thresholds
 */
public record NewMark(int exercise, String kind, int place, Proposal proposal, GradeBand band, double factor) {
    /** True for a mark of the same goal of the same exercise. */
    public boolean isOf(GoalMark mark) {
        return mark.exercise() == exercise && mark.goal() == proposal.goal();
    }
}
