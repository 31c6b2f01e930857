package grastel.app.course;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseData.LessonData;
import grastel.app.kit.Kit;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.Latest;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.SheetPlan;
import grastel.core.media.Pencil;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.ClassTime;
import grastel.core.planning.CourseCheck;
import grastel.core.planning.Laid;
import grastel.core.planning.Laying;
import grastel.core.planning.Lesson;
import grastel.core.planning.Logged;
import grastel.core.planning.Pace;
import grastel.core.planning.Pace.Observation;
import grastel.core.planning.Skill;
import grastel.core.planning.Stage;
import grastel.core.planning.Stages;
import grastel.core.planning.calendar.Period;
import java.time.LocalDateTime;
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
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Lays courses on periods. Asks the database as often for many classes as for one. */
@Component
class Lanes {
    private final CourseRows courses;
    private final LessonLogs logs;
    private final Sheets sheets;
    private final Kit kit;
    private final Standings standings;
    private final JsonMapper json;

    Lanes(CourseRows courses, LessonLogs logs, Sheets sheets, Kit kit, Standings standings, JsonMapper json) {
        this.courses = courses;
        this.logs = logs;
        this.sheets = sheets;
        this.kit = kit;
        this.standings = standings;
        this.json = json;
    }

    /** In the order of the classes. */
    List<Lane> of(List<ClassInfo> classes) {
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
        Map<UUID, Map<Skill, Secure>> secure = standings.of(ids);
        Map<UUID, Map<Pencil, Integer>> atHand = kit.atHand();
        return classes.stream()
                .map(c -> lane(
                        c,
                        rows.containsKey(c.id()) ? rows.get(c.id()).revision() : CourseData.NO_REVISION,
                        data.getOrDefault(c.id(), CourseData.EMPTY).lessons(),
                        plans,
                        logged(log.getOrDefault(c.id(), List.of())),
                        secure.get(c.id()),
                        atHand.get(c.id())))
                .toList();
    }

    CourseData parsed(Course row) {
        return json.readValue(row.lessons(), CourseData.class);
    }

    private List<Logged> logged(Collection<LessonLog> rows) {
        return rows.stream()
                .map(r -> json.readValue(r.done(), DoneData.class).logged(r.period(), r.outcome() == Outcome.STOPPED))
                .toList();
    }

    private Lane lane(
            ClassInfo c,
            int revision,
            List<LessonData> lessons,
            Map<UUID, Latest> plans,
            List<Logged> log,
            Map<Skill, Secure> secure,
            Map<Pencil, Integer> atHand) {
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
        Pace pace = pace(inOrder, log, new ClassTime(setUp, clearing, 1));
        ClassTime time = new ClassTime(setUp, clearing, pace.speed());
        Laid laid = Laying.lay(inOrder, periods, time, log);
        ClassFacts facts =
                new ClassFacts(c.students().size(), c.band(), c.method(), secure, atHand, ClassFacts.USUALLY_READY);
        return new Lane(
                c,
                revision,
                lessons,
                stages,
                gives,
                plans,
                periods,
                log,
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

    /** What the log tells of a class's pace. */
    private static Pace pace(List<Lesson> lessons, List<Logged> log, ClassTime usual) {
        List<Observation> seen = new ArrayList<>();
        Map<LocalDateTime, Boolean> stopped =
                log.stream().collect(Collectors.toMap(l -> l.period().key(), Logged::stopped));
        for (Laid.OnPeriod on : Laying.lay(lessons, List.of(), usual, log).periods()) {
            List<Stage> done =
                    on.pieces().stream().flatMap(p -> p.stages().stream()).toList();
            double paced = done.stream()
                    .filter(Stage::isPaced)
                    .mapToDouble(Stage::minutes)
                    .sum();
            double minutes = on.room()
                    - done.stream()
                            .filter(s -> !s.isPaced())
                            .mapToDouble(Stage::minutes)
                            .sum();
            if (paced > 0 && minutes > 0) {
                seen.add(Pace.logged(paced, minutes, !stopped.get(on.period().key())));
            }
        }
        return Pace.learned(seen);
    }
}
