package grastel.app.today;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.returns.CauseView;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Mark;
import grastel.app.returns.Returns.Progress;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.exercise.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
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

    /** Who does what again. */
    record RedoView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull CauseView cause,
            String field) {}

    /** What most of a class missed. */
    record FaultView(
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
        Map<UUID, RunInfo> latest = sheets.runs().stream()
                .collect(Collectors.toMap(RunInfo::schoolClass, Function.identity(), (newer, older) -> newer));
        List<TodayClassView> views = classes.all().stream()
                .flatMap(c -> periods(c, date).stream()
                        .map(starts -> new TodayClassView(
                                c.id(), c.name(), c.students().size(), starts, run(c, latest.get(c.id())))))
                .sorted(Comparator.comparing(TodayClassView::starts, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(TodayClassView::name))
                .toList();
        return new TodayView(date, views, !sheets.all().isEmpty(), returns.unplaced());
    }

    /** Starts of a class's periods today; one null where it has none. */
    private static List<LocalTime> periods(ClassInfo c, LocalDate date) {
        List<LocalTime> starts = new ArrayList<>();
        c.periods().stream().filter(p -> p.day() == date.getDayOfWeek()).forEach(p -> starts.add(p.starts()));
        if (starts.isEmpty()) {
            starts.add(null);
        }
        return starts;
    }

    private TodayRunView run(ClassInfo c, RunInfo run) {
        if (run == null) {
            return null;
        }
        Sheets.PrintedSheet sheet = sheets.printed(sheets.pages(run.id()).get(0).id());
        List<Attempt> attempts = returns.attempts(run.id());
        Progress p = returns.progress(run.id());
        return new TodayRunView(
                run.id(),
                run.title(),
                run.printedAt(),
                sheet.plan().palette().stream()
                        .map(pencil -> pencil.code() + " " + pencil.name())
                        .collect(Collectors.joining(", ")),
                sheet.paper().name(),
                Math.round(sheet.plan().minutes()),
                new ProgressView(p.printed(), p.waiting(), p.read(), p.confirmed(), p.unreadable()),
                fault(attempts),
                redos(c, attempts));
    }

    /** The commonest cause below secure; none where nobody has one. */
    private static FaultView fault(List<Attempt> attempts) {
        record Key(Goal goal, Cause cause) {}
        return attempts.stream()
                .flatMap(a -> weak(a).stream())
                .collect(Collectors.groupingBy(m -> new Key(m.goal(), m.cause()), Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(e -> new FaultView(
                        e.getKey().goal(),
                        e.getKey().goal().label(),
                        CauseView.of(e.getKey().cause()),
                        e.getValue().intValue()))
                .orElse(null);
    }

    /** Confirmed students with a goal at beginning, weakest first: one goal each. */
    private static List<RedoView> redos(ClassInfo c, List<Attempt> attempts) {
        Map<UUID, String> names = c.students().stream().collect(Collectors.toMap(StudentInfo::id, StudentInfo::name));
        return attempts.stream()
                .filter(Attempt::confirmed)
                .filter(a -> weak(a).stream().anyMatch(m -> m.level().compareTo(Level.NEARLY) < 0))
                .sorted(Comparator.comparingInt(a ->
                        a.marks().stream().mapToInt(m -> m.level().ordinal()).sum()))
                .limit(MOST_REDOS)
                .map(a -> {
                    Mark worst = weak(a).stream()
                            .min(Comparator.comparing(Mark::level))
                            .orElseThrow();
                    return new RedoView(
                            a.student(),
                            names.getOrDefault(a.student(), ""),
                            worst.goal(),
                            worst.goal().label(),
                            CauseView.of(worst.cause()),
                            worst.field());
                })
                .toList();
    }

    private static List<Mark> weak(Attempt attempt) {
        return attempt.marks().stream()
                .filter(m -> m.level().compareTo(Level.SECURE) < 0 && m.cause() != null)
                .toList();
    }
}
