package grastel.app.course;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.course.CourseData.GroupWork;
import grastel.app.course.CourseData.LessonData;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.platform.ApiProblem;
import grastel.core.checks.Require;
import grastel.core.planning.Lesson;
import grastel.core.planning.Logged.Done;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.Stage;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of courses. */
@Service
@Transactional
public class Courses {
    private final CourseRows courses;
    private final LessonLogs logs;
    private final Classes classes;
    private final CourseSchedules lanes;
    private final JsonMapper json;

    Courses(CourseRows courses, LessonLogs logs, Classes classes, CourseSchedules lanes, JsonMapper json) {
        this.courses = courses;
        this.logs = logs;
        this.classes = classes;
        this.lanes = lanes;
        this.json = json;
    }

    /** All classes, each with its course on its periods. */
    public List<CourseSchedule> all() {
        return lanes.of(classes.all());
    }

    /** In all periods of a class that were logged. */
    public List<Attendance> attendance(UUID schoolClass) {
        return lanes.attendance(schoolClass);
    }

    /** The course of a class of last year, see {@link ClassInfo#isPast}. */
    public record PastCourse(UUID schoolClass, String name, int lessons) {}

    /** To be copied. */
    public List<PastCourse> past() {
        Map<UUID, String> names = classes.withPast().stream()
                .filter(ClassInfo::isPast)
                .collect(Collectors.toMap(ClassInfo::id, ClassInfo::name, (one, again) -> one, LinkedHashMap::new));
        Map<UUID, Course> kept = courses.findBySchoolClassIn(names.keySet()).stream()
                .collect(Collectors.toMap(Course::schoolClass, c -> c));
        return names.entrySet().stream()
                .filter(c -> kept.containsKey(c.getKey()))
                .map(c -> new PastCourse(
                        c.getKey(),
                        c.getValue(),
                        lanes.parsed(Require.key(kept, c.getKey())).lessons().size()))
                .filter(c -> c.lessons() > 0)
                .toList();
    }

    /**
     * A class's day.
     *
     * @param periods of the day, the cancelled ones too
     * @param lessons those of the periods, in order; their numbers in the course from 1 at the same places
     * @param of how many lessons the course has
     * @param pace of the class, 1 = usual
     * @param warnings about these lessons
     * @param attendance in all periods that were logged, of whatever day
     */
    public record Day(
            UUID schoolClass,
            List<PeriodView> periods,
            List<LessonView> lessons,
            List<Integer> numbers,
            int of,
            double pace,
            List<CourseWarningView> warnings,
            List<Attendance> attendance) {}

    /** What all classes do on a day, by class; without periods where they do not meet. */
    public Map<UUID, Day> on(List<ClassInfo> some, LocalDate date) {
        return lanes.of(some).stream().map(lane -> day(lane, date)).collect(Collectors.toMap(Day::schoolClass, d -> d));
    }

    private static Day day(CourseSchedule lane, LocalDate date) {
        List<PeriodView> periods = CourseViews.periods(lane).stream()
                .filter(p -> p.starts().toLocalDate().equals(date))
                .toList();
        Set<String> ids = periods.stream()
                .flatMap(p -> p.pieces().stream())
                .map(PieceView::lesson)
                .collect(Collectors.toSet());
        List<LessonData> lessons = lane.lessons().stream()
                .filter(l -> ids.contains(l.id().toString()))
                .toList();
        return new Day(
                lane.schoolClass().id(),
                periods,
                lessons.stream().map(l -> CourseViews.lesson(l, lane)).toList(),
                lessons.stream().map(l -> lane.lessons().indexOf(l) + 1).toList(),
                lane.lessons().size(),
                lane.pace().pace().speed(),
                lane.warnings().stream()
                        .filter(w -> ids.contains(w.lesson()))
                        .map(CourseWarningView::of)
                        .toList(),
                List.copyOf(lane.attendance().values()));
    }

    public record LessonTitle(UUID schoolClass, UUID id, String title) {}

    /** Every lesson of every course. */
    public List<LessonTitle> titles() {
        return courses.findAll().stream()
                .flatMap(c -> lanes.parsed(c).lessons().stream()
                        .map(l -> new LessonTitle(c.schoolClass(), l.id(), l.title())))
                .toList();
    }

    /** What a lesson of a class is worked on. */
    public record LessonSheets(String title, String aim, List<UUID> sheets) {}

