package grastel.app.platform.storage;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * Scans and pictures, each under the SHA-256 of what it holds: the same twice is one, and what was damaged is found out when it
 * is read. What is kept never changes. Whatever no row names any more is swept.
 */
public interface StoredFiles {
    /**
     * Keeps bytes: they are on the disk when this returns or, within a transaction of the database that holds them, when a row
     * that names them is.
     *
     * @return the name to ask for them by, their SHA-256
     * @throws grastel.app.platform.ApiProblem DISK_FULL, or NOT_STORED where nothing can be written
     */
    String put(byte[] content);

    /** The same for what can be made anew: a power cut just after this may lose it, which is found out when it is read. */
    String putRemade(byte[] content);

    /** What was kept under a name; empty where it is gone or damaged. */
    Optional<byte[]> get(String name);

    /** Names of those that nobody has kept, or kept again, for so long. */
    List<String> olderThan(Duration age) throws IOException;

    /** Takes one away, if nobody has kept it again meanwhile; false where somebody has. */
    boolean forget(String name, Duration olderThan) throws IOException;
}
