package grastel.app.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The data folder, and whether there is room in it. */
@Component
public class Storage {
    private final Path folder;
    private final long reserveBytes;

    Storage(@Value("${grastel.data}") Path folder, @Value("${grastel.reserve-mb}") long reserveMb) {
        this.folder = folder;
        this.reserveBytes = reserveMb * 1024 * 1024;
    }

    /** A folder below the data folder, made if missing. */
    public Path folder(String name) {
        try {
            return Files.createDirectories(folder.resolve(name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws ApiProblem DISK_FULL if storing {@code bytes} would leave less than the reserve */
    public void requireRoom(long bytes) {
        if (usableBytes() - bytes < reserveBytes) {
            throw new ApiProblem(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "DISK_FULL",
                    "The disk is nearly full: nothing was stored. Make room and send the files again.");
        }
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