    public LessonSheets sheets(UUID schoolClass, UUID lesson) {
        classes.one(schoolClass);
        return data(schoolClass).lessons().stream()
                .filter(l -> l.id().equals(lesson))
                .findFirst()
                .map(l -> new LessonSheets(l.title(), l.aim(), l.sheets()))
                .orElseThrow(() -> ApiProblem.notFound(say("thing.lesson")));
    }

    /** Begins a lesson on a date whatever comes before. @param lesson its place, from 0 */
    public void pin(UUID schoolClass, int lesson, LocalDateTime period) {
        List<LessonData> all = new ArrayList<>(dataForChange(schoolClass).lessons());
        all.set(lesson, all.get(lesson).pinned(period));
        set(schoolClass, null, new CourseData(CourseData.VERSION, all));
    }

    /** Notes what happened in a period, see {@link #log}. */
    public void note(
            UUID schoolClass, LocalDateTime period, Outcome outcome, @Nullable String lesson, @Nullable String stage) {
        log(schoolClass, period, outcome, new Done(lesson, stage), Set.of(), "");
    }

    public CourseSchedule one(UUID schoolClass) {
        return lanes.of(List.of(classes.one(schoolClass))).get(0);
    }

    /**
     * Puts other lessons in the place of a course's, all at once.
     *
     * @param known the revision the change was made on, {@link CourseData#NO_REVISION} where there was no course; null for
     *     whichever is there
     */
    public CourseSchedule set(UUID schoolClass, @Nullable Integer known, CourseData data) {
        ClassInfo of = classes.one(schoolClass);
        requireSound(data);
        Course course = courses.forChange(schoolClass).orElse(null);
        if (course == null) {
            courses.saveAndFlush(new Course(schoolClass, json.writeValueAsString(data)));
        } else {
            course.requireUnchanged(known, say("thing.the-course-of", of.name()));
            course.set(json.writeValueAsString(data));
            courses.flush();
        }
        return lanes.of(List.of(of)).get(0);
    }

    /** Puts a lesson of no sheet before the first one that has not begun. @return the course with it */
    public CourseSchedule next(UUID schoolClass, LessonData lesson) {
        List<LessonData> all = new ArrayList<>(dataForChange(schoolClass).lessons());
        all.add(begun(one(schoolClass)), lesson);
        CourseData data = new CourseData(CourseData.VERSION, all);
        if (all.size() > CourseData.MOST_LESSONS) {
            throw ApiProblem.conflict("TOO_MANY", say("problem.a-course-holds-at", CourseData.MOST_LESSONS));
        }
        return set(schoolClass, null, data);
    }

    /** Gives a group something of its own to do beside the first lesson that has not begun. */
    public CourseSchedule beside(UUID schoolClass, GroupWork work) {
        Set<UUID> students = classes.one(schoolClass).students().stream()
                .map(StudentInfo::id)
                .collect(Collectors.toSet());
        if (!students.containsAll(work.students())) {
            throw ApiProblem.invalid("students", "NOT_IN_CLASS", say("problem.student-not-in-class"));
        }
        List<LessonData> all = new ArrayList<>(dataForChange(schoolClass).lessons());
        int at = begun(one(schoolClass));
        if (at == all.size()) {
            throw ApiProblem.conflict("NO_LESSON", say("problem.no-lesson-to-come"));
        }
        if (all.get(at).beside().size() >= CourseData.MOST_GROUPS) {
            throw ApiProblem.conflict("TOO_MANY", say("problem.lesson-holds-groups", CourseData.MOST_GROUPS));
        }
        all.set(at, all.get(at).with(work));
        return set(schoolClass, null, new CourseData(CourseData.VERSION, all));
    }

    /** The first lesson that has not begun; none where all have. */
    public Optional<UUID> next(CourseSchedule lane) {
        return lane.lessons().stream().map(LessonData::id).skip(begun(lane)).findFirst();
    }

    /** How many lessons are over or under way: of the last of them something was done. */
    private static int begun(CourseSchedule lane) {
        Set<String> done = lane.log().stream()
                .flatMap(l -> l.done().stream())
                .map(Done::lesson)
                .collect(Collectors.toSet());
        int begun = 0;
        for (int i = 0; i < lane.lessons().size(); i++) {
            if (done.contains(lane.lessons().get(i).id().toString())) {
                begun = i + 1;
            }
        }
        return begun;
    }

