package grastel.core.planning;

import grastel.core.exercise.FieldWork.PictureWork;
import java.util.List;

/**
 * The smallest piece of a lesson.
 *
 * @param id unique in its lesson; that of work keeps as long as its sheet's fields do
 * @param kind what is done
 * @param part the field it works on, or {@link Part#NONE}
 * @param minutes at the usual pace of the class's band, ≥ 0
 * @param stop what follows from stopping after it
 * @param work pencils, areas and passes; empty where nobody draws
 */
public record Stage(String id, Kind kind, Part part, double minutes, Stop stop, List<PictureWork> work) {
    public enum Kind {
        /** The teacher shows and explains. */
        SHOW,
        WORK,
        /** Dissolving, and leaving it to dry. */
        DISSOLVE,
        LOOK_TOGETHER
    }

    /**
     * Where work is done, in the plan's own words.
     *
     * @param sheet place of the sheet in the lesson, from 0
     * @param exercise place of the exercise on the sheet, from 0
     * @param field id of the field, empty for all of the exercise
     */
    public record Part(int sheet, int exercise, String field, String group, String label) {
        public static final Part NONE = new Part(-1, -1, "", "", "");
    }

    public Stage {
        if (!(minutes >= 0 && minutes < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException("Stage " + id + " lasts 0 minutes or more, was " + minutes);
        }
        work = List.copyOf(work);
    }

    /** Whether it takes a slow class longer. */
    public boolean isPaced() {
        return kind == Kind.WORK || kind == Kind.DISSOLVE;
    }

    Stage stoppingWith(Stop other) {
        return new Stage(id, kind, part, minutes, other, work);
    }
}
