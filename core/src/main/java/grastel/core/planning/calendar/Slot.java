package grastel.core.planning.calendar;

import java.time.DayOfWeek;
import java.time.LocalTime;

/**
 * A weekly meeting.
 *
 * @param starts local time
 * @param minutes from bell to bell, {@value #SHORTEST} … {@value #LONGEST}
 * @param room as the school calls it, may be empty
 * @param turn the weeks it falls in
 */
public record Slot(DayOfWeek day, LocalTime starts, int minutes, String room, Turn turn) {
    public static final int SHORTEST = 10;
    public static final int LONGEST = 300;

    public Slot {
        requireLength(minutes);
    }

    static void requireLength(int minutes) {
        if (minutes < SHORTEST || minutes > LONGEST) {
            throw new IllegalArgumentException(
                    "A period lasts " + SHORTEST + "…" + LONGEST + " minutes, asked for " + minutes);
        }
    }

    boolean overlaps(Slot other) {
        return day == other.day
                && turn.meets(other.turn)
                && startMinute() < other.endMinute()
                && other.startMinute() < endMinute();
    }

    private int startMinute() {
        return starts.toSecondOfDay() / 60;
    }

    /** From midnight; over 1440 where it runs past the day's end. */
    int endMinute() {
        return startMinute() + minutes;
    }
}
