package grastel.app.returns.intake;

import static grastel.core.words.Words.say;

import grastel.app.account.Accounts;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Failure;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.room.Passing;
import grastel.app.platform.room.Storage;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.work.ReadingJob;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.modulith.NamedInterface;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Takes in what a scanner puts into {@code inbox/<sign-in name>}. A file is taken when its size has stayed the same from
 * one look to the next; it is removed once stored. A file that is no picture goes to {@code refused/} with the reason
 * beside it.
 */
@NamedInterface("intake")
@Component
public class WatchedFolder {
    private static final Logger LOG = LoggerFactory.getLogger(WatchedFolder.class);
    private static final String REFUSED = "refused";
    private static final int MOST_FAILURES = 3;

    private final Accounts accounts;
    private final Intake intake;
    private final Storage storage;
    private final Map<Path, Long> sizes = new HashMap<>();
    private final Map<Path, Integer> failures = new HashMap<>();

    WatchedFolder(Accounts accounts, Intake intake, Storage storage) {
        this.accounts = accounts;
        this.intake = intake;
        this.storage = storage;
    }

    /** Where a teacher's scanner puts its files. */
    public Path of(SignedIn teacher) {
        return storage.folder("inbox/" + teacher.name());
    }

    /** One file of each teacher by turns, so that a pile keeps no colleague waiting. */
    @Scheduled(fixedDelay = 700)
    void look() {
        Map<UUID, Iterator<Path>> left = new LinkedHashMap<>();
        accounts.all()
                .forEach(teacher -> left.put(teacher.id(), files(of(teacher)).iterator()));
        while (!left.isEmpty()) {
            left.entrySet()
                    .removeIf(one -> !one.getValue().hasNext()
                            || !Ownership.as(
                                    one.getKey(), () -> look(one.getValue().next())));
        }
    }

    /** False where the teacher's other files must wait too. */
    boolean look(Path file) {
        try {
            long size = Files.size(file);
            Long before = sizes.put(file, size);
            if (before != null && before == size) {
                sizes.remove(file);
                take(file);
            }
        } catch (ApiProblem wait) {
            LOG.info("Watched folder waits: {}", wait.code());
            return false;
        } catch (IOException | RuntimeException | Error e) {
            LOG.warn("Watched folder: a file could not be taken: {}", Failure.of(e));
            if (Passing.is(e)) {
                return false;
            }
            failed(file);
        }
        return true;
    }

    /** A file that fails again and again is set aside, so that it does not come for ever. */
    private void failed(Path file) {
        if (failures.merge(file, 1, Integer::sum) >= MOST_FAILURES) {
            failures.remove(file);
            try {
                setAside(file, ReadingJob.FAILED);
            } catch (IOException e) {
                LOG.warn("Watched folder: a file could not be set aside: {}", Failure.of(e));
            }
        }
    }

    private void take(Path file) throws IOException {
        List<Intake.Outcome> outcomes = new ArrayList<>();
        intake.accept(
                file.getFileName().toString(),
                () -> Files.newInputStream(file),
                ScanFile.Source.FOLDER,
                null,
                outcomes::add);
        String problems = outcomes.stream()
                .filter(o -> !o.taken() && !Intake.ALREADY_HERE.equals(o.problem()))
                .map(o -> outcomes.size() == 1 ? o.problem() : o.name() + ": " + o.problem())
                .collect(Collectors.joining("\n"));
        if (problems.isEmpty()) {
            Files.delete(file);
        } else {
            setAside(file, problems);
        }
    }

    /** The reason first: whenever the file is there, so is why. */
    private static void setAside(Path file, String problem) throws IOException {
        Path refused = Files.createDirectories(file.resolveSibling(REFUSED));
        Files.writeString(refused.resolve(file.getFileName() + ".txt"), say("problem.not-taken", problem));
        Files.move(file, refused.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> found = Files.list(folder)) {
            return found.filter(Files::isRegularFile)
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .filter(f -> !f.getFileName().toString().endsWith(".part"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            LOG.warn("Watched folder cannot be listed: {}", Failure.of(e));
            return List.of();
        }
    }
}
