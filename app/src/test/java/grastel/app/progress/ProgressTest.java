package grastel.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Sheets;
import grastel.core.scanner.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Two tries of one sheet, and what they amount to. */
class ProgressTest extends DeskTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0);

    private void giveIn(SignedIn teacher, Sheets.RunInfo run, int student, Hand hand, long seed, boolean confirm) {
        Sheets.PageInfo printed = as(teacher, () -> sheets.pages(run.id())).get(student);
        UUID page = upload(teacher, "scan-" + seed + ".jpg", scan(teacher, printed.id(), hand, seed))
                .get(0);
        awaitRead(teacher, page);
        if (confirm) {
            assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                    .hasStatusOk();
        }
    }

    @Test
    void standingsGrowFromTryToTryAndOnlyConfirmedPagesCount() {
        SignedIn teacher = newTeacher();
        Sheets.RunInfo first = printed(teacher);
        giveIn(teacher, first, 0, PATCHY, 1, true);
        giveIn(teacher, first, 1, PATCHY, 2, false);
        String path = "/api/progress/classes/" + first.schoolClass();
        String once = content(get(teacher, path));
        assertThat(JsonPath.<List<Object>>read(once, "$.students")).hasSize(3);
        assertThat(JsonPath.<List<Object>>read(once, "$.students[1].standings"))
                .as("not confirmed")
                .isEmpty();
        double before = level(once, "EVEN_TONE");
        assertThat(before).isLessThan(3);
        assertThat(JsonPath.<List<Object>>read(once, "$.groups[*].students[*]")).hasSize(1);
        assertThat((String) JsonPath.read(once, "$.students[0].next")).isNotBlank();

        Sheets.RunInfo second = as(teacher, () -> sheets.print(first.sheet(), first.schoolClass()));
        giveIn(teacher, second, 0, Hand.EXACT, 3, true);
        String twice = content(get(teacher, path));

        assertThat(level(twice, "EVEN_TONE")).isGreaterThan(before);
        assertThat(JsonPath.<List<Object>>read(twice, standing("EVEN_TONE") + ".tries[*]"))
                .hasSize(2);
        assertThat(JsonPath.<List<String>>read(twice, standing("EVEN_TONE") + ".growths[*].goal"))
                .contains("EVEN_INSIDE");
        assertThat(JsonPath.<List<Integer>>read(twice, "$.skills[?(@.skill == 'EVEN_TONE')].tried"))
                .containsExactly(1);
        String student = JsonPath.read(twice, "$.students[0].student");
        assertThat(JsonPath.<Map<String, Object>>read(
                        content(get(teacher, "/api/progress/students/{id}", student)), "$"))
                .isEqualTo(JsonPath.<Map<String, Object>>read(twice, "$.students[0]"));
        assertThat(get(newTeacher(), path)).hasStatus(404);
    }

    private static String standing(String skill) {
        return "$.students[0].standings[?(@.skill == '" + skill + "')]";
    }

    private static double level(String view, String skill) {
        return JsonPath.<List<Number>>read(view, standing(skill) + ".level")
                .get(0)
                .doubleValue();
    }
}
