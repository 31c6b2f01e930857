package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Who presses at half the asked force is told so, from the page and from the last pages; who draws as asked is not blamed. */
class HandsTest extends ApplicationTest {
    private static final Hand LIGHT = new Hand(0.45, 0, 0, 0, 1, 0, 0, 0, 0);

    @Test
    void aHabitIsToldWithWhatItLooksLike() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        List<Printings.PageInfo> pages = as(teacher, () -> printings.pages(run.id()));
        UUID light = upload(teacher, "l.jpg", scan(teacher, pages.get(0).id(), LIGHT, 1))
                .get(0);
        awaitRead(teacher, light);
        UUID exact = upload(teacher, "e.jpg", scan(teacher, pages.get(1).id(), Hand.EXACT, 2))
                .get(0);
        awaitRead(teacher, exact);

        String hand = content(get(teacher, "/api/returns/pages/{id}/hand", light));
        assertThat(JsonPath.<String>read(hand, "$.deed")).isEqualTo("TOO_LITTLE");
        assertThat(JsonPath.<Integer>read(hand, "$.fields")).isBetween(4, 5);
        assertThat(JsonPath.<List<String>>read(hand, "$.examples[*].explained"))
                .isNotEmpty()
                .allMatch(c -> c.matches("#[0-9a-fA-F]{6}"));
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/returns/pages/{id}/hand", exact)), "$.deed"))
                .isIn(null, "AS_ASKED");

        UUID student = pages.get(0).student();
        assertThat(JsonPath.<Integer>read(
                        content(get(teacher, "/api/progress/students/{id}/hand", student)), "$.fields"))
                .as("nothing confirmed")
                .isZero();
        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), light))
                .hasStatusOk();
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/progress/students/{id}/hand", student)), "$.deed"))
                .isEqualTo("TOO_LITTLE");
    }
}
