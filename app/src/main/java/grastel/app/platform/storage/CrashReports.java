package grastel.app.platform.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Reports that the Java machine writes beside the log when it crashes; being killed or switched off leaves none. */
@Component
public class CrashReports {
    private final Path logs;
    /** Its time is that of the last start. */
    private final Path lastStart;

    CrashReports(Storage storage) {
        this.logs = storage.folder("logs");
        this.lastStart = logs.resolve("started");
    }

    /** Whether the program crashed after its last start. Counts from now on when it is asked again. */
    public boolean takeNew() {
        try (Stream<Path> files = Files.list(logs)) {
            boolean crashed = Files.exists(lastStart)
                    && files.filter(file -> file.getFileName().toString().startsWith("crash-"))
                            .anyMatch(report -> report.toFile().lastModified()
                                    > lastStart.toFile().lastModified());
            Files.writeString(lastStart, "");
            return crashed;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
