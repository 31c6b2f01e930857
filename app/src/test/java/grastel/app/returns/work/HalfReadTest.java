package grastel.app.returns.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import com.zaxxer.hikari.HikariDataSource;
import grastel.app.ApplicationTest;
import grastel.app.TestDatabase;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;

/** Pages whose reading ended half-way. */
class HalfReadTest extends ApplicationTest {
    @Autowired
    private PageStore store;

    @Autowired
    private DataSource connections;

    @Test
    void aCancelledPageStaysUnreadUntilItIsAskedForAgain() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        jdbc.update(
                "update returned_page set state = 'READING', held_until = ? where id = ?",
                Timestamp.from(Instant.now().plusSeconds(3600)),
                page);

        assertThat(post(teacher, "/api/returns/pages/{id}/cancellation", Map.of(), page))
                .hasStatusOk();
        as(teacher, () -> {
            store.fail(page, "DAMAGED", 0, null);
            return null;
        });

        assertThat(JsonPath.<String>read(content(get(teacher, "/api/returns/pages/{id}", page)), "$.row.state"))
                .as("a worker that finishes late changes nothing")
                .isEqualTo("CANCELLED");
        assertThat(post(teacher, "/api/returns/pages/{id}/again", Map.of(), page))
                .hasStatusOk();
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");
    }

    /** It is not the page's fault: it is read again by itself, and nobody has to ask for it. */
    @Test
    void pagesAreReadThoughTheDatabaseGoesAwayMeanwhile() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        for (int i = 0; i < 3; i++) {
            UUID page = upload(teacher, i + ".jpg", scan(teacher, printedPage(teacher, run.id(), i), Hand.EXACT, i))
                    .get(0);
            until(() -> !known("tries", page).equals("0"));
            while (known("state", page).equals("READING")
                    && known("tries", page).equals("1")) {
                cutOff();
                LockSupport.parkNanos(20_000_000);
            }
            until(() -> Set.of("READ", "UNREADABLE").contains(known("state", page)));
            assertThat(known("state", page)).as(known("problem", page)).isEqualTo("READ");
        }
    }

    /** Other tests are to come upon no connection that was cut here. */
    @AfterEach
    void throwConnectionsAway() throws SQLException {
        connections.unwrap(HikariDataSource.class).getHikariPoolMXBean().softEvictConnections();
    }

    /** As the server does that is stopped, and H2 when a write fails. */
    private void cutOff() {
        try {
            jdbc.execute(
                    TestDatabase.isPostgres()
                            ? "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database()"
                            : "shutdown immediately");
        } catch (DataAccessException cut) {
            // this connection too
        }
    }

    /** What stands in a page's row, as soon as the database answers. */
    private String known(String column, UUID page) {
        List<String> known = new ArrayList<>();
        until(() -> {
            try {
                return known.addAll(
                        jdbc.queryForList("select " + column + " from returned_page where id = ?", String.class, page));
            } catch (DataAccessException cut) {
                return false;
            }
        });
        return known.get(0);
    }

    @Test
    void pagesHalfReadAtTheEndAreReadAgainAtTheStart() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        jdbc.update("delete from goal_mark where page_id = ?", page);
        jdbc.update("update returned_page set state = 'READING', reading = null where id = ?", page);

        Ownership.asSystem(() -> store.putBack(false));

        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");
        assertThat(jdbc.queryForObject("select count(*) from goal_mark where page_id = ?", Integer.class, page))
                .isPositive();
    }

    /** A school's computer is switched off at any moment; that says nothing about the page that was being read. */
    @Test
    void aPageOutlivesManyKillsButFewCrashes() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        for (boolean crashed : List.of(false, true)) {
            for (int end = 1; end <= 5; end++) {
                // each time it had been taken once more
                jdbc.update(
                        "update returned_page set state = 'READING', tries = ? where id = ?",
                        crashed ? 5 * end - 4 : end,
                        page);
                Ownership.asSystem(() -> store.putBack(crashed));
                String state = JsonPath.read(awaitRead(teacher, page), "$.row.state");
                assertThat(state)
                        .as("crashed %s, end %d", crashed, end)
                        .isEqualTo(crashed && end >= 4 ? "UNREADABLE" : "READ");
            }
        }
    }
}
