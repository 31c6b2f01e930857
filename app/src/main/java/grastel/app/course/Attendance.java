package grastel.app.course;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

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

    /** Who was away in a lesson on a day or since: what was printed then is to be caught up, not forgotten. */
    public static Set<UUID> awaySince(LocalDate day, Collection<Attendance> all) {
        return all.stream()
                .filter(a -> !a.starts().toLocalDate().isBefore(day))
                .flatMap(a -> a.absent().stream())
                .collect(Collectors.toSet());
    }
}
