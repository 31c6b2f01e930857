package grastel.app.platform.storage;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import grastel.app.platform.nodes.OnH2;
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
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** As files of the data folder beside the database. */
@Component
@OnH2
public class FolderFiles implements StoredFiles {
    private static final Logger LOG = LoggerFactory.getLogger(FolderFiles.class);
    private static final String PART = ".part";

    private final Storage storage;
    private final Clock clock;

    public FolderFiles(Storage storage, Clock clock) {
        this.storage = storage;
        this.clock = clock;
    }

    @Override
    public String put(byte[] content) {
        return put(content, true);
    }

    @Override
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
            LOG.error("Nothing can be written into {}", folder(), e);
            throw new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, "NOT_STORED", say("problem.nothing-can-be-stored"));
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

    @Override
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

    @Override
    public List<String> olderThan(Duration age) throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(folder())) {
            return files.filter(f -> StoredName.is(f.getFileName().toString()))
                    .filter(f -> isOlder(f, age))
                    .map(f -> f.getFileName().toString())
                    .toList();
        }
    }

    private boolean isOlder(Path file, Duration age) {
        try {
            return Files.getLastModifiedTime(file)
                    .toInstant()
                    .isBefore(clock.instant().minus(age));
        } catch (IOException e) {
            return false;
        }
    }

    @Override
    public synchronized boolean forget(String name, Duration olderThan) throws IOException {
        return isOlder(file(name), olderThan) && Files.deleteIfExists(file(name));
    }

    public Path folder() {
        return storage.folder("").resolve(StoredName.FOLDER);
    }

    private Path file(String name) {
        return StoredName.file(folder(), name);
    }
}
