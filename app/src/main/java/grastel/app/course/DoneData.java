package grastel.app.course;

import grastel.core.planning.Logged;
import grastel.core.planning.Logged.Done;
import grastel.core.planning.calendar.Period;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What was done in a period, as it is kept.
 *
 * @param version of this shape, 1
 * @param stages that were done
 * @param finished lessons that came to their end
 * @param absent students; empty in entries from before it was asked
 * @param note to remember; empty in entries from before it was asked
 */
record DoneData(int version, List<StageData> stages, Set<String> finished, Set<UUID> absent, String note) {
    static final int VERSION = 1;

    DoneData {
        absent = absent == null ? Set.of() : Set.copyOf(absent);
        note = note == null ? "" : note;
    }

    record StageData(@Nullable String lesson, @Nullable String stage) {}

    static DoneData of(List<Done> done, Set<String> finished, Set<UUID> absent, String note) {
        return new DoneData(
                VERSION,
                done.stream().map(d -> new StageData(d.lesson(), d.stage())).toList(),
                finished,
                absent,
                note);
    }

    Attendance attendance(Period period) {
        return new Attendance(period.starts(), absent, note);
    }

    Logged logged(Period period, boolean stopped) {
        return new Logged(
                period,
                stages.stream().map(s -> new Done(s.lesson(), s.stage())).collect(Collectors.toSet()),
                finished,
                stopped);
    }
}
