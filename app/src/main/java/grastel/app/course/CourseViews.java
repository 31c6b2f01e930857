package grastel.app.course;

import grastel.app.classes.CalendarData.DatesData;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.course.CourseData.GroupWork;
import grastel.app.course.CourseData.LessonData;
import grastel.app.sheets.Sheets.Latest;
import grastel.core.checks.Require;
import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.ClassTime;
import grastel.core.planning.Lesson;
import grastel.core.planning.Pace;
import grastel.core.planning.PaceEvidence;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.Skill;
import grastel.core.planning.Stage;
import grastel.core.planning.Stop;
import grastel.core.planning.calendar.Period;
import grastel.core.planning.kit.Demand;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Courses as the screen wants them. Minutes are those after which three of four students are done, unless said otherwise. */
public final class CourseViews {
    private CourseViews() {}

    /** @param speed of the middle student, 1 = usual; @param least, most nine times in ten; @param periods, pages it rests on */
    public record PaceView(
            @NotNull double speed,
            @NotNull double least,
            @NotNull double most,
            @NotNull int periods,
            @NotNull int pages) {}

    /** @param id in its lesson; @param minutes 0 where the stage takes none */
    public record PartView(
            @NotNull String id,
            @NotNull Stage.Kind kind,
            @NotNull double minutes) {}

    /** Stages of a lesson that follow one another. @param goesOn the lesson has more after these; @param stop how good it is to stop there */
    public record PieceView(
            @NotNull String lesson,
            @NotNull List<PartView> stages,
            @NotNull boolean goesOn,
            @NotNull Stop stop) {}

    /**
     * One meeting.
     *
     * @param key its name, which stays when it is moved
     * @param room minutes there are for a lesson
     * @param planned minutes used, of three of four students; @param median of half; @param quick of the quickest quarter
     * @param logged true where it is what happened
     * @param absent students who were not there; @param note what else was logged, or empty
     */
    public record PeriodView(
            @NotNull LocalDateTime key,
            @NotNull LocalDateTime starts,
            @NotNull int minutes,
            @NotNull String place,
            @NotNull Period.State state,
            @NotNull double room,
            @NotNull double planned,
            @NotNull double median,
            @NotNull double quick,
            @NotNull boolean logged,
            @NotNull List<PieceView> pieces,
            @NotNull List<UUID> absent,
            @NotNull String note) {}

