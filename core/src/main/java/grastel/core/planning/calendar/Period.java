package grastel.core.planning.calendar;

import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * One meeting of a class.
 *
 * @param key when the timetable has it; stays when it is moved
 * @param starts when it is held, local time of the school
 * @param minutes from bell to bell
 * @param state whether it is as every week
 */
public record Period(LocalDateTime key, LocalDateTime starts, int minutes, String room, State state)
        implements Comparable<Period> {
    public enum State {
        USUAL,
        MOVED,
        RESIZED,
        EXTRA,
        CANCELLED
    }

    public LocalDate date() {
        return starts.toLocalDate();
    }

    public LocalDateTime ends() {
        return starts.plusMinutes(minutes);
    }

    public boolean isHeld() {
        return state != State.CANCELLED;
    }

    /** By when they are held. */
    @Override
    public int compareTo(Period other) {
        int byStart = starts.compareTo(other.starts);
        return byStart == 0 ? key.compareTo(other.key) : byStart;
    }
}
