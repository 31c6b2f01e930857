package grastel.app.course;

import grastel.core.planning.Skill;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The lessons of a course in their order; as asked for and as kept.
 *
 * @param version of this shape, {@value #VERSION}
 */
public record CourseData(
        Integer version,

        @NotNull @Size(max = MOST_LESSONS, message = "problem.too-many-lessons")
        List<@NotNull @Valid LessonData> lessons) {
    public static final int VERSION = 1;
    public static final int MOST_LESSONS = 120;
    /** Groups that do something else in a lesson. */
    static final int MOST_GROUPS = 8;
    /** The teacher shows and explains for so long unless said otherwise, minutes. */
    public static final int USUAL_SHOW = 8;
    /** Looking together at the end, minutes. */
    public static final int USUAL_LOOK = 3;

    /** What is told in place of a revision where there is no course yet; the first has 0. */
    static final int NO_REVISION = -1;

    static final CourseData EMPTY = new CourseData(VERSION, List.of());

    public CourseData {
        version = version == null ? VERSION : version;
        lessons = lessons == null ? List.of() : List.copyOf(lessons);
    }

    /**
     * @param id given by whoever makes it, unique in the course
     * @param aim what students can do after it
     * @param sheets worked on, in order; those that are gone are passed over
     * @param workMinutes drawing without a sheet, at the usual pace
     * @param pin when it begins whatever comes before; null for wherever it falls
     * @param from the first stage of work that belongs to it where it was split, by its id; null for all from the beginning
     * @param until the first stage of work that no longer does; null for all to the end
     * @param again the skill it teaches once more; null for lessons of the course itself
     * @param beside what groups do while the others are at this lesson
     */
    public record LessonData(
            @NotNull UUID id,
            @NotBlank @Size(max = 120) String title,
            @Size(max = 600) String aim,
            @NotNull @Size(max = 6) List<@NotNull UUID> sheets,
            @Min(0) @Max(90) Integer showMinutes,
            @Min(0) @Max(90) Integer lookMinutes,
            @Min(0) @Max(600) Integer workMinutes,
            @Nullable LocalDateTime pin,
            @Size(max = 4000) String notes,
            @Size(max = 60) @Nullable String from,
            @Size(max = 60) @Nullable String until,
            @Nullable Skill again,
            @Size(max = MOST_GROUPS) List<@NotNull @Valid GroupWork> beside) {
        public LessonData {
            aim = aim == null ? "" : aim;
            sheets = sheets == null ? List.of() : List.copyOf(sheets);
            showMinutes = showMinutes == null ? USUAL_SHOW : showMinutes;
            lookMinutes = lookMinutes == null ? USUAL_LOOK : lookMinutes;
            workMinutes = workMinutes == null ? 0 : workMinutes;
            notes = notes == null ? "" : notes;
            beside = beside == null ? List.of() : List.copyOf(beside);
        }

        LessonData pinned(LocalDateTime to) {
            return new LessonData(
                    id,
                    title,
                    aim,
                    sheets,
                    showMinutes,
                    lookMinutes,
                    workMinutes,
                    to,
                    notes,
                    from,
                    until,
                    again,
                    beside);
        }

        LessonData with(GroupWork work) {
            List<GroupWork> all = new ArrayList<>(beside);
            all.add(work);
            return new LessonData(
                    id, title, aim, sheets, showMinutes, lookMinutes, workMinutes, pin, notes, from, until, again, all);
        }
    }

    /**
     * What a group does while the others are at the class's lesson.
     *
     * @param students of the class; those who have left are passed over
     * @param run the printing they work on; null for none
     */
    public record GroupWork(
            @NotNull @Size(min = 1, max = 60) Set<@NotNull UUID> students,
            @NotBlank @Size(max = 120) String title,
            @Size(max = 600) String notes,
            @Nullable UUID run) {
        public GroupWork {
            students = students == null ? Set.of() : Set.copyOf(students);
            notes = notes == null ? "" : notes;
        }
    }
}
