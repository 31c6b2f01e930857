package grastel.core.planning;

import grastel.core.planning.calendar.Period;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What really happened in a period.
 *
 * @param period as it was held; it stays, whatever becomes of the timetable
 * @param done stages that were done in it; none where it did not happen
 * @param finished lessons that came to their end in it, whatever stages they have now
 * @param stopped true where time ran out there; false where there may have been time left
 */
public record Logged(Period period, Set<Done> done, Set<String> finished, boolean stopped) {
    public Logged {
        done = Set.copyOf(done);
        finished = Set.copyOf(finished);
    }

    /** A stage of a lesson, by their ids. */
    public record Done(@Nullable String lesson, @Nullable String stage) {}
}
