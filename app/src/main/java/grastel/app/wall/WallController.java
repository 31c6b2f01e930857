package grastel.app.wall;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.CauseView;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.Goal;
import grastel.core.exercise.GoalPlan;
import grastel.core.exercise.SheetPlan;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/wall")
class WallController {
    private final Classes classes;
    private final Sheets sheets;
    private final Returns returns;

    WallController(Classes classes, Sheets sheets, Returns returns) {
        this.classes = classes;
        this.sheets = sheets;
        this.returns = returns;
    }

    record CellView(
            @NotNull UUID page,
            @NotNull String field,
            @NotNull double lightness,
            @NotNull boolean blank) {}

    record MarkView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String figureName,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull String praise,
            @NotNull int level,
            Double figure,
            CauseView cause,
            String field) {}

    /** A student's row. @param page null where nothing was returned */
    record RowView(
            @NotNull UUID student,
            @NotNull String name,
            UUID page,
            @NotNull boolean confirmed,
            @NotNull List<CellView> cells,
            @NotNull List<MarkView> marks) {}

    /** How a column spreads. @param asked L* asked for; others over the students who tried it, null if none did */
    record ColumnView(@NotNull String field, @NotNull double asked, Double lightest, Double darkest, Double median) {}

    /** How a goal spreads. @param counts students at level 0…4; @param commonest most frequent cause below secure */
    record GoalSpreadView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull List<Integer> counts,
            CauseView commonest,
            @NotNull int commonestCount) {}

    record WallView(
            @NotNull UUID run,
            @NotNull String title,
            @NotNull int version,
            @NotNull UUID schoolClass,
            @NotNull String className,
            @NotNull Instant printedAt,
            @NotNull List<ColumnView> columns,
            @NotNull List<GoalSpreadView> goals,
            @NotNull List<RowView> rows) {}

    /** One attempt of a student, with what it belongs to. */
    record AttemptView(
            @NotNull UUID page,
            @NotNull UUID run,
            @NotNull String title,
            @NotNull Instant received,
            @NotNull boolean confirmed,
            @NotNull List<CellView> cells,
            @NotNull List<MarkView> marks) {}

    record StudentWallView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull String className,
            @NotNull List<AttemptView> attempts) {}

    @GetMapping("/runs/{id}")
    WallView wall(@PathVariable UUID id) {
        RunInfo run = sheets.run(id);
        ClassInfo to = classes.one(run.schoolClass());
        SheetPlan plan = sheets.plan(id);
        List<Attempt> attempts = returns.attempts(id);
        Map<UUID, List<Attempt>> byStudent = attempts.stream().collect(Collectors.groupingBy(Attempt::student));
        return new WallView(
                id,
                run.title(),
                run.version(),
                to.id(),
                to.name(),
                run.printedAt(),
                plan.fields().stream()
                        .filter(f -> f.ask() != FieldPlan.Ask.NOTHING)
                        .map(f -> column(f.id(), f.askedLightness(), attempts))
                        .toList(),
                plan.exercises().stream()
                        .flatMap(e -> e.goals().stream())
                        .map(GoalPlan::goal)
                        .distinct()
                        .filter(g -> attempts.isEmpty() || isMarked(g, attempts))
                        .map(g -> spread(g, attempts))
                        .toList(),
                to.students().stream()
                        .map(s -> row(s, byStudent.getOrDefault(s.id(), List.of())))
                        .toList());
    }

    @GetMapping("/students/{id}")
    StudentWallView student(@PathVariable UUID id) {
        Map<UUID, RunInfo> runs = sheets.runs().stream().collect(Collectors.toMap(RunInfo::id, Function.identity()));
        ClassInfo of = classes.all().stream()
                .filter(c -> c.students().stream().anyMatch(s -> s.id().equals(id)))
                .findFirst()
                .orElseThrow(() -> ApiProblem.notFound("student"));
        StudentInfo student = of.students().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
        return new StudentWallView(
                id,
                student.name(),
                of.name(),
                returns.attemptsOf(id).stream()
                        .map(a -> attempt(
                                a, runs.get(sheets.page(a.printedPage()).run().id())))
                        .toList());
    }

    private static AttemptView attempt(Attempt a, RunInfo run) {
        return new AttemptView(a.page(), run.id(), run.title(), a.received(), a.confirmed(), cells(a), marks(a));
    }

    /** @param pages of the student, in the order of the sheet */
    private static RowView row(StudentInfo student, List<Attempt> pages) {
        return new RowView(
                student.id(),
                student.name(),
                pages.isEmpty() ? null : pages.get(0).page(),
                !pages.isEmpty() && pages.stream().allMatch(Attempt::confirmed),
                pages.stream().flatMap(a -> cells(a).stream()).toList(),
                pages.stream().flatMap(a -> marks(a).stream()).toList());
    }

    private static boolean isMarked(Goal goal, List<Attempt> attempts) {
        return attempts.stream().flatMap(a -> a.marks().stream()).anyMatch(m -> m.goal() == goal);
    }

    private static List<CellView> cells(Attempt a) {
        return a.boxes().stream()
                .map(b -> new CellView(a.page(), b.field(), b.lightness(), b.blank()))
                .toList();
    }

    private static List<MarkView> marks(Attempt a) {
        return a.marks().stream()
                .map(m -> new MarkView(
                        m.goal(),
                        m.goal().label(),
                        m.goal().figure(),
                        m.goal().unit(),
                        m.goal().digits(),
                        m.goal().praise(),
                        m.level().ordinal(),
                        m.figure(),
                        CauseView.of(m.cause()),
                        m.field()))
                .toList();
    }

    private static ColumnView column(String field, double asked, List<Attempt> attempts) {
        double[] tried = attempts.stream()
                .flatMap(a -> a.boxes().stream())
                .filter(b -> b.field().equals(field) && !b.blank())
                .mapToDouble(Returns.Box::lightness)
                .sorted()
                .toArray();
        return tried.length == 0
                ? new ColumnView(field, asked, null, null, null)
                : new ColumnView(field, asked, tried[tried.length - 1], tried[0], tried[tried.length / 2]);
    }

    private static GoalSpreadView spread(Goal goal, List<Attempt> attempts) {
        List<Returns.Mark> marks = attempts.stream()
                .flatMap(a -> a.marks().stream())
                .filter(m -> m.goal() == goal)
                .toList();
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
                        goal,
                        goal.label(),
                        counts,
                        CauseView.of(e.getKey()),
                        e.getValue().intValue()))
                .orElse(new GoalSpreadView(goal, goal.label(), counts, null, 0));
    }
}
