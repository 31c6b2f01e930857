package grastel.app.demo;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.SignedIn;
import grastel.app.returns.WatchedFolder;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.app.sheets.Sheets.PrintedSheet;
import grastel.core.scanner.FieldTask;
import grastel.core.scanner.Hand;
import grastel.core.scanner.ScanConditions;
import grastel.core.scanner.SimulatedScanner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.SplittableRandom;
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
    private static final double DPI = 200;
    /** One page in four comes from a phone. */
    private static final int PHONE_EVERY = 4;

    private final Sheets sheets;
    private final WatchedFolder folder;

    ClassScanner(Sheets sheets, WatchedFolder folder) {
        this.sheets = sheets;
        this.folder = folder;
    }

    /** Scans one page of a run. Call as its owner. @return the file written */
    Path scan(SignedIn owner, PageInfo page) {
        PrintedSheet printed = sheets.printed(page.id());
        int place = place(printed.schoolClass(), page.student());
        Random random = new Random(
                seed(printed.schoolClass(), place) + 31L * seed(page.run().title()) + page.part());
        double skill = skill(printed.schoolClass(), place);
        List<FieldTask> tasks = FieldTask.of(printed.plan(), printed.layout());
        ScanConditions conditions =
                page.number() % PHONE_EVERY == 0 ? ScanConditions.phone(random) : ScanConditions.flatbed(DPI, random);
        SimulatedScanner.Scan scan = new SimulatedScanner(printed.paper())
                .scan(
                        printed.layout(),
                        tasks,
                        printed.plan().palette(),
                        Hand.ofSkill(skill, random),
                        conditions,
                        random.nextLong());
        return write(
                folder.of(owner),
                "scan-" + page.run().id().toString().substring(0, 4) + "-"
                        + String.format(Locale.ROOT, "%03d", page.number()) + ".jpg",
                scan.jpeg());
    }

    /** Written under another name first, so that the folder's watcher never sees half a file. */
    private static Path write(Path folder, String name, byte[] jpeg) {
        try {
            Path part = folder.resolve(name + ".part");
            Files.write(part, jpeg);
            return Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A student's skill stays the same from sheet to sheet; most of a class are near what its band is used to. */
    private static double skill(ClassInfo of, int place) {
        double usual = switch (of.band()) {
            case FIRST_STEPS -> 0.55;
            case DEVELOPING -> 0.7;
            case ADVANCED -> 0.85;
        };
        return Math.min(0.98, Math.max(0.15, usual + 0.2 * new Random(seed(of, place)).nextGaussian()));
    }

    private static int place(ClassInfo of, UUID student) {
        return of.students().stream().map(StudentInfo::id).toList().indexOf(student);
    }

    /** The same at every start: ids are not. Scrambled, as neighbouring seeds begin alike. */
    private static long seed(ClassInfo of, int place) {
        return new SplittableRandom(1009L * seed(of.name()) + place).nextLong();
    }

    private static long seed(String words) {
        return words.hashCode();
    }
}
