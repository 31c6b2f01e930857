package grastel.app.keeping;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.nodes.OnPostgres;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What pg_dump makes, pictures and all; it comes with PostgreSQL's client programs and sees one moment. */
@Component
@OnPostgres
class PostgresCopy implements DatabaseCopy {
    private static final Logger LOG = LoggerFactory.getLogger(PostgresCopy.class);
    /** Its own programs want it without JDBC's settings. */
    private static final Pattern ADDRESS = Pattern.compile("jdbc:(postgresql://[^?]+)(\\?.*)?");

    private final JdbcTemplate jdbc;
    private final JdbcConnectionDetails server;

    PostgresCopy(JdbcTemplate jdbc, JdbcConnectionDetails server) {
        this.jdbc = jdbc;
        this.server = server;
    }

    @Override
    public void write(Path to) throws IOException {
        Path said = Files.createTempFile("grastel-dump", ".txt");
        try {
            Process dump = start(said);
            // Packed already.
            try (InputStream content = dump.getInputStream();
                    ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(to))) {
                zip.setLevel(0);
                zip.putNextEntry(new ZipEntry(BackupFile.DUMP));
                content.transferTo(zip);
            }
            if (dump.waitFor() != 0) {
                throw failed(Files.readAllLines(said, StandardCharsets.UTF_8));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        } finally {
            Files.delete(said);
        }
    }

    /** It says last what stopped it: most often that it is of an older version than the server. */
    private static ApiProblem failed(List<String> said) {
        LOG.warn("pg_dump failed: {}", said);
        String last = said.isEmpty() ? "" : said.get(said.size() - 1);
        return new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, "NO_BACKUP", say("problem.pg-dump-failed", last));
    }

    private Process start(Path said) throws IOException {
        Matcher where = ADDRESS.matcher(server.getJdbcUrl());
        if (!where.matches()) {
            throw new IOException("No address of a PostgreSQL server: " + server.getJdbcUrl());
        }
        ProcessBuilder program = new ProcessBuilder(
                        "pg_dump", "--format=custom", "--no-owner", "--dbname=" + where.group(1))
                .redirectError(said.toFile());
        Map<String, String> environment = program.environment();
        tell(environment, "PGUSER", server.getUsername());
        tell(environment, "PGPASSWORD", server.getPassword());
        try {
            return program.start();
        } catch (IOException e) {
            LOG.warn("pg_dump cannot be run", e);
            throw new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, "NO_BACKUP", say("problem.pg-dump-is-missing"));
        }
    }

    private static void tell(Map<String, String> environment, String name, @Nullable String value) {
        if (value != null) {
            environment.put(name, value);
        }
    }

    @Override
    public long expectedBytes() {
        Long bytes = jdbc.queryForObject("select pg_database_size(current_database())", Long.class);
        return bytes == null ? 0 : bytes;
    }
}
