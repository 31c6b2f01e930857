package grastel.app.wall;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.course.Attendance;
import grastel.app.course.Courses;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Box;
import grastel.app.returns.Returns.Earlier;
import grastel.app.returns.api.CauseView;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/wall")
class WallController {
    private final Classes classes;
    private final Printings printings;
    private final Returns returns;
    private final Courses courses;
    private final Clock clock;

    WallController(Classes classes, Printings printings, Returns returns, Courses courses, Clock clock) {
        this.classes = classes;
        this.printings = printings;
        this.returns = returns;
        this.courses = courses;
        this.clock = clock;
    }

    /** @param read when the reading was made that its picture belongs to; @param before what is done again here, else null */
    record CellView(
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull String field,
            @NotNull double lightness,
            @NotNull boolean blank,
            @Nullable EarlierCellView before) {}

    record EarlierCellView(
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull Instant received,
            @NotNull String field) {
        static @Nullable EarlierCellView of(@Nullable Earlier earlier) {
            return earlier == null
                    ? null
                    : new EarlierCellView(earlier.page(), earlier.read(), earlier.received(), earlier.field());
        }
    }

    /** @param exercise of the sheet, from 0 */
    record MarkView(
            @NotNull int exercise,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String figureName,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull String praise,
            @NotNull int level,
            @Nullable Double figure,
            @Nullable CauseView cause,
            @Nullable String field) {}

    /** A student's row. @param page null where nothing was returned */
    record RowView(
            @NotNull UUID student,
            @NotNull String name,
            @Nullable UUID page,
            @NotNull boolean absent,
            @NotNull boolean confirmed,
            @NotNull List<CellView> cells,
            @NotNull List<MarkView> marks) {}

    /** How a column spreads. @param asked L* asked for; others over the students who tried it, null if none did */
    record ColumnView(
            @NotNull String field,
            @NotNull double asked,
            @Nullable Double lightest,
            @Nullable Double darkest,
            @Nullable Double median) {}

    /** How a goal of one exercise spreads. @param title of the exercise where the sheet holds several; @param counts students at level 0…4; @param commonest most frequent cause below secure */
    record GoalSpreadView(
            @NotNull int exercise,
            @NotNull String title,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull List<Integer> counts,
            @Nullable CauseView commonest,
            @NotNull int commonestCount) {}

    /** @param personal true where each student does other fields again: then it has rows alone */
    record WallView(
            @NotNull UUID run,
            @NotNull boolean personal,
            @NotNull String title,
            @NotNull int version,
            @NotNull UUID schoolClass,
            @NotNull String className,
            @NotNull Instant printedAt,
            @NotNull List<ColumnView> columns,
            @NotNull List<GoalSpreadView> goals,
            @NotNull List<RowView> rows) {}

    /** One attempt of a student, with what it belongs to. @param again true for what was done again on a page of its own; @param note words the teacher wrote */
    record AttemptView(
            @NotNull UUID page,
            @NotNull UUID run,
            @NotNull String title,
            @NotNull Instant received,
            @NotNull boolean confirmed,
            @NotNull boolean again,
            @NotNull String note,
            @NotNull List<CellView> cells,
            @NotNull List<MarkView> marks) {}

    /** A sheet that others have given in and this student has not. @param absent true for one who was away since it was printed */
    record NotGivenInView(
            @NotNull UUID run,
            @NotNull String title,
            @NotNull Instant printedAt,
            @NotNull boolean absent) {}

