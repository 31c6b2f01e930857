package grastel.core.planning.calendar;

/** Weeks of a timetable that takes turns. */
public enum Turn {
    EVERY,
    A,
    B;

    /** True where both can fall in one week. */
    boolean meets(Turn other) {
        return this == EVERY || other == EVERY || this == other;
    }

    Turn next() {
        return this == A ? B : A;
    }
}
