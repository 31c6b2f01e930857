package grastel.app.course;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.sheets.Sheets.Latest;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.ClassTime;
import grastel.core.planning.Lesson;
import grastel.core.planning.Logged;
import grastel.core.planning.PaceEvidence;
import grastel.core.planning.Schedule;
import grastel.core.planning.Skill;
import grastel.core.planning.Warning;
import grastel.core.planning.calendar.Period;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A class's course laid on its periods.
 *
 * @param revision of the course; 0 where there is none yet
 * @param lessons as they are kept
 * @param stages of each lesson, by its id
 * @param gives skills of each lesson, by its id
 * @param sheets of all lessons, by id
 * @param periods of the term, the cancelled ones too
 * @param log what was logged
 * @param attendance in the periods that were logged, by their keys
 * @param facts what the course is held against
 */
public record CourseSchedule(
        ClassInfo schoolClass,
        int revision,
        List<CourseData.LessonData> lessons,
        Map<String, Lesson> stages,
        Map<String, Set<Skill>> gives,
        Map<UUID, Latest> sheets,
        List<Period> periods,
        List<Logged> log,
        Map<LocalDateTime, Attendance> attendance,
        ClassFacts facts,
        PaceEvidence pace,
        ClassTime time,
        Schedule laid,
        List<Warning> warnings) {
    /** When a lesson begins; nothing where the term has no period for it. */
    public Optional<LocalDateTime> begins(UUID lesson) {
        return laid.periods().stream()
                .filter(p ->
                        p.pieces().stream().anyMatch(piece -> piece.lesson().equals(lesson.toString())))
                .map(p -> p.period().starts())
                .findFirst();
    }
}
