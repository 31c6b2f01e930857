package grastel.app.returns.intake;

import static grastel.core.words.Words.say;
import static java.nio.file.LinkOption.NOFOLLOW_LINKS;

import grastel.app.account.Accounts;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Failure;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.Storage;
import grastel.app.platform.storage.TransientFailure;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.work.ReadingJob;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
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
 * Takes in what a scanner puts into {@code inbox/<sign-in name>}. A file is taken once it is whole: a picture that has its end and
 * did not change since the last look, any other file after {@link #QUIET} without a change. It is removed once stored. A picture
 * without its end waits for the rest. A file that is no picture goes to {@code refused/} with the reason beside it.
 */
@NamedInterface("intake")
@Component
public class WatchedFolder {
    private static final Logger LOG = LoggerFactory.getLogger(WatchedFolder.class);
    private static final String REFUSED = "refused";
    private static final int MOST_FAILURES = 3;

    /** Longer than a slow scanner pauses within a file whose end cannot be told. */
    static final Duration QUIET = Duration.ofSeconds(10);

    /** Nobody goes on with a picture that was cut off so long ago. */
    static final Duration CUT_OFF = Duration.ofMinutes(10);

    /** A name and ".txt" and a number must fit into what file systems allow, 255 bytes. */
    private static final int LONGEST_NAME_BYTES = 200;

    private final Accounts accounts;
    private final Intake intake;
    private final Storage storage;
    private final Clock clock;
    private final Map<Path, Seen> seen = new HashMap<>();
    private final Map<Path, Integer> failures = new HashMap<>();

    /** How a file looked, and since when. */
    private record Seen(long size, FileTime changed, Instant since) {
        boolean isLike(Seen now) {
            return size == now.size && changed.equals(now.changed);
        }
    }

    WatchedFolder(Accounts accounts, Intake intake, Storage storage, Clock clock) {
        this.accounts = accounts;
        this.intake = intake;
        this.storage = storage;
        this.clock = clock;
    }

    /** Where a teacher's scanner puts its files. */
    public Path of(SignedIn teacher) {
        return storage.folder("inbox/" + teacher.name());
    }

    /** One file of each teacher by turns, so that a pile keeps no colleague waiting. */
    @Scheduled(fixedDelay = 700)
    void look() {
        Map<UUID, Iterator<Path>> left = new LinkedHashMap<>();
        for (SignedIn teacher : accounts.all()) {
            try {
                left.put(teacher.id(), files(of(teacher)).iterator());
            } catch (RuntimeException e) {
                // a name that this system cannot write keeps nobody else's files waiting
                LOG.warn("Watched folder of a teacher cannot be listed: {}", Failure.of(e));
            }
        }
        seen.keySet().removeIf(file -> !Files.exists(file, NOFOLLOW_LINKS));
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
            BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class, NOFOLLOW_LINKS);
            if (!now.isRegularFile()) {
                return true;
            }
            Seen look = new Seen(now.size(), now.lastModifiedTime(), clock.instant());
            Seen before = seen.get(file);
            if (before == null || !before.isLike(look)) {
                seen.put(file, look);
                return true;
            }
            Duration quiet = Duration.between(before.since(), look.since());
            WholeFile.State state = WholeFile.of(file);
            if (state == WholeFile.State.WHOLE
                    || state == WholeFile.State.UNKNOWN && quiet.compareTo(QUIET) >= 0
                    || state == WholeFile.State.CUT_OFF && quiet.compareTo(CUT_OFF) >= 0) {
                seen.remove(file);
                take(file);
            }
        } catch (ApiProblem wait) {
            LOG.info("Watched folder waits: {}", wait.code());
            return false;
        } catch (NoSuchFileException gone) {
            seen.remove(file);
        } catch (IOException | RuntimeException | Error e) {
            LOG.warn("Watched folder: a file could not be taken: {}", Failure.of(e));
            if (TransientFailure.is(e)) {
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
                () -> Files.newInputStream(file, NOFOLLOW_LINKS),
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

    /** The reason first: whenever the file is there, so is why. A file that was refused under the same name stays. */
    private static void setAside(Path file, String problem) throws IOException {
        Path refused = Files.createDirectories(file.resolveSibling(REFUSED));
        String name = shortened(file.getFileName().toString());
        Path free = refused.resolve(name);
        for (int number = 2; Files.exists(free, NOFOLLOW_LINKS); number++) {
            free = refused.resolve(number + " " + name);
        }
        Files.writeString(free.resolveSibling(free.getFileName() + ".txt"), say("problem.not-taken", problem));
        Files.move(file, free);
    }

    /** The end of a name with what kind of file it is stays. */
    private static String shortened(String name) {
        String end = name;
        while (end.getBytes(StandardCharsets.UTF_8).length > LONGEST_NAME_BYTES) {
            end = end.substring(end.offsetByCodePoints(0, 1));
        }
        return end;
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> found = Files.list(folder)) {
            return found.filter(f -> Files.isRegularFile(f, NOFOLLOW_LINKS))
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