    private static void requireSound(CourseData data) {
        Set<UUID> seen = new HashSet<>();
        for (int i = 0; i < data.lessons().size(); i++) {
            if (!seen.add(data.lessons().get(i).id())) {
                throw ApiProblem.invalid("lessons[" + i + "].id", "TWICE", say("problem.lesson-has-the-id", i + 1));
            }
        }
    }

    /** The lessons as they are kept. */
    public CourseData data(UUID schoolClass) {
        return courses.findBySchoolClass(schoolClass).map(lanes::parsed).orElse(CourseData.EMPTY);
    }

    /** The same to be added to: whoever else wants to waits until that is done. */
    public CourseData dataForChange(UUID schoolClass) {
        return courses.forChange(schoolClass).map(lanes::parsed).orElse(CourseData.EMPTY);
    }

    /**
     * Notes what happened in a period; what was noted before is forgotten.
     *
     * @param key of the period
     * @param until where it stopped; only of {@link Outcome#STOPPED}
     * @param absent students of the class who were not there
     * @param note what else there is to remember; empty for nothing
     */
    public CourseSchedule log(
            UUID schoolClass, LocalDateTime key, Outcome outcome, Done until, Set<UUID> absent, String note) {
        LessonLog before = logs.forChange(schoolClass, key).orElse(null);
        if (before != null) {
            logs.delete(before);
            logs.flush();
        }
        CourseSchedule lane = one(schoolClass);
        OnPeriod on = lane.laid().periods().stream()
                .filter(p -> p.period().key().equals(key))
                .findFirst()
                .orElseThrow(() -> ApiProblem.invalid("period", "NO_PERIOD", say("problem.the-class-does-not")));
        List<Done> done = outcome == Outcome.STOPPED ? upTo(lane, on, until) : planned(outcome, on);
        Set<UUID> students =
                lane.schoolClass().students().stream().map(StudentInfo::id).collect(Collectors.toSet());
        if (!students.containsAll(absent)) {
            throw ApiProblem.invalid("absent", "NOT_IN_CLASS", say("problem.absent-not-in-class"));
        }
        DoneData kept = DoneData.of(done, finished(lane, done), absent, note);
        logs.saveAndFlush(new LessonLog(schoolClass, on.period(), outcome, json.writeValueAsString(kept)));
        return one(schoolClass);
    }

    /** Forgets what was noted of a period. */
    public CourseSchedule unlog(UUID schoolClass, LocalDateTime key) {
        logs.delete(logs.forChange(schoolClass, key).orElseThrow(() -> ApiProblem.notFound(say("thing.entry"))));
        logs.flush();
        return one(schoolClass);
    }

    private static List<Done> planned(Outcome outcome, OnPeriod on) {
        return outcome == Outcome.DID_NOT_HAPPEN
                ? List.of()
                : on.pieces().stream()
                        .flatMap(p -> p.stages().stream().map(s -> new Done(p.lesson(), s.id())))
                        .toList();
    }

    /** All that is open from the period's first stage up to where it stopped, even beyond what was planned. */
    private static List<Done> upTo(CourseSchedule lane, OnPeriod on, Done until) {
        List<Done> all = new ArrayList<>();
        for (Lesson lesson : lane.stages().values()) {
            for (Stage stage : lesson.stages()) {
                all.add(new Done(lesson.id(), stage.id()));
            }
        }
        Set<Done> past = lane.log().stream().flatMap(l -> l.done().stream()).collect(Collectors.toSet());
        int end = all.indexOf(until);
        int start = on.pieces().isEmpty()
                ? end + 1
                : all.indexOf(new Done(
                        on.pieces().get(0).lesson(),
                        on.pieces().get(0).stages().get(0).id()));
        if (end < start) {
            throw ApiProblem.invalid("until", "NOT_THERE", say("problem.the-period-cannot-have"));
        }
        return all.subList(start, end + 1).stream()
                .filter(d -> !past.contains(d))
                .toList();
    }

    /** Lessons whose last stage is among what was done. */
    private static Set<String> finished(CourseSchedule lane, List<Done> done) {
        return lane.stages().values().stream()
                .filter(l -> !l.stages().isEmpty())
                .filter(l -> done.contains(
                        new Done(l.id(), l.stages().get(l.stages().size() - 1).id())))
                .map(Lesson::id)
                .collect(Collectors.toSet());
    }
}
