package grastel.app.demo;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.SignedIn;
import grastel.app.returns.intake.WatchedFolder;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.KeyHabit;
import grastel.core.scanner.hand.PieceTask;
import grastel.core.scanner.hand.PieceTask.Fault;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.sheet.Stock;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * The simulated scanner at work: fills a class's pages, each with its student's hand, into the watched folder. The same student
 * draws the same sheet alike at every start.
 */
@Component
@Profile("demo")
class ClassScanner {
    private static final double DPI = 150;
    /** As finely as the scanner sees. */
    private static final double DRAWN_PX_PER_MM = DPI / 25.4;
    /** One page in four comes from a phone. */
    private static final int PHONE_EVERY = 4;
    /** Who does something again has drawn so many sheets since. */
    private static final int PRACTISED = 3;
    /** Held as near as the page allows. */
    private static final double PHONE_DESK_MM = 8;

    /** Reflectance of printed black in a school, and how printings differ, natural logarithm. */
    private static final double USUAL_BLACK = 0.04;

    private static final double BLACK_SPREAD = 0.4;
    /** No paper takes colour quite evenly. */
    private static final double CLOUD = 0.03;

    private final Printings printings;
    private final WatchedFolder folder;

    ClassScanner(Printings printings, WatchedFolder folder) {
        this.printings = printings;
        this.folder = folder;
    }

    /** Scans one page of a run. Call as its owner. @return the file written */
    Path scan(SignedIn owner, PageInfo page) {
        return scan(owner, page, page.run().personal() ? PRACTISED : 0, 1);
    }

    /**
     * @param attempt how many sheets the student drew before
     * @param share of the work the student comes to, 0…1; the fields at the end are left empty
     */
    Path scan(SignedIn owner, PageInfo page, int attempt, double share) {
        PrintedSheet printed = printings.printed(page.id());
        int place = place(printed.schoolClass(), page.student());
        Random random = new Random(DemoHand.seed(printed.schoolClass(), place)
                + 31L * DemoHand.seed(page.run().title())
                + page.part());
        List<FieldTask> tasks = begun(tasks(printed, place), share);
        ScanConditions conditions = page.number() % PHONE_EVERY == 0
                ? ScanConditions.phone(random).from(DPI, PHONE_DESK_MM)
                : ScanConditions.flatbed(DPI, random);
        byte[] file = new SimulatedScanner(printed.paper(), stock(page), DRAWN_PX_PER_MM)
                .file(
                        printed.layout(),
                        tasks,
                        printed.plan().palette(),
                        DemoHand.of(printed.schoolClass(), page.student(), attempt, random)
                                .with(KeyHabit.any(new Random(DemoHand.seed(printed.schoolClass(), place)))),
                        conditions,
                        random.nextLong());
        return write(
                folder.of(owner),
                "scan-" + page.run().id().toString().substring(0, 4) + "-"
                        + String.format(Locale.ROOT, "%03d", page.number()) + ".jpg",
                file);
    }

    /** Every printing comes from another printer, or from the same with less ink. */
    private static Stock stock(PageInfo page) {
        Random random = new Random(DemoHand.seed(page.run().title()));
        return new Stock(USUAL_BLACK * Math.exp(BLACK_SPREAD * random.nextGaussian()), CLOUD);
    }

    /** Pictures with what this student does to pictures. */
    private static List<FieldTask> tasks(PrintedSheet printed, int place) {
        return FieldTask.of(printed.plan(), printed.layout()).stream()
                .map(task -> task(task, printed.plan().field(task.field()), printed, place))
                .toList();
    }

    private static FieldTask task(FieldTask asked, FieldPlan field, PrintedSheet printed, int place) {
        if (!field.hasPicture()) {
            return asked;
        }
        List<Fault> faults = Fault.of(field.ownPicture());
        Fault fault = faults.get(place % 3 == 0 ? 0 : 1 + place % (faults.size() - 1));
        return PieceTask.of(printed.plan().exerciseOf(field.id()), field, fault);
    }

    private static List<FieldTask> begun(List<FieldTask> all, double share) {
        return all.subList(0, Math.max(1, (int) Math.round(share * all.size())));
    }

    /** Written under another name first, so that the folder's watcher never sees half a file. */
    static Path write(Path folder, String name, byte[] jpeg) {
        try {
            Path part = folder.resolve(name + ".part");
            Files.write(part, jpeg);
            return Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int place(ClassInfo of, UUID student) {
        return of.students().stream().map(StudentInfo::id).toList().indexOf(student);
    }
}
