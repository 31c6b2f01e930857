package grastel.app.demo;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.course.Courses;
import grastel.app.kit.Kit;
import grastel.app.kit.KitChanges;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.projects.ProjectSheets;
import grastel.app.projects.Projects;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.core.known.Known;
import grastel.core.page.PageSize;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * The last weeks of a school: sheets of lessons that are past were printed, drawn, scanned, read and confirmed, each in its
 * week, by the same way as any teacher's. Takes a minute or two; the launcher has it made once and starts the demo from what
 * came of it.
 */
@Component
@Profile("demo")
class DemoHistory {
    private static final Logger LOG = LoggerFactory.getLogger(DemoHistory.class);
    /** So many of the last sheets of each class came back. */
    private static final int MOST_SHEETS = 4;

    private static final LocalTime BEFORE_SCHOOL = LocalTime.of(8, 0);
    private static final LocalTime AFTER_SCHOOL = LocalTime.of(16, 0);
    /** Spread of pace within a class. */
    private static final double SPREAD = 0.25;

    /** Pieces that came in so far. */
    private static final int CAME = 3;

    private static final int PRACTISED = 4;

    private final Classes classes;
    private final Courses courses;
    private final Printings printings;
    private final Kit kit;
    private final KitChanges kitChanges;
    private final Projects projects;
    private final ProjectSheets projectSheets;
    private final ClassScanner scanner;
    private final DemoReturns demoReturns;
    private final ClassClock clock;
    private final Map<UUID, Integer> attempts = new HashMap<>();

    DemoHistory(
            Classes classes,
            Courses courses,
            Printings printings,
            Kit kit,
            KitChanges kitChanges,
            Projects projects,
            ProjectSheets projectSheets,
            ClassScanner scanner,
            DemoReturns demoReturns,
            ClassClock clock) {
        this.classes = classes;
        this.courses = courses;
        this.printings = printings;
        this.kit = kit;
        this.kitChanges = kitChanges;
        this.projects = projects;
        this.projectSheets = projectSheets;
        this.scanner = scanner;
        this.demoReturns = demoReturns;
        this.clock = clock;
    }

    /** A lesson's sheet that was finished on a day. @param isLast the class's last one, which still waits for its teacher */
    private record Pile(ClassInfo of, UUID sheet, LocalDate day, boolean isLast) {}

    /** Call as the owner. */
    void make(SignedIn owner) {
        List<Pile> piles = new ArrayList<>();
        classes.all().forEach(c -> piles.addAll(piles(c)));
        piles.sort(Comparator.comparing(Pile::day));
        piles.forEach(pile -> bringBack(owner, pile));
        piece(owner);
        kit.pencils().stream()
                .filter(p -> p.pencil().name().equals("Night Watch"))
                .forEach(p -> kitChanges.seeLead(p.id(), 45));
        clock.keepToday();
        LOG.info("Demo history made: {} sheets of classes", piles.size());
    }

    /** The oldest class is in the middle of its piece: one is finished and judged, two more came in. */
    private void piece(SignedIn owner) {
        ClassInfo of = classes.byName("10 Avocet").orElseThrow();
        UUID project = projects.titles().stream()
                .filter(p -> p.title().equals("Glass float"))
                .findFirst()
                .orElseThrow()
                .id();
        UUID sheet = projectSheets.make(project, PageSize.A4);
        RunInfo run = printings.print(sheet, of.id());
        List<PageInfo> pages = printings.pages(run.id());
        for (int came = 0; came < CAME; came++) {
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
            Courses.Day held = courses.on(List.of(of), day).get(of.id());
            if (held == null) {
                continue;
            }
            for (PeriodView period : held.periods()) {
                for (PieceView piece : period.pieces()) {
                    if (period.logged() && !piece.goesOn()) {
                        sheets(held, piece.lesson()).forEach(s -> piles.add(new Pile(of, s, day, false)));
                    }
                }
            }
        }
        List<Pile> last = new ArrayList<>(piles.subList(Math.max(0, piles.size() - MOST_SHEETS), piles.size()));
        if (of.name().equals("8 Dunlin") && !last.isEmpty()) {
            Pile waiting = last.remove(last.size() - 1);
            last.add(new Pile(of, waiting.sheet(), waiting.day(), true));
        }
        return last;
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

    private void bringBack(SignedIn owner, Pile pile) {
        clock.moveTo(LocalDateTime.of(pile.day(), BEFORE_SCHOOL));
        RunInfo run = printings.print(pile.sheet(), pile.of().id());
        clock.moveTo(LocalDateTime.of(pile.day(), AFTER_SCHOOL));
        List<PageInfo> pages = printings.pages(run.id()).stream()
                .filter(page -> isThere(pile, page))
                .toList();
        Map<UUID, Integer> before = pages.stream()
                .map(PageInfo::student)
                .distinct()
                .collect(Collectors.toMap(s -> s, s -> attempts.merge(s, 1, Integer::sum) - 1));
        pages.parallelStream()
                .forEach(page -> Ownership.as(
                        owner.id(),
                        () -> scanner.scan(owner, page, Known.in(before, page.student()), share(pile, page))));
        demoReturns.awaitRead(run.id(), pages.size());
        if (!pile.isLast()) {
            demoReturns.confirm(run.id());
        }
    }

    /** Zoë was away until the last sheet. */
    private static boolean isThere(Pile pile, PageInfo page) {
        String name = pile.of().students().stream()
                .filter(s -> s.id().equals(page.student()))
                .findFirst()
                .map(Classes.StudentInfo::name)
                .orElse("");
        return !name.equals("Zoë Østergård") || pile.isLast();
    }

    /** A slow student of a slow class does not come to the end. */
    private static double share(Pile pile, PageInfo page) {
        if (!pile.of().name().equals("7 Kittiwake")) {
            return 1;
        }
        double speed = Math.exp(
                SPREAD * new Random(page.number() + 31L * page.run().title().hashCode()).nextGaussian());
        return Math.min(1, 1.1 * speed);
    }
}
