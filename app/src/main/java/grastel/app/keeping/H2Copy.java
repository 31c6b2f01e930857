package grastel.app.keeping;

import grastel.app.platform.nodes.OnH2;
import grastel.app.platform.storage.FolderFiles;
import grastel.app.platform.storage.OrphanCleaner;
import grastel.app.platform.storage.Storage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The file of the database, and then the pictures beside it. */
@Component
@OnH2
class H2Copy implements DatabaseCopy {
    private final JdbcTemplate jdbc;
    private final Storage storage;
    private final FolderFiles files;
    private final OrphanCleaner sweep;

    H2Copy(JdbcTemplate jdbc, Storage storage, FolderFiles files, OrphanCleaner sweep) {
        this.jdbc = jdbc;
        this.storage = storage;
        this.files = files;
        this.sweep = sweep;
    }

    @Override
    public void write(Path to) throws IOException {
        Path database = to.resolveSibling(to.getFileName() + ".database");
        Files.deleteIfExists(database);
        // What the database names now must still be there when it is copied.
        sweep.sweeping().lock();
        try {
            jdbc.execute("backup to '" + database.toAbsolutePath().toString().replace("'", "''") + "'");
            BackupFile.write(to, database, files.folder());
        } finally {
            sweep.sweeping().unlock();
            Files.deleteIfExists(database);
        }
    }

    /** Packed it is smaller than that; the database is copied twice. */
    @Override
    public long expectedBytes() throws IOException {
        Path database = storage.folder("").resolve(BackupFile.DATABASE);
        long pictures = 0;
        if (Files.isDirectory(files.folder())) {
            try (Stream<Path> all = Files.walk(files.folder())) {
                pictures = all.mapToLong(f -> f.toFile().length()).sum();
            }
        }
        return pictures + (Files.exists(database) ? 2 * Files.size(database) : 0);
    }
}
