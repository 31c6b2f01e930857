package grastel.app.today;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.Attendance;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseWarningView;
import grastel.app.course.Courses;
import grastel.app.course.Courses.Day;
import grastel.app.course.paper.CoursePapers;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.returns.Misses;
import grastel.app.returns.Misses.FaultView;
import grastel.app.returns.Misses.RedoView;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Progress;
import grastel.app.returns.Returns.Standing;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.Print;
import grastel.app.sheets.SheetPapers;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
    private final Classes classes;
    private final Courses courses;
    private final Sheets sheets;
    private final Printings printings;
    private final SheetPapers printed;
    private final Returns returns;
    private final CoursePapers papers;
    private final Clock clock;

    TodayController(
            Classes classes,
            Courses courses,
            CoursePapers papers,
            Sheets sheets,
            Printings printings,
            SheetPapers printed,
            Returns returns,
            Clock clock) {
        this.classes = classes;
        this.courses = courses;
        this.papers = papers;
        this.sheets = sheets;
        this.printings = printings;
        this.printed = printed;
        this.returns = returns;
        this.clock = clock;
    }

    record ProgressView(
            @NotNull int printed,
            @NotNull int waiting,
            @NotNull int read,
            @NotNull int confirmed,
            @NotNull int unreadable) {}

    /** @param missing students of whom nothing has come back; none before anything has */
    record TodayRunView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull Instant printedAt,
            @NotNull ProgressView progress,
            @Nullable FaultView fault,
            @NotNull List<RedoView> redos,
            @NotNull List<MissingView> missing) {}

    /** @param absent true for one who was away in a lesson since the sheet was printed: it is caught up, not forgotten */
    record MissingView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull boolean absent) {}

    /** A sheet of today's lesson. @param run its latest printing for the class, or null */
    record TodaySheetView(
            @NotNull UUID id,
            @NotNull String title,
            @Nullable UUID run) {}

    /**
     * One class's day, or its place in the list where it does not meet.
     *
     * @param period null where it does not meet
     * @param lessons of the period
     * @param numbers of these lessons in the course, from 1
     * @param of lessons in the course
     * @param run the latest printing, or null
     */
    record TodayClassView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull int students,
            @Nullable PeriodView period,
            @NotNull List<LessonView> lessons,
            @NotNull List<Integer> numbers,
            @NotNull int of,
            @NotNull List<CourseWarningView> warnings,
            @NotNull List<TodaySheetView> sheets,
            @Nullable TodayRunView run) {}

    /** @param today the day it is; @param next the next day on which a class meets, or null */
    record TodayView(
            @NotNull LocalDate date,
            @NotNull LocalDate today,
            @Nullable LocalDate next,
            @NotNull List<TodayClassView> classes,
            @NotNull int unplaced) {}

    /** @param date another day than today */
    @GetMapping
    TodayView today(@RequestParam(required = false) LocalDate date) {
        LocalDate today = LocalDate.now(clock);
        LocalDate asked = date == null ? today : date;
        List<ClassInfo> all = classes.all();
        Map<UUID, Day> days = courses.on(all, asked);
        Map<UUID, RunInfo> latest = printings.latestRuns();
        Map<UUID, Standing> standings = returns.standings(latest.values());
        Map<UUID, Print> prints =
                printings.prints(latest.values().stream().map(RunInfo::id).toList());
        Map<UUID, List<TodaySheetView>> ofLessons = sheets(days);
        List<TodayClassView> views = all.stream()
                .flatMap(c -> views(
                        c,
                        Require.key(days, c.id()),
                        ofLessons.getOrDefault(c.id(), List.of()),
                        run(
                                c,
                                latest.get(c.id()),
                                standings,
                                prints,
                                Require.key(days, c.id()).attendance())))
                .sorted(Comparator.comparing(
                                (TodayClassView v) ->
                                        v.period() == null ? null : v.period().starts(),
                                Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(TodayClassView::name))
                .toList();
        return new TodayView(asked, today, next(all, asked), views, returns.unplaced());
    }

    /** All that is printed for a period in one document: plans, cards for the tables, the sheets as last printed for the class. */
    @GetMapping(path = "/papers.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> papers(@RequestParam UUID schoolClass, @RequestParam LocalDateTime period) {
        CoursePapers.OfPeriod of = papers.ofPeriod(schoolClass, period);
        List<byte[]> all = new ArrayList<>(of.documents());
        List<RunInfo> runs = printings.runsOf(of.sheets());
        of.sheets().stream()
                .flatMap(id -> runs.stream()
                        .filter(r -> r.sheet().equals(id) && r.schoolClass().equals(schoolClass))
                        .limit(1))
                .forEach(run -> all.add(printed.pdf(run.id())));
        if (all.isEmpty()) {
            throw ApiProblem.notFound(say("thing.paper-for-this-period"));
        }
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(PdfCanvas.joined(all));
    }

    /** The next day after a day on which any class meets. */
    private static @Nullable LocalDate next(List<ClassInfo> all, LocalDate after) {
        return all.stream()
                .flatMap(c -> c.calendar().heldAfter(after).stream())
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Sheets of the day's lessons and their latest printing, by class. */
    private Map<UUID, List<TodaySheetView>> sheets(Map<UUID, Day> days) {
        Set<UUID> ids = days.values().stream()
                .flatMap(d -> d.lessons().stream())
                .flatMap(l -> l.sheets().stream())
                .collect(Collectors.toSet());
        Map<UUID, Sheets.Latest> latest = sheets.latest(ids);
        Map<UUID, Map<UUID, UUID>> runs = new HashMap<>();
        printings
                .runsOf(ids)
                .forEach(r -> runs.computeIfAbsent(r.schoolClass(), c -> new HashMap<>())
                        .putIfAbsent(r.sheet(), r.id()));
        Map<UUID, List<TodaySheetView>> views = new HashMap<>();
        days.forEach((c, day) -> views.put(
                c,
                day.lessons().stream()
                        .flatMap(l -> l.sheets().stream())
                        .distinct()
                        .filter(latest::containsKey)
                        .map(id -> new TodaySheetView(
                                id,
                                Require.key(latest, id).title(),
                                runs.getOrDefault(c, Map.of()).get(id)))
                        .toList()));
        return views;
    }

    /** One for each of its periods, the cancelled ones too; one without where it has none. */
    private static Stream<TodayClassView> views(
            ClassInfo c, Day day, List<TodaySheetView> sheets, @Nullable TodayRunView run) {
        if (day.periods().isEmpty()) {
            return Stream.of(new TodayClassView(
                    c.id(), c.name(), c.students().size(), null, List.of(), List.of(), 0, List.of(), List.of(), run));
        }
        return day.periods().stream()
                .map(p -> new TodayClassView(
                        c.id(),
                        c.name(),
                        c.students().size(),
                        p,
                        day.lessons(),
                        day.numbers(),
                        day.of(),
                        day.warnings(),
                        sheets,
                        run));
    }

    private @Nullable TodayRunView run(
            ClassInfo c,
            @Nullable RunInfo run,
            Map<UUID, Standing> standings,
            Map<UUID, Print> prints,
            List<Attendance> attendance) {
        if (run == null) {
            return null;
        }
        Standing standing = Require.key(standings, run.id());
        Print print = Require.key(prints, run.id());
        Progress p = standing.progress();
        return new TodayRunView(
                run.id(),
                run.title(),
                run.printedAt(),
                new ProgressView(p.printed(), p.waiting(), p.read(), p.confirmed(), p.unreadable()),
                Misses.fault(print.plan(), standing.attempts()),
                Misses.redos(c, print.plan(), standing.attempts()),
                missing(
                        c,
                        standing,
                        Attendance.awaySince(LocalDate.ofInstant(run.printedAt(), clock.getZone()), attendance)));
    }

    private static List<MissingView> missing(ClassInfo c, Standing standing, Set<UUID> away) {
        Set<UUID> back = standing.attempts().stream().map(Attempt::student).collect(Collectors.toSet());
        return back.isEmpty()
                ? List.of()
                : c.students().stream()
                        .filter(s -> !back.contains(s.id()))
                        .map(s -> new MissingView(s.id(), s.name(), away.contains(s.id())))
                        .toList();
    }
}
