package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings.PageInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

/** Goals whose fields lie on several pages of a student. */
@Tag("database")
class GoalsOverPagesTest extends ApplicationTest {
    private SignedIn teacher;

    @BeforeEach
    void aTeacher() {
        teacher = newTeacher();
    }

    /** Eight families with a redo box each need two pages: what is asked of all of them is judged once both are read. */
    @Test
    void goalsOverTwoPagesAreJudgedWithTheSecond() {
        List<PageInfo> all = onTwoPages(teacher);
        List<PageInfo> both = all.stream()
                .filter(p -> p.student().equals(all.get(0).student()))
                .toList();
        assertThat(both).hasSizeGreaterThan(1);
        String first = null;
        String last = null;
        for (PageInfo page : both) {
            UUID id = upload(teacher, page.number() + ".jpg", scan(teacher, page.id(), Hand.EXACT, page.number()))
                    .get(0);
            last = awaitRead(teacher, id);
            first = first == null ? last : first;
        }
        assertThat(JsonPath.<List<String>>read(first, "$.goals[*].goal")).doesNotContain("HUE_HOLDS");
        assertThat(JsonPath.<List<String>>read(last, "$.goals[*].goal")).contains("HUE_HOLDS", "SHADE_CHROMA");
        for (String page : List.of(first, last)) {
            UUID id = UUID.fromString(JsonPath.read(page, "$.row.id"));
            assertThat(content(get(teacher, "/api/returns/pages/{id}/rereading", id)))
                    .as("the same reader changes nothing, whichever page keeps the mark")
                    .isEqualTo("[]");
        }
    }

    /** Both pages of each student come in at once and are read by two workers side by side. */
    @Test
    void goalsOverTwoPagesAreNotLostWhereBothAreReadAtOnce() {
        List<PageInfo> all = onTwoPages(teacher);
        MockMultipartFile[] files = all.stream()
                .map(p -> new MockMultipartFile(
                        "files", p.number() + ".jpg", null, scan(teacher, p.id(), Hand.EXACT, p.number())))
                .toArray(MockMultipartFile[]::new);
        assertThat(uploadAll(teacher, files)).hasStatusOk();

        List<UUID> pages =
                jdbc.queryForList("select id from returned_page where owner_id = ?", UUID.class, teacher.id());
        List<String> goals = pages.stream()
                .flatMap(p -> JsonPath.<List<String>>read(awaitRead(teacher, p), "$.goals[*].goal").stream())
                .toList();
        assertThat(goals).filteredOn("HUE_HOLDS"::equals).hasSize((int)
                all.stream().map(PageInfo::student).distinct().count());
    }
}
