package grastel.app.course;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseData.LessonData;
import grastel.app.course.SkillSummary.Standing;
import grastel.app.kit.Kit;
import grastel.app.returns.api.PageProgress;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.Latest;
import grastel.core.checks.Require;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.media.Pencil;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.ClassTime;
import grastel.core.planning.CourseCheck;
import grastel.core.planning.Lesson;
import grastel.core.planning.Logged;
import grastel.core.planning.PaceEvidence;
import grastel.core.planning.PaceEvidence.Came;
import grastel.core.planning.Schedule;
import grastel.core.planning.Scheduler;
import grastel.core.planning.Skill;
import grastel.core.planning.Stage;
import grastel.core.planning.Stages;
import grastel.core.planning.calendar.Period;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Lays courses on periods. Asks the database as often for many classes as for one. */
@Component
class CourseSchedules {
    private final CourseRows courses;
    private final LessonLogs logs;
    private final Sheets sheets;
    private final Kit kit;
    private final SkillSummary standings;
    private final JsonMapper json;
    private final Clock clock;

    CourseSchedules(
            CourseRows courses,
            LessonLogs logs,
            Sheets sheets,
            Kit kit,
            SkillSummary standings,
            JsonMapper json,
            Clock clock) {
        this.courses = courses;
        this.logs = logs;
        this.sheets = sheets;
        this.kit = kit;
        this.standings = standings;
        this.json = json;
        this.clock = clock;
    }

    /** In the order of the classes. */
    List<CourseSchedule> of(List<ClassInfo> classes) {
        Set<UUID> ids = classes.stream().map(ClassInfo::id).collect(Collectors.toSet());
        Map<UUID, Course> rows =
                courses.findBySchoolClassIn(ids).stream().collect(Collectors.toMap(Course::schoolClass, c -> c));
        Map<UUID, List<LessonLog>> log =
                ids.isEmpty() ? Map.of() : logs.of(ids).stream().collect(Collectors.groupingBy(LessonLog::schoolClass));
        Map<UUID, CourseData> data = new HashMap<>();
        rows.forEach((id, row) -> data.put(id, parsed(row)));
        Map<UUID, Latest> plans = sheets.latest(data.values().stream()
                .flatMap(c -> c.lessons().stream())
                .flatMap(l -> l.sheets().stream())
                .collect(Collectors.toSet()));
        Map<UUID, Standing> pages = standings.of(classes);
        Map<UUID, Map<Pencil, Integer>> atHand = kit.atHand();
        return classes.stream()
                .map(c -> lane(
                        c,
                        rows.containsKey(c.id()) ? rows.get(c.id()).revision() : CourseData.NO_REVISION,
                        data.getOrDefault(c.id(), CourseData.EMPTY).lessons(),
                        plans,
                        entries(log.getOrDefault(c.id(), List.of())),
                        Require.key(pages, c.id()),
                        atHand.get(c.id())))
                .toList();
    }

    CourseData parsed(Course row) {
        return json.readValue(row.lessons(), CourseData.class);
    }

    /** What was logged of a period, as it is kept and read once. */
    private record Entry(LessonLog row, DoneData data) {
        Logged logged() {
            return data.logged(row.period(), row.outcome() == Outcome.STOPPED);
        }

        Attendance attendance() {
            return data.attendance(row.period());
        }
    }

    /** Of all periods of a class that were logged. */
    List<Attendance> attendance(UUID schoolClass) {
        return entries(logs.of(Set.of(schoolClass))).stream()
                .map(Entry::attendance)
                .toList();
    }

    private List<Entry> entries(Collection<LessonLog> rows) {
        return rows.stream()
                .map(r -> new Entry(r, json.readValue(r.done(), DoneData.class)))
                .toList();
    }

    private CourseSchedule lane(
            ClassInfo c,
            int revision,
            List<LessonData> lessons,
            Map<UUID, Latest> plans,
            List<Entry> entries,
            Standing pages,
            @Nullable Map<Pencil, Integer> atHand) {
        List<Logged> log = entries.stream().map(Entry::logged).toList();
        Map<String, Lesson> stages = new LinkedHashMap<>();
        Map<String, Set<Skill>> gives = new HashMap<>();
        for (LessonData lesson : lessons) {
            stages.put(lesson.id().toString(), lesson(lesson, c, plans));
            gives.put(lesson.id().toString(), gives(lesson, plans));
        }
        List<Lesson> inOrder = List.copyOf(stages.values());
        List<Period> periods = c.calendar().periods();
        double setUp = c.calendar().setUpMinutes();
        double clearing = c.calendar().clearingMinutes();
        PaceEvidence pace = PaceEvidence.of(inOrder, log, c.calendar().time(), came(lessons, pages.reached()));
        ClassTime time = new ClassTime(setUp, clearing, pace.pace().speed());
        Schedule laid = Scheduler.lay(inOrder, periods, time, log);
        ClassFacts facts =
                new ClassFacts(c.students().size(), c.band(), c.method(), pages.secure(), atHand, c.readyShare());
        return new CourseSchedule(
                c,
                revision,
                lessons,
                stages,
                gives,
                plans,
                periods,
                log,
                entries.stream().collect(Collectors.toMap(e -> e.row().period().key(), Entry::attendance)),
                facts,
                pace,
                time,
                laid,
                CourseCheck.of(inOrder, gives, laid, time, facts));
    }

    private static Lesson lesson(LessonData lesson, ClassInfo c, Map<UUID, Latest> plans) {
        List<SheetPlan> own = lesson.sheets().stream()
                .map(plans::get)
                .map(s -> s == null ? new SheetPlan(List.of()) : s.plan())
                .toList();
        List<Stage> all = Stages.of(own, c.band(), lesson.showMinutes(), lesson.workMinutes(), lesson.lookMinutes());
        return new Lesson(lesson.id().toString(), Stages.between(all, lesson.from(), lesson.until()), lesson.pin());
    }

    private static Set<Skill> gives(LessonData lesson, Map<UUID, Latest> plans) {
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        lesson.sheets().stream()
                .map(plans::get)
                .filter(Objects::nonNull)
                .flatMap(s -> s.plan().exercises().stream())
                .map(ExercisePlan::kind)
                .forEach(kind -> skills.addAll(Skill.taughtBy(kind)));
        return skills;
    }

    /**
     * How far students came on the sheets of lessons, by each sheet's first printing that came back: what is drawn again is
     * drawn at some other time. A sheet of several lessons does not say in which it was drawn.
     */
    private List<Came> came(List<LessonData> lessons, List<PageProgress> reached) {
        Map<UUID, UUID> firstRun = new HashMap<>();
        reached.forEach(r -> firstRun.putIfAbsent(r.sheet(), r.run()));
        List<Came> came = new ArrayList<>();
        for (LessonData lesson : lessons) {
            for (UUID sheet : lesson.sheets()) {
                if (lessons.stream().filter(l -> l.sheets().contains(sheet)).count() == 1) {
                    reached.stream()
                            .filter(r -> r.sheet().equals(sheet) && r.run().equals(firstRun.get(sheet)))
                            .map(r -> new Came(
                                    r.student().toString(),
                                    lesson.id().toString(),
                                    lesson.sheets().indexOf(sheet),
                                    r.field(),
                                    LocalDate.ofInstant(r.received(), clock.getZone())))
                            .forEach(came::add);
                }
            }
        }
        return came;
    }
}
