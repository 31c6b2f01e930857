package grastel.core.exercise;

/**
 * Something the plan cannot fully do, with its figures; words live with the interface.
 *
 * @param code what it is
 * @param field the field it concerns, or null for the whole sheet
 * @param asked the figure asked for
 * @param possible the nearest possible figure
 */
public record Feasibility(Code code, String field, double asked, double possible) {
    public enum Code {
        /** More steps than the pencil spans on this paper; figures are steps. */
        TOO_MANY_STEPS,
        /** The pencil makes no mark that is seen as a step on this paper; figures are steps. */
        NO_RANGE,
        /** No pressure and pass count comes within 2 L* of what is asked; figures are L*. */
        STEP_MISSED,
        /** Two neighbouring boxes get the same recipe; figures are L*. */
        SAME_RECIPE
    }
}
