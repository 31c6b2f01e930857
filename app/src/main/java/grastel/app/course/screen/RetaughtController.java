package grastel.app.course.screen;

import grastel.app.course.CourseData.LessonData;
import grastel.app.course.CourseSchedule;
import grastel.app.course.Courses;
import grastel.app.progress.Progress;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.planning.Skill;
import grastel.core.progress.Reteaching;
import grastel.core.progress.Reteaching.Figure;
import grastel.core.progress.StudentRecord;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What lessons that taught something once more have changed. */
@RestController
@RequestMapping("/api/courses/{schoolClass}/retaught")
class RetaughtController {
    private final Courses courses;
    private final Progress progress;
    private final Clock clock;

    RetaughtController(Courses courses, Progress progress, Clock clock) {
        this.courses = courses;
        this.progress = progress;
        this.clock = clock;
    }

    /** @param before and after mean figures of students who were below secure in the goal, in its unit */
    record RetaughtGoalView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull int students,
            @NotNull double before,
            @NotNull double after) {}

    /**
     * @param students who were below secure before it and have shown the skill since
     * @param before and after their mean levels, 0…4; null where nobody has shown it since
     * @param secure how many of them are at 3 or more after it
     */
    record RetaughtView(
            @NotNull UUID lesson,
            @NotNull String title,
            @NotNull Skill skill,
            @NotNull LocalDateTime starts,
            @NotNull int students,
            @Nullable Double before,
            @Nullable Double after,
            @NotNull int secure,
            @NotNull List<RetaughtGoalView> goals) {}

    /** Lessons that have begun and taught a skill once more, the last one first. */
    @GetMapping
    List<RetaughtView> of(@PathVariable UUID schoolClass) {
        CourseSchedule lane = courses.one(schoolClass);
        List<Began> again = lane.lessons().stream()
                .filter(l -> l.again() != null)
                .flatMap(l -> began(lane, l).stream())
                .sorted((one, other) -> other.starts().compareTo(one.starts()))
                .toList();
        Collection<StudentRecord> records = again.isEmpty()
                ? List.of()
                : progress.ofClass(lane.schoolClass()).byStudent().values();
        return again.stream().map(b -> view(b, records)).toList();
    }

    private record Began(LessonData lesson, LocalDateTime starts) {}

    private Optional<Began> began(CourseSchedule lane, LessonData lesson) {
        LocalDateTime now = LocalDateTime.now(clock);
        return lane.begins(lesson.id()).filter(starts -> starts.isBefore(now)).map(starts -> new Began(lesson, starts));
    }

    private RetaughtView view(Began b, Collection<StudentRecord> records) {
        Skill skill = Require.present(b.lesson().again(), "the skill taught again");
        Optional<Reteaching> changed =
                Reteaching.of(records, skill, b.starts().atZone(clock.getZone()).toInstant());
        return new RetaughtView(
                b.lesson().id(),
                b.lesson().title(),
                skill,
                b.starts(),
                changed.map(Reteaching::students).orElse(0),
                changed.map(Reteaching::before).orElse(null),
                changed.map(Reteaching::after).orElse(null),
                changed.map(Reteaching::secure).orElse(0),
                changed.map(Reteaching::figures).orElse(List.of()).stream()
                        .map(RetaughtController::goal)
                        .toList());
    }

    private static RetaughtGoalView goal(Figure figure) {
        Goal goal = figure.goal();
        return new RetaughtGoalView(
                goal, goal.label(), goal.unit(), goal.digits(), figure.students(), figure.before(), figure.after());
    }
}
