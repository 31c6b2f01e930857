package grastel.app.keeping;

import grastel.app.TestDatabase;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.zip.ZipFile;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A backup made on PostgreSQL, brought back into an empty database as docs/deploy.md says. */
record RestoredDump(JdbcTemplate jdbc) {
    static RestoredDump of(Path backup) throws IOException, SQLException, InterruptedException {
        String name = TestDatabase.create();
        Process restore = new ProcessBuilder(
                        "pg_restore", "--no-owner", "--exit-on-error", "--dbname=" + TestDatabase.address(name))
                .redirectErrorStream(true)
                .redirectOutput(Files.createTempFile("grastel-restore", ".txt").toFile())
                .start();
        try (ZipFile zip = new ZipFile(backup.toFile());
                InputStream dump = zip.getInputStream(zip.getEntry(BackupFile.DUMP));
                OutputStream to = restore.getOutputStream()) {
            dump.transferTo(to);
        }
        if (restore.waitFor() != 0) {
            throw new IOException("pg_restore failed");
        }
        return new RestoredDump(new JdbcTemplate(new DriverManagerDataSource(TestDatabase.url(name), "grastel", "")));
    }

    int classes() {
        return jdbc.queryForObject("select count(*) from school_class", Integer.class);
    }
}
