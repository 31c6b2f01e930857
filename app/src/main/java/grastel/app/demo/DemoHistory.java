package grastel.app.demo;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.course.Courses;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.Storage;
import grastel.app.projects.ProjectSheets;
import grastel.app.projects.Projects;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import grastel.core.page.PageSize;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * The last weeks of a school: sheets of past lessons are printed, drawn, scanned, read and confirmed, each in its week, the same
 * way as a teacher's own. It works in the background while the demo is used, newest sheets first, and continues after a restart.
 */
@Component
@Profile("demo")
class DemoHistory {
    private static final Logger LOG = LoggerFactory.getLogger(DemoHistory.class);
    /** How many of the last sheets of each class came back. */
    private static final int MOST_SHEETS = 4;

    private static final LocalTime BEFORE_SCHOOL = LocalTime.of(8, 0);
    private static final LocalTime AFTER_SCHOOL = LocalTime.of(16, 0);
    /** Spread of pace within a class. */
    private static final double SPREAD = 0.25;

    /** Finished pieces that came in so far. */
    private static final int PIECES = 3;

    private static final int PRACTISED = 4;
    /** The step after the sheets of lessons. */
    private static final String PIECE = "piece";

    private final Classes classes;
    private final Courses courses;
    private final Printings printings;
    private final Projects projects;
    private final ProjectSheets projectSheets;
    private final ClassScanner scanner;
    private final DemoReturns demoReturns;
    private final ClassClock clock;
    private final Path doneFile;
    private volatile Progress progress = new Progress(0, 0);

    DemoHistory(
            Classes classes,
            Courses courses,
            Printings printings,
            Projects projects,
            ProjectSheets projectSheets,
            ClassScanner scanner,
            DemoReturns demoReturns,
            ClassClock clock,
            Storage storage) {
        this.classes = classes;
        this.courses = courses;
        this.printings = printings;
        this.projects = projects;
        this.projectSheets = projectSheets;
        this.scanner = scanner;
        this.demoReturns = demoReturns;
        this.clock = clock;
        this.doneFile = storage.folder("").resolve("demo-history");
    }

    /** How far the history is. @param done sheets whose pages hang; @param sheets in all, 0 where there is no history */
    record Progress(int done, int sheets) {}

    /**
     * A lesson's sheet that was finished on a day.
     *
     * @param drawnBefore how many sheets each student of the class drew before
     * @param isLast the class's last one, which still waits for its teacher
     */
    private record Pile(
            ClassInfo schoolClass, UUID sheet, LocalDate day, Map<UUID, Integer> drawnBefore, boolean isLast) {
        String key() {
            return schoolClass.id() + " " + sheet;
        }
    }

    Progress progress() {
        return progress;
    }

    /** True from {@link #plan} until the last sheet is done. */
    boolean isUnderWay() {
        return Files.exists(doneFile) && !done().contains(PIECE);
    }

    /** Prints nothing yet: says that there is a history to make. */
    void plan() {
        write("");
    }

    /** Makes what is not there yet. Call as the owner. */
    void make(SignedIn owner) {
        List<Pile> piles = new ArrayList<>();
        classes.all().forEach(c -> piles.addAll(piles(c)));
        piles.sort(Comparator.comparing(Pile::isLast).thenComparing(Pile::day).reversed());
        Set<String> done = done();
        int sheets = piles.size() + 1;
        // a sheet of a later lesson may refer to an earlier one, so all are printed first
        Map<Pile, RunInfo> runs = new HashMap<>();
        piles.stream().sorted(Comparator.comparing(Pile::day)).forEach(pile -> runs.put(pile, printed(pile)));
        for (Pile pile : piles) {
            progress = new Progress(done.size(), sheets);
            if (!done.contains(pile.key())) {
                bringBack(owner, pile, Require.key(runs, pile));
                write(pile.key() + "\n");
                done.add(pile.key());
            }
        }
        piece(owner);
        write(PIECE + "\n");
        progress = new Progress(sheets, sheets);
        LOG.info("Demo history made: {} sheets of classes", piles.size());
    }

