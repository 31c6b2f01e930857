package grastel.app.returns.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Pages whose reading ended half-way. */
class HalfReadTest extends DeskTest {
    @Autowired
    private PageStore store;

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

    @Test
    void pagesHalfReadAtTheEndAreReadAgainAtTheStart() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        jdbc.update("delete from goal_mark where page_id = ?", page);
        jdbc.update("update returned_page set state = 'READING', reading = null where id = ?", page);

        Ownership.asSystem(store::putBack);

        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");
        assertThat(jdbc.queryForObject("select count(*) from goal_mark where page_id = ?", Integer.class, page))
                .isPositive();
    }
}
