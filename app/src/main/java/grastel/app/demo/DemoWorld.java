package grastel.app.demo;

import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.kit.Kit;
import grastel.app.kit.KitChanges;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.SheetInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Profile;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Makes the demo world on the first start of the demo: teacher, classes, courses, projects; in the background the sheets that came
 * back.
 */
@Component
@Profile("demo")
class DemoWorld {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWorld.class);
    private static final int WORN_LEAD_MM = 45;

    private final Accounts accounts;
    private final Classes classes;
    private final Kit kit;
    private final KitChanges kitChanges;
    private final Sheets sheets;
    private final Printings printings;
    private final DemoTeacher teacher;
    private final DemoReturns demoReturns;
    private final DemoCourses demoCourses;
    private final DemoProjects demoProjects;
    private final DemoHistory history;
    private final boolean withHistory;
    private final ClassClock clock;

    /** @param withHistory true for the history of the last weeks; else one sheet of one class is back */
    DemoWorld(
            Accounts accounts,
            Classes classes,
            Kit kit,
            KitChanges kitChanges,
            Sheets sheets,
            Printings printings,
            DemoTeacher teacher,
            DemoReturns demoReturns,
            DemoCourses demoCourses,
            DemoProjects demoProjects,
            DemoHistory history,
            @Value("${grastel.demo-history:false}") boolean withHistory,
            ClassClock clock) {
        this.accounts = accounts;
        this.classes = classes;
        this.kit = kit;
        this.kitChanges = kitChanges;
        this.sheets = sheets;
        this.printings = printings;
        this.teacher = teacher;
        this.demoReturns = demoReturns;
        this.demoCourses = demoCourses;
        this.demoProjects = demoProjects;
        this.history = history;
        this.withHistory = withHistory;
        this.clock = clock;
    }

    @EventListener
    void prepare(ApplicationReadyEvent ready) {
        if (accounts.isFirstStart()) {
            SignedIn made = accounts.first(teacher.name(), teacher.displayName(), teacher.password());
            Ownership.as(made.id(), () -> {
                fill(made);
                return null;
            });
            LOG.info("Demo world made");
        }
        if (history.isUnderWay()) {
            accounts.byName(teacher.name()).ifPresent(owner -> inBackground(owner, () -> history.make(owner)));
        }
    }

    private void fill(SignedIn owner) {
        ClassInfo kittiwake =
                made("7 Kittiwake", GradeBand.FIRST_STEPS, DemoNames.KITTIWAKE, LocalTime.of(9, 10), 45, 1);
        ClassInfo dunlin = made("8 Dunlin", GradeBand.DEVELOPING, DemoNames.DUNLIN, LocalTime.of(11, 5), 50, 2);
        ClassInfo avocet = made("10 Avocet", GradeBand.ADVANCED, DemoNames.AVOCET, LocalTime.of(13, 40), 60, 2);
        demoProjects.make(avocet.id());
        if (withHistory) {
            courses(kittiwake, dunlin, avocet);
            kit.pencils().stream()
                    .filter(p -> p.pencil().name().equals("Night Watch"))
                    .forEach(p -> kitChanges.seeLead(p.id(), WORN_LEAD_MM));
            clock.keepToday();
            history.plan();
            return;
        }
        SheetInfo red = sheet("S07", 7);
        SheetInfo blue = sheet("S16", 5);
        printings.print(red.id(), dunlin.id());
        RunInfo returned = printings.print(blue.id(), avocet.id());
        courses(kittiwake, dunlin, avocet);
        inBackground(owner, () -> demoReturns.bringBackAndConfirm(owner, returned.id()));
    }

    /** The demo can be used meanwhile. */
    private static void inBackground(SignedIn owner, Runnable task) {
        Thread thread = new Thread(
                () -> Ownership.as(owner.id(), () -> {
                    task.run();
                    return null;
                }),
                "demo-returns");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void courses(ClassInfo kittiwake, ClassInfo dunlin, ClassInfo avocet) {
        demoCourses.begin(kittiwake.id(), "first-steps", 5, 0.8, 18);
        demoCourses.begin(dunlin.id(), "colour-in-depth", 7, 0.9, 24);
        demoCourses.begin(avocet.id(), "one-thing-from-the-harbour", 2, 1.1, 14);
    }

    private ClassInfo made(
            String name, GradeBand band, List<String> students, LocalTime starts, int minutes, int aWeek) {
        return classes.create(name, band, students, DemoTerm.around(LocalDate.now(clock), starts, minutes, aWeek));
    }

    private SheetInfo sheet(String pencilCode, int steps) {
        Kit.KitPencil pencil = kit.pencils().stream()
                .filter(p -> p.pencil().code().equals(pencilCode))
                .findFirst()
                .orElseThrow();
        Kit.KitPaper paper = kit.papers().stream()
                .filter(p -> p.paper().name().equals("Harbour Cartridge"))
                .findFirst()
                .orElseThrow();
        return sheets.create(
                null,
                SheetData.of(
                        paper.id(),
                        "pressure-scale",
                        Map.of("pencil", ValueData.of(pencil.id()), "steps", ValueData.of(steps))));
    }
}
