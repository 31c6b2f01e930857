package grastel.app.platform.room;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Scans and pictures, as files of the data folder beside the database, each under the SHA-256 of what it holds: the same twice is
 * one file, and what was damaged is found out when it is read. A file never changes. Whatever no row names any more is swept.
 */
@Component
public class StoredFiles {
    private static final Logger LOG = LoggerFactory.getLogger(StoredFiles.class);
    private static final String PART = ".part";

    private final Storage storage;
    private final Clock clock;
    /** Held while files are taken away, and while all that are there are copied. */
    private final ReentrantLock sweeping = new ReentrantLock();

    public StoredFiles(Storage storage, Clock clock) {
        this.storage = storage;
        this.clock = clock;
    }

    /**
     * Keeps bytes; they are on the disk when this returns.
     *
     * @return the name to ask for them by, their SHA-256
     * @throws ApiProblem DISK_FULL
     */
    public String put(byte[] content) {
        return put(content, true);
    }

    /** The same for what can be made anew: a power cut just after this may lose it, which is found out when it is read. */
    public String putRemade(byte[] content) {
        return put(content, false);
    }

    private String put(byte[] content, boolean synced) {
        String name = Digest.sha256(content);
        try {
            if (!isThere(name, content.length)) {
                write(name, content, synced);
            }
            return name;
        } catch (IOException e) {
            storage.requireRoom(content.length);
            throw new UncheckedIOException(e);
        }
    }

    /** What is there already is as if it had been written now, so that it is not swept before a row names it. */
    private synchronized boolean isThere(String name, long bytes) throws IOException {
        try {
            Path file = file(name);
            if (Files.size(file) != bytes) {
                return false;
            }
            Files.setLastModifiedTime(file, FileTime.from(clock.instant()));
            return true;
        } catch (NoSuchFileException e) {
            return false;
        }
    }

    private void write(String name, byte[] content, boolean synced) throws IOException {
        Path to = file(name);
        Path folder = Files.createDirectories(StoredName.folder(folder(), name));
        Path part = to.resolveSibling(name + "-" + UUID.randomUUID() + PART);
        try {
            try (FileChannel out = FileChannel.open(part, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                ByteBuffer left = ByteBuffer.wrap(content);
                while (left.hasRemaining()) {
                    out.write(left);
                }
                if (synced) {
                    out.force(true);
                }
            }
            Files.setLastModifiedTime(part, FileTime.from(clock.instant()));
            Files.move(part, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (FileAlreadyExistsException e) {
            // Somebody else wrote the very same.
        } finally {
            Files.deleteIfExists(part);
        }
        if (synced) {
            sync(folder);
        }
    }

    /** That a file has its name is kept in its folder; not every system lets a folder be synced. */
    private static void sync(Path folder) {
        try (FileChannel names = FileChannel.open(folder, StandardOpenOption.READ)) {
            names.force(true);
        } catch (IOException e) {
            LOG.trace("{} cannot be synced", folder, e);
        }
    }

    /** What was kept under a name; empty where it is gone or damaged. */
    public Optional<byte[]> get(String name) {
        try {
            byte[] content = Files.readAllBytes(file(name));
            if (!Digest.sha256(content).equals(name)) {
                LOG.error("{} is damaged: it is not what was kept under this name", file(name));
                return Optional.empty();
            }
            return Optional.of(content);
        } catch (NoSuchFileException e) {
            LOG.error("{} is gone", file(name));
            return Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Names of those that were written before a time. */
    List<String> writtenBefore(Instant time) throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(folder())) {
            return files.filter(f -> StoredName.is(f.getFileName().toString()))
                    .filter(f -> isOlder(f, time))
                    .map(f -> f.getFileName().toString())
                    .toList();
        }
    }

    private static boolean isOlder(Path file, Instant time) {
        try {
            return Files.getLastModifiedTime(file).toInstant().isBefore(time);
        } catch (IOException e) {
            return false;
        }
    }

    /** Takes a file away, if nobody has kept it again meanwhile. */
    synchronized boolean forget(String name, Instant unlessKeptSince) throws IOException {
        return isOlder(file(name), unlessKeptSince) && Files.deleteIfExists(file(name));
    }

    /** While this is held nothing is taken away. */
    public ReentrantLock sweeping() {
        return sweeping;
    }

    public Path folder() {
        return storage.folder("").resolve(StoredName.FOLDER);
    }

    private Path file(String name) {
        return StoredName.file(folder(), name);
    }
}
