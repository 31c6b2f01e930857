package grastel.core.planning.calendar;

import java.time.LocalDate;

/**
 * A run of days, both ends in it.
 *
 * @param name what they are, empty for none
 */
public record Dates(LocalDate from, LocalDate to, String name) {
    public boolean holds(LocalDate date) {
        return !date.isBefore(from) && !date.isAfter(to);
    }

    public boolean isBackwards() {
        return to.isBefore(from);
    }
}