    /** @param missing the newest first */
    record StudentWallView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull UUID schoolClass,
            @NotNull String className,
            @NotNull List<AttemptView> attempts,
            @NotNull List<NotGivenInView> missing) {}

    @ForColleagues(About.RUN)
    @GetMapping("/runs/{id}")
    WallView wall(@PathVariable UUID id) {
        RunInfo run = printings.run(id);
        ClassInfo to = classes.one(run.schoolClass());
        SheetPlan plan = printings.plan(id);
        List<Attempt> attempts = returns.attempts(id);
        Map<UUID, List<Box>> boxes =
                returns.boxes(attempts.stream().map(Attempt::page).toList());
        Map<UUID, List<Attempt>> byStudent = attempts.stream().collect(Collectors.groupingBy(Attempt::student));
        List<Box> all = boxes.values().stream().flatMap(List::stream).toList();
        Map<UUID, Map<String, Earlier>> before = run.personal() ? returns.earlier(printings.before(id)) : Map.of();
        Set<UUID> away = Attendance.awaySince(day(run), courses.attendance(run.schoolClass()));
        Set<UUID> printed = printings.pages(id).stream().map(PageInfo::student).collect(Collectors.toSet());
        return new WallView(
                id,
                run.personal(),
                run.title(),
                run.version(),
                to.id(),
                to.name(),
                run.printedAt(),
                plan.fields().stream()
                        .filter(f -> !run.personal() && f.ask() != FieldPlan.Ask.NOTHING)
                        .map(f -> column(f.id(), f.askedLightness(), all))
                        .toList(),
                run.personal() ? List.of() : goals(plan, attempts),
                to.withFormer(byStudent.keySet()).stream()
                        .filter(s -> !run.personal() || printed.contains(s.id()))
                        .map(s ->
                                row(s, byStudent.getOrDefault(s.id(), List.of()), away.contains(s.id()), boxes, before))
                        .toList());
    }

    @ForColleagues(About.STUDENT)
    @GetMapping("/students/{id}")
    StudentWallView student(@PathVariable UUID id) {
        ClassInfo of = classes.ofStudent(id);
        List<Attempt> attempts = returns.attemptsOf(id);
        Map<UUID, List<Box>> boxes =
                returns.boxes(attempts.stream().map(Attempt::page).toList());
        Map<UUID, RunInfo> runs = printings.runsOfStudent(id).stream()
                .collect(Collectors.toMap(RunInfo::id, Function.identity(), (one, other) -> one, LinkedHashMap::new));
        Map<UUID, String> notes =
                returns.notes(attempts.stream().map(Attempt::page).toList());
        Set<UUID> given = attempts.stream().map(Attempt::run).collect(Collectors.toSet());
        Set<UUID> open = runs.keySet().stream().filter(r -> !given.contains(r)).collect(Collectors.toSet());
        Set<UUID> back = returns.back(open);
        List<Attendance> attendance = courses.attendance(of.id());
        return new StudentWallView(
                id,
                Require.key(of.names(), id),
                of.id(),
                of.name(),
                attempts.stream()
                        .filter(a -> runs.containsKey(a.run()))
                        .map(a -> attempt(
                                a,
                                Require.key(runs, a.run()),
                                Require.key(boxes, a.page()),
                                notes.getOrDefault(a.page(), "")))
                        .toList(),
                runs.values().stream()
                        .filter(r -> back.contains(r.id()))
                        .map(r -> new NotGivenInView(
                                r.id(),
                                r.title(),
                                r.printedAt(),
                                Attendance.awaySince(day(r), attendance).contains(id)))
                        .toList());
    }

    private LocalDate day(RunInfo printed) {
        return LocalDate.ofInstant(printed.printedAt(), clock.getZone());
    }

    private static AttemptView attempt(Attempt a, RunInfo run, List<Box> boxes, String note) {
        return new AttemptView(
                a.page(),
                run.id(),
                run.title(),
                a.received(),
                a.confirmed(),
                run.personal(),
                note,
                cells(a, boxes, Map.of()),
                marks(a));
    }

    /** @param pages of the student, in the order of the sheet */
    private static RowView row(
            StudentInfo student,
            List<Attempt> pages,
            boolean away,
            Map<UUID, List<Box>> boxes,
            Map<UUID, Map<String, Earlier>> before) {
        return new RowView(
                student.id(),
                student.name(),
                pages.isEmpty() ? null : pages.get(0).page(),
                pages.isEmpty() && away,
                !pages.isEmpty() && pages.stream().allMatch(Attempt::confirmed),
                pages.stream()
                        .flatMap(a ->
                                cells(a, Require.key(boxes, a.page()), before.getOrDefault(a.printedPage(), Map.of()))
                                        .stream())
                        .toList(),
                pages.stream().flatMap(a -> marks(a).stream()).toList());
    }

    /** The goals of each exercise, in the order of the sheet; where pages are back, those that were marked. */
    private static List<GoalSpreadView> goals(SheetPlan plan, List<Attempt> attempts) {
        List<GoalSpreadView> goals = new ArrayList<>();
        for (int exercise = 0; exercise < plan.exercises().size(); exercise++) {
            ExercisePlan planned = plan.exercises().get(exercise);
            String title = plan.exercises().size() < 2 ? "" : planned.title();
            for (GoalPlan goal : planned.goals()) {
                List<Returns.Mark> marks = marks(attempts, exercise, goal.goal());
                if (attempts.isEmpty() || !marks.isEmpty()) {
                    goals.add(spread(exercise, title, goal.goal(), marks));
                }
            }
        }
        return goals;
    }

    private static List<Returns.Mark> marks(List<Attempt> attempts, int exercise, Goal goal) {
        return attempts.stream()
                .flatMap(a -> a.marks().stream())
                .filter(m -> m.exercise() == exercise && m.goal() == goal && !m.isNotReached())
                .toList();
    }

    private static List<CellView> cells(Attempt a, List<Box> boxes, Map<String, Earlier> before) {
        return boxes.stream()
                .map(b -> new CellView(
                        a.page(),
                        a.read(),
                        b.field(),
                        b.lightness(),
                        b.blank(),
                        EarlierCellView.of(before.get(b.field()))))
                .toList();
    }

    private static List<MarkView> marks(Attempt a) {
        return a.marks().stream()
                .map(m -> new MarkView(
                        m.exercise(),
                        m.goal(),
                        m.goal().label(),
                        m.goal().figure(),
                        m.goal().unit(),
                        m.goal().digits(),
                        m.goal().praise(),
                        m.level().ordinal(),
                        m.figure(),
                        CauseView.orNone(m.cause()),
                        m.field()))
                .toList();
    }

    private static ColumnView column(String field, double asked, List<Box> boxes) {
        double[] tried = boxes.stream()
                .filter(b -> b.field().equals(field) && !b.blank())
                .mapToDouble(Box::lightness)
                .sorted()
                .toArray();
        return tried.length == 0
                ? new ColumnView(field, asked, null, null, null)
                : new ColumnView(field, asked, tried[tried.length - 1], tried[0], tried[tried.length / 2]);
    }

    private static GoalSpreadView spread(int exercise, String title, Goal goal, List<Returns.Mark> marks) {
        List<Integer> counts = Arrays.stream(Level.values())
                .map(level ->
                        (int) marks.stream().filter(m -> m.level() == level).count())
                .toList();
        Map<Cause, Long> causes = marks.stream()
                .filter(m -> m.level().compareTo(Level.SECURE) < 0)
                .map(Returns.Mark::cause)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        return causes.entrySet().stream()
                .max(Comparator.comparingLong(Map.Entry::getValue))
                .map(e -> new GoalSpreadView(
                        exercise,
                        title,
                        goal,
                        goal.label(),
                        counts,
                        CauseView.orNone(e.getKey()),
                        e.getValue().intValue()))
                .orElse(new GoalSpreadView(exercise, title, goal, goal.label(), counts, null, 0));
    }
}
