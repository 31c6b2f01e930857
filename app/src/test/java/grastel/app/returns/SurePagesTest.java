package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Pages that leave nothing open are looked at together and accepted at once. */
class SurePagesTest extends PrintedSheetTestBase {
    private static final String SURE = "/api/returns/runs/{run}/sure";

    private List<UUID> pages;

    /** Three pages, of which the last has a goal that wants a look. */
    @BeforeEach
    void readPages() {
        pages = printed.stream()
                .map(p -> upload(teacher, p.number() + ".jpg", scan(teacher, p.id(), Hand.EXACT, p.number()))
                        .get(0))
                .toList();
        pages.forEach(page -> awaitRead(teacher, page));
        pages.forEach(page -> jdbc.update("update goal_mark set close_call = false where page_id = ?", page));
        jdbc.update("update goal_mark set close_call = true where page_id = ? and goal = 'NEAT_EDGE'", pages.get(2));
    }

    private String sure() {
        return content(get(teacher, SURE, run.id()));
    }

    private Map<String, Object> looked(String sheet, int at) {
        return Map.of(
                "page", JsonPath.<String>read(sheet, "$[" + at + "].id"),
                "read", JsonPath.<String>read(sheet, "$[" + at + "].read"));
    }

    private boolean confirmed(UUID page) {
        return JsonPath.read(content(get(teacher, "/api/returns/pages/{id}", page)), "$.row.confirmed");
    }

    @Test
    void sureOnesAreAcceptedTogetherAndTheOtherWaits() {
        String sheet = sure();
        assertThat(JsonPath.<List<String>>read(sheet, "$[*].id"))
                .containsExactlyInAnyOrder(pages.get(0).toString(), pages.get(1).toString());
        assertThat(JsonPath.<List<String>>read(sheet, "$[0].fields")).containsExactly("1", "2", "3", "4", "5");
        assertThat(JsonPath.<List<Integer>>read(sheet, "$[0].goals[*].level")).isNotEmpty();

        assertThat(post(teacher, SURE, Map.of("pages", List.of(looked(sheet, 0), looked(sheet, 1))), run.id()))
                .hasStatusOk()
                .bodyText()
                .isEqualTo("[]");
        assertThat(pages.stream().map(this::confirmed)).containsExactly(true, true, false);
        assertThat(post(teacher, SURE, Map.of("pages", List.of(looked(sheet, 0))), run.id()))
                .as("confirmed since")
                .hasStatus(409);
    }

    @Test
    void whatIsNoLongerWhatWasLookedAtKeepsAllFromBeingAccepted() {
        String sheet = sure();
        Map<String, Object> old = Map.of("page", looked(sheet, 1).get("page"), "read", "2026-01-01T09:00:00Z");

        assertThat(post(teacher, SURE, Map.of("pages", List.of(looked(sheet, 0), old)), run.id()))
                .hasStatus(409)
                .bodyText()
                .contains("CHANGED_ELSEWHERE");
        assertThat(post(
                        teacher,
                        SURE,
                        Map.of(
                                "pages",
                                List.of(
                                        looked(sheet, 0),
                                        Map.of(
                                                "page",
                                                pages.get(2),
                                                "read",
                                                looked(sheet, 0).get("read")))),
                        run.id()))
                .as("one wants a look")
                .hasStatus(409);
        assertThat(pages.stream().map(this::confirmed)).containsExactly(false, false, false);
    }
}
