package grastel.app.platform.storage;

import grastel.app.platform.Digest;
import grastel.app.platform.nodes.OnPostgres;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** In a table that nothing is joined with, where every node finds them. */
@Component
@OnPostgres
class TableFiles implements StoredFiles {
    private static final Logger LOG = LoggerFactory.getLogger(TableFiles.class);

    /** By the database's clock: those of nodes differ. */
    private static final String AGO = "clock_timestamp() - ? * interval '1 second'";

    private final JdbcTemplate jdbc;

    TableFiles(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** What is there is written again: it may be damaged, and is then as old as its youngest writer. */
    @Override
    public String put(byte[] content) {
        String name = Digest.sha256(content);
        jdbc.update(
                "insert into stored_file (name, kept_at, content) values (?, clock_timestamp(), ?)"
                        + " on conflict (name) do update set kept_at = excluded.kept_at, content = excluded.content",
                name,
                content);
        return name;
    }

    @Override
    public String putRemade(byte[] content) {
        return put(content);
    }

    @Override
    public Optional<byte[]> get(String name) {
        Optional<byte[]> content =
                jdbc.queryForList("select content from stored_file where name = ?", byte[].class, name).stream()
                        .filter(bytes -> Digest.sha256(bytes).equals(name))
                        .findFirst();
        if (content.isEmpty()) {
            LOG.error("{} is gone, or is not what was kept under this name", name);
        }
        return content;
    }

    @Override
    public List<String> olderThan(Duration age) {
        return jdbc.queryForList("select name from stored_file where kept_at < " + AGO, String.class, age.toSeconds());
    }

    /** Whoever keeps it at this moment holds its row, and is waited for. */
    @Override
    public boolean forget(String name, Duration olderThan) {
        return jdbc.update("delete from stored_file where name = ? and kept_at < " + AGO, name, olderThan.toSeconds())
                > 0;
    }
}
