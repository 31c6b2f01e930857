package grastel.app.keeping;

import grastel.app.TestDatabase;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A backup made on PostgreSQL, brought back into an empty database as the launcher does it. */
record RestoredDump(JdbcTemplate jdbc) {
    static RestoredDump of(Path backup) throws IOException, SQLException, InterruptedException {
        String name = TestDatabase.create();
        Path dump = backup.resolveSibling("taken.dump");
        if (!BackupFile.takeDump(backup, dump)) {
            throw new IOException("no dump");
        }
        Process restore = new ProcessBuilder(
                        "pg_restore",
                        "--no-owner",
                        "--exit-on-error",
                        "--dbname=" + TestDatabase.address(name),
                        dump.toString())
                .inheritIO()
                .start();
        if (restore.waitFor() != 0) {
            throw new IOException("pg_restore failed");
        }
        return new RestoredDump(new JdbcTemplate(new DriverManagerDataSource(TestDatabase.url(name), "grastel", "")));
    }

    int classes() {
        return jdbc.queryForObject("select count(*) from school_class", Integer.class);
    }
}
