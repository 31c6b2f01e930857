package grastel.core.planning.calendar;

/**
 * What cannot be in a timetable.
 *
 * @param where the part of it and its place, as {@code slots[2]}
 * @param other the part it collides with, or empty
 */
public record CalendarProblem(Kind kind, String where, String other) {
    public enum Kind {
        /** The term ends before it starts. */
        TERM_BACKWARDS,
        /** The term is longer than a year. */
        TERM_TOO_LONG,
        HOLIDAY_BACKWARDS,
        /** The holiday has no day in the term. */
        HOLIDAY_OUTSIDE,
        SLOTS_OVERLAP,
        /** The slot runs past midnight. */
        SLOT_PAST_MIDNIGHT,
        /** Two changes are about one period. */
        CHANGED_TWICE,
        /** There is no such period. */
        CHANGE_OF_NOTHING,
        /** Moved to or added on a day that is not in the term. */
        CHANGE_OUTSIDE,
        /** Two periods of the class are held at once. */
        HELD_AT_ONCE
    }

    static CalendarProblem of(Kind kind, String where) {
        return new CalendarProblem(kind, where, "");
    }
}
