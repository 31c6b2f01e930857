package grastel.app.course;

import java.time.LocalDateTime;
import java.util.Set;
import java.util.UUID;

/**
 * Who was not there in a period, and what else there is to remember of it.
 *
 * @param starts when the period began
 * @param absent students
 * @param note what ran out, what went otherwise; empty where there is nothing
 */
public record Attendance(LocalDateTime starts, Set<UUID> absent, String note) {
    public static final int MOST_NOTE = 600;

    public Attendance {
        absent = Set.copyOf(absent);
    }
}
