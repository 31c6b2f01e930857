package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.platform.storage.FolderFiles;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.platform.storage.StoredName;
import grastel.app.returns.intake.WatchedFolder;
import grastel.app.returns.page.PageRows;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.scanner.hand.Hand;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A page that was read, what is shown of it, and what the teacher decides. */
class ReturnsTest extends PrintedSheetTestBase {
    @Autowired
    private StoredFiles stored;

    @Autowired
    private WatchedFolder folder;

    @Autowired
    private PageRows rows;

    /** Goals of a pressure scale. */
    private static final int GOALS = 6;

    @Test
    void aScanIsReadAndProposedAndTheTeacherDecides() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(1).id(), Hand.EXACT, 1))
                .get(0);
        String detail = awaitRead(teacher, page);

        assertThat(JsonPath.<String>read(detail, "$.row.place.student.name")).isEqualTo("Björn Sæther");
        assertThat(JsonPath.<List<String>>read(detail, "$.boxes[*].field")).containsExactly("1", "2", "3", "4", "5");
        assertThat(JsonPath.<List<String>>read(detail, "$.goals[*].goal")).hasSize(GOALS);
        assertThat(JsonPath.<Integer>read(detail, "$.goals[2].proposed"))
                .as("an exact hand uses the range")
                .isGreaterThanOrEqualTo(3);
        assertThat(JsonPath.<Object>read(detail, "$.goals[2].level")).isNull();

        String neatEdge = JsonPath.<List<String>>read(detail, "$.goals[?(@.goal == 'NEAT_EDGE')].id")
                .get(0);
        Map<String, Object> change = Map.of("changed", List.of(Map.of("mark", neatEdge, "level", "NEARLY")));
        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", change, page))
                .hasStatusOk();

        Returns.Attempt attempt = as(teacher, () -> returns.attempts(run.id())).get(0);
        assertThat(attempt.confirmed()).isTrue();
        assertThat(attempt.marks())
                .filteredOn(m -> m.goal() == Goal.NEAT_EDGE)
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.level()).isEqualTo(Level.NEARLY);
                    assertThat(m.proposed()).isGreaterThan(Level.NEARLY);
                });
        assertThat(jdbc.queryForObject(
                        "select count(*) from goal_mark where page_id = ? and decided_by = ? and decided_at is not null",
                        Integer.class,
                        page,
                        teacher.id()))
                .isEqualTo(GOALS);
        assertThat(post(teacher, "/api/returns/pages/{id}/again", Map.of(), page))
                .as("a confirmed mark is not read over")
                .hasStatus(409);
    }

    @Test
    void twoPagesOfOneStudentAreBothShownAndToldOf() {
        UUID first = upload(teacher, "a.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        UUID second = upload(teacher, "b.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 2))
                .get(0);
        awaitRead(teacher, first);

        assertThat(JsonPath.<List<String>>read(awaitRead(teacher, second), "$.row.notices"))
                .contains("SECOND_PAGE");
        assertThat(as(teacher, () -> returns.attempts(run.id()))).hasSize(1);
        as(teacher, () -> {
            returns.confirm(first, Map.of());
            return null;
        });
        assertThat(as(teacher, () -> returns.attempts(run.id())).get(0).page())
                .as("the confirmed one counts")
                .isEqualTo(first);
    }

    @Test
    void picturesLostBetweenFiguresAndPicturesAreMadeWhenAskedFor() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        until(() -> pictures(page) > 0);
        int made = pictures(page);
        jdbc.update("delete from page_image where page_id = ?", page);

        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(pictures(page))
                .as("the page and its five boxes")
                .isEqualTo(made)
                .isEqualTo(6);
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=9", page)).hasStatus(404);
    }

    @Test
    void aDamagedPictureIsMadeAgainFromItsScan() throws IOException {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 2))
                .get(0);
        awaitRead(teacher, page);
        until(() -> pictures(page) > 0);
        String name = jdbc.queryForObject(
                "select sha256 from page_image where page_id = ? and part = '3'", String.class, page);
        damage(name);

        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(jdbc.queryForList("select sha256 from page_image where page_id = ?", String.class, page))
                .hasSize(6)
                .allSatisfy(file -> assertThat(stored.get(file)).isPresent());
    }

    private void damage(String name) throws IOException {
        if (stored instanceof FolderFiles files) {
            Files.writeString(StoredName.file(files.folder(), name), "not what its name says");
        } else {
            jdbc.update("update stored_file set content = ? where name = ?", new byte[] {1, 2, 3}, name);
        }
    }

    private int pictures(UUID page) {
        return jdbc.queryForObject("select count(*) from page_image where page_id = ?", Integer.class, page);
    }

    @Test
    void theWallAndTheStudentShowTheAttempt() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);

        String wall = content(get(teacher, "/api/wall/runs/{id}", run.id()));
        assertThat(JsonPath.<List<String>>read(wall, "$.rows[*].name"))
                .containsExactly("Amara Diallo", "Björn Sæther", "Nguyễn Minh Anh");
        assertThat(JsonPath.<List<Object>>read(wall, "$.rows[0].cells")).hasSize(5);
        assertThat(JsonPath.<Object>read(wall, "$.rows[1].page")).isNull();
        assertThat(JsonPath.<List<Integer>>read(wall, "$.goals[0].counts").stream()
                        .mapToInt(i -> i)
                        .sum())
                .isEqualTo(1);
        String student =
                content(get(teacher, "/api/wall/students/{id}", printed.get(0).student()));
        assertThat(JsonPath.<List<Object>>read(student, "$.attempts")).hasSize(1);
        String today = content(get(teacher, "/api/today"));
        assertThat(JsonPath.<Integer>read(today, "$.classes[0].run.progress.read"))
                .isEqualTo(1);
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/returns/pages/{id}", page)))
                .hasStatus(204);
        assertThat(jdbc.queryForObject(
                        "select count(*) from scan_file where owner_id = ?", Integer.class, teacher.id()))
                .isZero();
    }
}
