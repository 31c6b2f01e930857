package grastel.app.platform.storage;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;

/** A table whose rows name stored files. */
public interface FileUser {
    /** Which of some names are named, by rows of whichever teacher. */
    List<String> used(Collection<String> names);

    /** @param table and column are names of ours */
    static FileUser of(JdbcTemplate jdbc, String table, String column) {
        NamedParameterJdbcTemplate named = new NamedParameterJdbcTemplate(jdbc);
        String query = "select distinct " + column + " from " + table + " where " + column + " in (:names)";
        return names -> named.queryForList(query, Map.of("names", names), String.class);
    }
}
