package grastel.app.keeping;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.storage.Storage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Copies of the database, made while it is used: one for each day on which the program runs, the last few kept. A file is
 * written beside its name, looked through and only then given it, so that whatever bears the name is whole. {@code ./grastel
 * restore} brings one back.
 */
@Component
class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Pattern NAME = Pattern.compile("grastel-\\d{4}-\\d{2}-\\d{2}\\.zip");
    private static final String PART = ".part";

    private final DatabaseCopy data;
    private final Storage storage;
    private final BackupSettings settings;
    private final Clock clock;
    private volatile @Nullable String problem;

    Backups(DatabaseCopy data, Storage storage, BackupSettings settings, Clock clock) {
        this.data = data;
        this.storage = storage;
        this.settings = settings;
        this.clock = clock;
    }

    /** A backup that is there. */
    record Kept(String name, Instant at, long bytes) {}

    /** False where nobody wants any. */
    boolean areMade() {
        return settings.kept() > 0;
    }

    Path folder() {
        return settings.folder();
    }

    /** What went wrong the last time, in words; empty where it went well. */
    Optional<String> problem() {
        return Optional.ofNullable(problem);
    }

    /** A while after the start, and then every hour, looks whether today has its backup. */
    @Scheduled(initialDelay = 10, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void makeIfDue() {
        if (areMade() && !Files.exists(folder().resolve(nameOfToday()))) {
            try {
                make();
            } catch (ApiProblem said) {
                LOG.warn("No backup: {}", said.getMessage());
            }
        }
    }

    /** The newest first. */
    List<Kept> all() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.filter(f -> NAME.matcher(f.getFileName().toString()).matches())
                    .map(Backups::kept)
                    .sorted(Comparator.comparing(Kept::name).reversed())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Kept kept(Path file) {
        try {
            return new Kept(
                    file.getFileName().toString(),
                    Files.getLastModifiedTime(file).toInstant(),
                    Files.size(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Makes today's, in place of one that was made today, and lets the oldest go. */
    synchronized Kept make() {
        try {
            storage.requireRoom(data.expectedBytes());
            Files.createDirectories(folder());
            Path to = folder().resolve(nameOfToday());
            Path part = to.resolveSibling(to.getFileName() + PART);
            try {
                write(part);
                BackupFile.requireWhole(part);
                Files.move(part, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(part);
            }
            letOldestGo();
            problem = null;
            return kept(to);
        } catch (IOException | UncheckedIOException | DataAccessException e) {
            LOG.warn("A backup failed", e);
            problem = say("problem.nothing-could-be-written", folder());
            throw new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, "NO_BACKUP", problem);
        } catch (ApiProblem full) {
            problem = full.getMessage();
            throw full;
        }
    }

    private void write(Path part) throws IOException {
        data.write(part);
        if (part.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(part, PosixFilePermissions.fromString("rw-------"));
        }
        try (FileChannel file = FileChannel.open(part, StandardOpenOption.WRITE)) {
            file.force(true);
        }
    }

    /** Where none are made by themselves nobody said how many to keep: none is let go. */
    private void letOldestGo() throws IOException {
        if (!areMade()) {
            return;
        }
        for (Kept old : all().stream().skip(settings.kept()).toList()) {
            Files.deleteIfExists(folder().resolve(old.name()));
        }
    }

    private String nameOfToday() {
        return "grastel-" + LocalDate.now(clock) + ".zip";
    }
}
