package grastel.app.platform.storage;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * The data folder, and whether there is room in it. A reserve is kept free at all times: with less than that nothing is
 * written, so that the database never meets the end of the disk; what is there can be read meanwhile.
 */
@Component
public class Storage {
    public static final String DISK_FULL = "DISK_FULL";

    private static final long MB = 1024 * 1024;
    /** Of the reserve, what deleting may still use: it needs room before it gives any. */
    private static final double FOR_DELETING = 0.8;

    private final Path folder;
    private final long reserveBytes;

    Storage(@Value("${grastel.data}") Path folder, @Value("${grastel.reserve-mb}") long reserveMb) {
        this.folder = folder;
        this.reserveBytes = reserveMb * MB;
    }

    /** A folder below the data folder, made if missing. */
    public Path folder(String name) {
        try {
            return Files.createDirectories(folder.resolve(name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** True while nothing may be written. */
    public boolean isFull() {
        return missingMb(0) > 0;
    }

    /** MB that must be freed before {@code bytes} more can be written; 0 where there is room. */
    public long missingMb(long bytes) {
        long missing = reserveBytes + bytes - usableBytes();
        return missing <= 0 ? 0 : (missing + MB - 1) / MB;
    }

    /** @throws ApiProblem DISK_FULL if storing {@code bytes} would leave less than the reserve */
    public void requireRoom(long bytes) {
        long missing = missingMb(bytes);
        if (missing > 0) {
            throw new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, DISK_FULL, words(missing));
        }
    }

    /** @throws ApiProblem DISK_FULL where even deleting would find no room */
    void requireRoomForDeleting() {
        if (usableBytes() < reserveBytes * (1 - FOR_DELETING)) {
            throw new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, DISK_FULL, words(missingMb(0)));
        }
    }

    static String words(long missingMb) {
        return say("problem.the-disk-is-full", missingMb);
    }

    /** Bytes this program may still write; a test takes it over to play a full disk. */
    protected long usableBytes() {
        try {
            return Files.createDirectories(folder).toFile().getUsableSpace();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
