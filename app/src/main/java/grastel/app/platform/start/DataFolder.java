package grastel.app.platform.start;

import grastel.app.platform.storage.StoredName;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Stream;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.core.env.ConfigurableEnvironment;

/** Makes the data folder ready before anything else is begun: there, writable, and its files nobody else's to read. */
public class DataFolder implements EnvironmentPostProcessor {
    private static final String LOGS = "logs";

    /** The folder cannot be used. */
    static final class Unusable extends RuntimeException {
        private static final long serialVersionUID = 1;

        Unusable(String message, Throwable cause) {
            super(message, cause);
        }
    }

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String named = environment.getProperty("grastel.data");
        if (named != null) {
            prepare(Path.of(named));
        }
    }

    static void prepare(Path folder) {
        try {
            Files.createDirectories(folder);
            onlyOwn(Files.createDirectories(folder.resolve(LOGS)), "rwx------");
            onlyOwn(Files.createDirectories(folder.resolve(StoredName.FOLDER)), "rwx------");
            Path trial = Files.createTempFile(folder, "trial", ".tmp");
            Files.delete(trial);
        } catch (IOException e) {
            throw new Unusable("Nothing can be written into the data folder " + folder + ".", e);
        }
    }

    /** Takes leave to read the data from everybody else. Scans are laid into folders below, which stay as they are. */
    static void keepPrivate(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                onlyOwn(file, "rw-------");
            }
        }
    }

    private static void onlyOwn(Path path, String permissions) throws IOException {
        if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }
}
