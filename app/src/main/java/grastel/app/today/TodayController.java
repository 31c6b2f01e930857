package grastel.app.today;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.returns.CauseView;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Mark;
import grastel.app.returns.Returns.Progress;
import grastel.app.returns.Returns.Standing;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.Print;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.exercise.Goal;
import grastel.core.exercise.SheetPlan;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.calendar.Period;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
    private static final int MOST_REDOS = 8;

    private final Classes classes;
    private final Sheets sheets;
    private final Returns returns;
    private final Clock clock;

    TodayController(Classes classes, Sheets sheets, Returns returns, Clock clock) {
        this.classes = classes;
        this.sheets = sheets;
        this.returns = returns;
        this.clock = clock;
    }

    record ProgressView(
            @NotNull int printed,
            @NotNull int waiting,
            @NotNull int read,
            @NotNull int confirmed,
            @NotNull int unreadable) {}

    /** Who does what again. @param exercise its title where the sheet holds several */
    record RedoView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull String exercise,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull CauseView cause,
            String field) {}

    /** What most of a class missed. @param exercise its title where the sheet holds several */
    record FaultView(
            @NotNull String exercise,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull CauseView cause,
            @NotNull int students) {}

    record TodayRunView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull Instant printedAt,
            @NotNull String pencil,
            @NotNull String paper,
            @NotNull long minutes,
            @NotNull ProgressView progress,
            FaultView fault,
            @NotNull List<RedoView> redos) {}

    /** @param starts today's period, null where the class does not meet today; @param run the latest, or null */
    record TodayClassView(
            @NotNull UUID id, @NotNull String name, @NotNull int students, LocalTime starts, TodayRunView run) {}

    record TodayView(
            @NotNull LocalDate date,
            @NotNull List<TodayClassView> classes,
            @NotNull boolean anySheet,
            @NotNull int unplaced) {}

    @GetMapping
    TodayView today() {
        LocalDate date = LocalDate.now(clock);
        Map<UUID, RunInfo> latest = sheets.latestRuns();
        Map<UUID, Standing> standings = returns.standings(latest.values());
        Map<UUID, Print> prints =
                sheets.prints(latest.values().stream().map(RunInfo::id).toList());
        List<TodayClassView> views = classes.all().stream()
                .flatMap(c -> {
                    RunInfo run = latest.get(c.id());
                    TodayRunView view = run == null ? null : run(c, run, standings.get(run.id()), prints.get(run.id()));
                    return periods(c, date).stream()
                            .map(starts -> new TodayClassView(
                                    c.id(), c.name(), c.students().size(), starts, view));
                })
                .sorted(Comparator.comparing(TodayClassView::starts, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(TodayClassView::name))
                .toList();
        return new TodayView(date, views, sheets.any(), returns.unplaced());
    }

    /** Starts of a class's periods today; one null where it has none. */
    private static List<LocalTime> periods(ClassInfo c, LocalDate date) {
        List<LocalTime> starts = new ArrayList<>();
        c.calendar().on(date).stream()
                .filter(Period::isHeld)
                .forEach(p -> starts.add(p.starts().toLocalTime()));
        if (starts.isEmpty()) {
            starts.add(null);
        }
        return starts;
    }

    private static TodayRunView run(ClassInfo c, RunInfo run, Standing standing, Print print) {
        Progress p = standing.progress();
        return new TodayRunView(
                run.id(),
                run.title(),
                run.printedAt(),
                print.plan().palette().stream()
                        .map(pencil -> pencil.code() + " " + pencil.name())
                        .collect(Collectors.joining(", ")),
                print.paper(),
                Math.round(print.plan().minutes()),
                new ProgressView(p.printed(), p.waiting(), p.read(), p.confirmed(), p.unreadable()),
                fault(print.plan(), standing.attempts()),
                redos(c, print.plan(), standing.attempts()));
    }

    /** What a student is still weak in. */
    private record Weak(UUID student, Mark mark) {}

    /** The commonest cause below secure, by how many students have it; none where nobody has one. */
    private static FaultView fault(SheetPlan plan, List<Attempt> attempts) {
        record Key(int exercise, Goal goal, Cause cause) {}
        Map<Key, Set<UUID>> students = attempts.stream()
                .flatMap(TodayController::weak)
                .collect(Collectors.groupingBy(
                        w -> new Key(
                                w.mark().exercise(), w.mark().goal(), w.mark().cause()),
                        Collectors.mapping(Weak::student, Collectors.toSet())));
        return students.entrySet().stream()
                .max(Comparator.comparingInt(
                                (Map.Entry<Key, Set<UUID>> e) -> e.getValue().size())
                        .thenComparing(e -> e.getKey().goal(), Comparator.reverseOrder())
                        .thenComparing(e -> e.getKey().exercise(), Comparator.reverseOrder()))
                .map(e -> new FaultView(
                        title(plan, e.getKey().exercise()),
                        e.getKey().goal(),
                        e.getKey().goal().label(),
                        CauseView.of(e.getKey().cause()),
                        e.getValue().size()))
                .orElse(null);
    }

    /** Confirmed students with a goal at beginning, weakest first: one goal each. */
    private static List<RedoView> redos(ClassInfo c, SheetPlan plan, List<Attempt> attempts) {
        Map<UUID, String> names = c.students().stream().collect(Collectors.toMap(StudentInfo::id, StudentInfo::name));
        Map<UUID, List<Mark>> marks = attempts.stream()
                .filter(Attempt::confirmed)
                .collect(Collectors.groupingBy(
                        Attempt::student, Collectors.flatMapping(a -> a.marks().stream(), Collectors.toList())));
        Map<UUID, Mark> worst = attempts.stream()
                .filter(Attempt::confirmed)
                .flatMap(TodayController::weak)
                .filter(w -> w.mark().level().compareTo(Level.NEARLY) < 0)
                .collect(Collectors.toMap(
                        Weak::student, Weak::mark, BinaryOperator.minBy(Comparator.comparing(Mark::level))));
        return worst.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<UUID, Mark> e) -> sum(marks.get(e.getKey())))
                        .thenComparing(e -> names.getOrDefault(e.getKey(), "")))
                .limit(MOST_REDOS)
                .map(e -> new RedoView(
                        e.getKey(),
                        names.getOrDefault(e.getKey(), ""),
                        title(plan, e.getValue().exercise()),
                        e.getValue().goal(),
                        e.getValue().goal().label(),
                        CauseView.of(e.getValue().cause()),
                        e.getValue().field()))
                .toList();
    }

    private static int sum(List<Mark> marks) {
        return marks.stream().mapToInt(m -> m.level().ordinal()).sum();
    }

    /** Of an exercise, where the sheet holds several. */
    private static String title(SheetPlan plan, int exercise) {
        return plan.exercises().size() < 2 ? "" : plan.exercises().get(exercise).title();
    }

    private static Stream<Weak> weak(Attempt attempt) {
        return attempt.marks().stream()
                .filter(m -> m.level().compareTo(Level.SECURE) < 0 && m.cause() != null)
                .map(m -> new Weak(attempt.student(), m));
    }
}