    private Set<String> done() {
        try {
            return new HashSet<>(Files.readAllLines(doneFile));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(String line) {
        try {
            Files.writeString(doneFile, line, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The assignment of a pile, made when there is none yet. */
    private RunInfo printed(Pile pile) {
        return printings.runsOf(List.of(pile.sheet())).stream()
                .filter(run -> run.schoolClass().equals(pile.schoolClass().id()))
                .findFirst()
                .orElseGet(() -> clock.at(
                        LocalDateTime.of(pile.day(), BEFORE_SCHOOL),
                        () -> printings.print(pile.sheet(), pile.schoolClass().id())));
    }

    /** The oldest class is in the middle of its piece: one is finished and judged, two more came in. */
    private void piece(SignedIn owner) {
        ClassInfo avocet = classes.byName("10 Avocet").orElseThrow();
        UUID project = projects.titles().stream()
                .filter(p -> p.title().equals("Glass float"))
                .findFirst()
                .orElseThrow()
                .id();
        RunInfo run = printings.runsOfPiece(project.toString()).stream()
                .findFirst()
                .orElseGet(() -> printings.print(projectSheets.make(project, PageSize.A4), avocet.id()));
        List<PageInfo> pages = printings.pages(run.id());
        for (int came = demoReturns.back(run.id()).size(); came < PIECES; came++) {
            scanner.scan(owner, pages.get(came), PRACTISED, 1);
            demoReturns.awaitRead(run.id(), came + 1);
            if (came == 0) {
                demoReturns.confirm(run.id());
            }
        }
    }

    private List<Pile> piles(ClassInfo of) {
        List<Pile> piles = new ArrayList<>();
        for (LocalDate day : daysOf(of)) {
            Courses.Day held = Require.key(courses.on(List.of(of), day), of.id());
            for (PeriodView period : held.periods()) {
                for (PieceView piece : period.pieces()) {
                    if (period.logged() && !piece.goesOn()) {
                        sheets(held, piece.lesson()).forEach(s -> piles.add(new Pile(of, s, day, Map.of(), false)));
                    }
                }
            }
        }
        List<Pile> last = piles.subList(Math.max(0, piles.size() - MOST_SHEETS), piles.size());
        List<Pile> numbered = new ArrayList<>();
        Map<UUID, Integer> drawn = new HashMap<>();
        for (int i = 0; i < last.size(); i++) {
            Pile pile = last.get(i);
            boolean waits = of.name().equals("8 Dunlin") && i == last.size() - 1;
            numbered.add(new Pile(of, pile.sheet(), pile.day(), Map.copyOf(drawn), waits));
            of.students().stream()
                    .filter(s -> isThere(s.name(), waits))
                    .forEach(s -> drawn.merge(s.id(), 1, Integer::sum));
        }
        return numbered;
    }

    private static List<LocalDate> daysOf(ClassInfo of) {
        return of.calendar().periods().stream().map(p -> p.date()).distinct().toList();
    }

    private static List<UUID> sheets(Courses.Day day, String lesson) {
        return day.lessons().stream()
                .filter(l -> l.id().equals(lesson))
                .map(LessonView::sheets)
                .flatMap(List::stream)
                .toList();
    }

    private void bringBack(SignedIn owner, Pile pile, RunInfo run) {
        LocalDateTime came = LocalDateTime.of(pile.day(), AFTER_SCHOOL);
        List<PageInfo> pages = printings.pages(run.id()).stream()
                .filter(page -> isThere(name(pile, page), pile.isLast()))
                .toList();
        Set<UUID> back = demoReturns.back(run.id());
        pages.parallelStream()
                .filter(page -> !back.contains(page.id()))
                .forEach(page -> Ownership.as(
                        owner.id(),
                        () -> scanner.scan(
                                owner, page, pile.drawnBefore().getOrDefault(page.student(), 0), share(pile, page))));
        demoReturns.awaitRead(run.id(), pages.size());
        clock.at(came, () -> {
            demoReturns.cameIn(run.id(), clock.instant());
            if (!pile.isLast()) {
                demoReturns.confirm(run.id());
            }
            return null;
        });
    }

    private static String name(Pile pile, PageInfo page) {
        return pile.schoolClass().students().stream()
                .filter(s -> s.id().equals(page.student()))
                .findFirst()
                .map(Classes.StudentInfo::name)
                .orElse("");
    }

    /** Zoë was away until the last sheet. */
    private static boolean isThere(String name, boolean isLast) {
        return !name.equals("Zoë Østergård") || isLast;
    }

    /** A slow student of a slow class does not come to the end. */
    private static double share(Pile pile, PageInfo page) {
        if (!pile.schoolClass().name().equals("7 Kittiwake")) {
            return 1;
        }
        double speed = Math.exp(
                SPREAD * new Random(page.number() + 31L * page.run().title().hashCode()).nextGaussian());
        return Math.min(1, 1.1 * speed);
    }
}