    public record SheetLineView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull List<String> kinds) {}

    /** A stage in full. @param exercise its title, or empty; @param median minutes of half of the class */
    public record StageView(
            @NotNull String id,
            @NotNull Stage.Kind kind,
            @NotNull String exercise,
            @NotNull String field,
            @NotNull String group,
            @NotNull String label,
            @NotNull double minutes,
            @NotNull double median,
            @NotNull Stop stop) {}

    /** How many of a class are secure in a skill. @param of those with marks for it, 0 where there are none */
    public record SkillView(
            @NotNull Skill skill,
            @NotNull int secure,
            @NotNull int of) {}

    /** One of the skills is needed. */
    public record NeedView(@NotNull List<SkillView> anyOf) {}

    /** @param copies the class has, null where nobody said; @param inTurns copies that are enough if students take turns */
    public record WantView(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @Nullable Integer copies,
            @NotNull int inTurns,
            @NotNull double minutes) {}

    public record LessonView(
            @NotNull String id,
            @NotNull String title,
            @NotNull String aim,
            @NotNull List<UUID> sheets,
            @NotNull int showMinutes,
            @NotNull int lookMinutes,
            @NotNull int workMinutes,
            @Nullable LocalDateTime pin,
            @NotNull String notes,
            @Nullable String from,
            @Nullable String until,
            @Nullable Skill again,
            @NotNull List<SkillView> gives,
            @NotNull List<NeedView> needs,
            @NotNull List<StageView> stages,
            @NotNull List<WantView> wants,
            @NotNull List<String> cautions,
            @NotNull double minutes,
            @NotNull List<BesideView> beside) {}

    /** What a group does meanwhile. @param names of those who are still in the class; @param run the printing they work on */
    public record BesideView(
            @NotNull List<UUID> students,
            @NotNull List<String> names,
            @NotNull String title,
            @NotNull String notes,
            @Nullable UUID run) {}

    public record LaneView(
            @NotNull UUID schoolClass,
            @NotNull String name,
            @NotNull int students,
            @NotNull int revision,
            @Nullable DatesData term,
            @NotNull List<DatesData> holidays,
            @NotNull PaceView pace,
            @NotNull List<SheetLineView> sheets,
            @NotNull List<LessonView> lessons,
            @NotNull List<PeriodView> periods,
            @NotNull List<CourseWarningView> warnings) {}

    /** @param today the day it is now, which past and to come are told apart by */
    public record CoursesView(
            @NotNull LocalDate today, @NotNull List<LaneView> lanes) {}

    public static LaneView of(CourseSchedule lane) {
        return new LaneView(
                lane.schoolClass().id(),
                lane.schoolClass().name(),
                lane.schoolClass().students().size(),
                lane.revision(),
                lane.schoolClass().calendar().term(),
                lane.schoolClass().calendar().holidays(),
                of(lane.pace()),
                sheets(lane),
                lane.lessons().stream().map(l -> lesson(l, lane)).toList(),
                periods(lane),
                lane.warnings().stream().map(CourseWarningView::of).toList());
    }

    private static PaceView of(PaceEvidence found) {
        Pace pace = found.pace();
        return new PaceView(pace.speed(), pace.least(), pace.most(), found.periods(), found.pages());
    }

    private static List<SheetLineView> sheets(CourseSchedule lane) {
        return lane.lessons().stream()
                .flatMap(l -> l.sheets().stream())
                .distinct()
                .map(lane.sheets()::get)
                .filter(Objects::nonNull)
                .map(s -> new SheetLineView(
                        s.id(),
                        s.title(),
                        s.plan().exercises().stream().map(ExercisePlan::kind).toList()))
                .toList();
    }

    /** The laid ones, and the cancelled ones between them. */
    static List<PeriodView> periods(CourseSchedule lane) {
        Map<LocalDateTime, OnPeriod> laid = new LinkedHashMap<>();
        lane.laid().periods().forEach(p -> laid.put(p.period().key(), p));
        List<PeriodView> views =
                new ArrayList<>(laid.values().stream().map(p -> of(p, lane)).toList());
        lane.periods().stream()
                .filter(p -> !p.isHeld() && !laid.containsKey(p.key()))
                .map(p -> of(new OnPeriod(p, List.of(), 0, 0, 0, 0, false), lane))
                .forEach(views::add);
        views.sort((a, b) -> a.starts().compareTo(b.starts()));
        return views;
    }

    private static PeriodView of(OnPeriod on, CourseSchedule lane) {
        Period p = on.period();
        Attendance was = lane.attendance().getOrDefault(p.key(), new Attendance(p.starts(), Set.of(), ""));
        return new PeriodView(
                p.key(),
                p.starts(),
                p.minutes(),
                p.room(),
                p.state(),
                on.room(),
                on.planned(),
                on.median(),
                on.quick(),
                on.logged(),
                on.pieces().stream().map(piece -> of(piece, lane.time())).toList(),
                lane.schoolClass().students().stream()
                        .map(StudentInfo::id)
                        .filter(was.absent()::contains)
                        .toList(),
                was.note());
    }

    private static PieceView of(LessonPart piece, ClassTime time) {
        return new PieceView(
                piece.lesson(),
                piece.stages().stream()
                        .map(s -> new PartView(s.id(), s.kind(), time.planned(s)))
                        .toList(),
                piece.goesOn(),
                piece.stop());
    }

    public static LessonView lesson(LessonData data, CourseSchedule lane) {
        Lesson lesson = Require.key(lane.stages(), data.id().toString());
        Set<Skill> gives = Require.key(lane.gives(), lesson.id());
        List<Latest> sheets = data.sheets().stream()
                .map(lane.sheets()::get)
                .filter(Objects::nonNull)
                .toList();
        return new LessonView(
                lesson.id(),
                data.title(),
                data.aim(),
                data.sheets(),
                data.showMinutes(),
                data.lookMinutes(),
                data.workMinutes(),
                data.pin(),
                data.notes(),
                data.from(),
                data.until(),
                data.again(),
                gives.stream().map(s -> skill(s, lane)).toList(),
                needs(gives, lane),
                lesson.stages().stream().map(s -> stage(s, data, lane)).toList(),
                wants(lesson, lane),
                sheets.stream()
                        .flatMap(s -> s.plan().exercises().stream())
                        .flatMap(e -> e.cautions().stream())
                        .distinct()
                        .toList(),
                lesson.stages().stream().mapToDouble(lane.time()::planned).sum(),
                data.beside().stream().map(g -> beside(g, lane.schoolClass())).toList());
    }

    private static BesideView beside(GroupWork group, ClassInfo of) {
        List<StudentInfo> students = of.students().stream()
                .filter(s -> group.students().contains(s.id()))
                .toList();
        return new BesideView(
                students.stream().map(StudentInfo::id).toList(),
                students.stream().map(StudentInfo::name).toList(),
                group.title(),
                group.notes(),
                group.run());
    }

    private static SkillView skill(Skill skill, CourseSchedule lane) {
        Secure found = lane.facts().secure().getOrDefault(skill, new Secure(0, 0));
        return new SkillView(skill, found.students(), found.of());
    }

    private static List<NeedView> needs(Set<Skill> gives, CourseSchedule lane) {
        return gives.stream()
                .flatMap(s -> s.needs().stream())
                .distinct()
                .filter(anyOf -> anyOf.stream().noneMatch(gives::contains))
                .map(anyOf -> new NeedView(
                        anyOf.stream().sorted().map(s -> skill(s, lane)).toList()))
                .toList();
    }

    private static StageView stage(Stage stage, LessonData data, CourseSchedule lane) {
        return new StageView(
                stage.id(),
                stage.kind(),
                exercise(stage, data, lane),
                stage.part().field(),
                stage.part().group(),
                stage.part().label(),
                lane.time().planned(stage),
                lane.time().median(stage),
                stage.stop());
    }

    private static String exercise(Stage stage, LessonData data, CourseSchedule lane) {
        int sheet = stage.part().sheet();
        Latest of = sheet < 0 ? null : lane.sheets().get(data.sheets().get(sheet));
        return of == null
                ? ""
                : of.plan().exercises().get(stage.part().exercise()).title();
    }

    private static List<WantView> wants(Lesson lesson, CourseSchedule lane) {
        return Demand.of(lesson.stages()).stream()
                .map(w -> new WantView(
                        w.pencil().code(),
                        w.pencil().name(),
                        Srgb.of(w.pencil().masstone().toLab()).hex(),
                        lane.facts().copiesOf(w.pencil()),
                        w.fewestCopies(lane.schoolClass().students().size()),
                        w.minutes()))
                .toList();
    }
}
