package grastel.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Two tries of one sheet, and what they amount to. */
class ProgressTest extends ApplicationTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0);

    private static final Hand FAIR = new Hand(1, 0.1, 0.15, 0.1, 0.8, 0.8, 0, 10, 0);

    @Test
    void standingsGrowFromTryToTryAndOnlyConfirmedPagesCount() {
        SignedIn teacher = newTeacher();
        RunInfo first = printed(teacher);
        confirmed(teacher, printedPage(teacher, first.id(), 0), PATCHY, 1);
        byte[] open = scan(teacher, printedPage(teacher, first.id(), 1), PATCHY, 2);
        awaitRead(teacher, upload(teacher, "open.jpg", open).get(0));
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

        RunInfo second = as(teacher, () -> printings.print(first.sheet(), first.schoolClass()));
        confirmed(teacher, printedPage(teacher, second.id(), 0), Hand.EXACT, 3);
        String twice = content(get(teacher, path));

        assertThat(level(twice, "EVEN_TONE")).isGreaterThan(before);
        assertThat(JsonPath.<List<Object>>read(twice, standing("EVEN_TONE") + ".tries[*]"))
                .hasSize(2);
        assertThat(JsonPath.<List<String>>read(once, standing("EVEN_TONE") + ".change.trend"))
                .as("drawn once")
                .containsExactly("TOO_LITTLE");
        assertThat(JsonPath.<List<String>>read(twice, standing("EVEN_TONE") + ".change.trend"))
                .containsExactly("GREW");
        assertThat(JsonPath.<List<String>>read(twice, standing("EVEN_TONE") + ".change.clearest.goal"))
                .hasSize(1);
        assertThat(JsonPath.<List<Integer>>read(twice, "$.skills[?(@.skill == 'EVEN_TONE')].tried"))
                .containsExactly(1);
        String student = JsonPath.read(twice, "$.students[0].student");
        assertThat(JsonPath.<Map<String, Object>>read(
                        content(get(teacher, "/api/progress/students/{id}", student)), "$"))
                .isEqualTo(JsonPath.<Map<String, Object>>read(twice, "$.students[0]"));
        assertThat(get(newTeacher(), path)).hasStatus(404);
    }

    @Test
    void whatWasJudgedForAnotherBandIsHeldAgainstThePresentOne() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        confirmed(teacher, printedPage(teacher, run.id(), 0), FAIR, 1);
        String path = "/api/progress/classes/" + run.schoolClass();
        double developing = levels(content(get(teacher, path)));
        band(teacher, run, "FIRST_STEPS");
        double eased = levels(content(get(teacher, path)));
        band(teacher, run, "ADVANCED");
        double tightened = levels(content(get(teacher, path)));
        assertThat(eased).isGreaterThanOrEqualTo(developing);
        assertThat(tightened).isLessThanOrEqualTo(developing).isLessThan(eased);
        band(teacher, run, "DEVELOPING");
        assertThat(levels(content(get(teacher, path)))).isEqualTo(developing);
    }

    private void band(SignedIn teacher, RunInfo run, String band) {
        String name = as(teacher, () -> classes.one(run.schoolClass())).name();
        assertThat(put(teacher, "/api/classes/{id}", Map.of("name", name, "band", band), run.schoolClass()))
                .hasStatusOk();
    }

    private static double levels(String view) {
        return JsonPath.<List<Number>>read(view, "$.students[0].standings[*].level").stream()
                .mapToDouble(Number::doubleValue)
                .sum();
    }

    @Test
    void theShareThatMakesAClassReadyIsTheTeachers() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        confirmed(teacher, printedPage(teacher, run.id(), 0), PATCHY, 1);
        confirmed(teacher, printedPage(teacher, run.id(), 1), Hand.EXACT, 2);
        String path = "/api/progress/classes/" + run.schoolClass();
        String ready = "$.skills[?(@.skill == 'EVEN_TONE')].ready";
        assertThat(JsonPath.<List<Boolean>>read(content(get(teacher, path)), ready))
                .as("one of two")
                .containsExactly(false);
        assertThat(put(teacher, "/api/classes/{id}/readiness", Map.of("share", 0.5), run.schoolClass()))
                .hasStatusOk();
        String view = content(get(teacher, path));
        assertThat(JsonPath.<List<Boolean>>read(view, ready)).containsExactly(true);
        assertThat(JsonPath.<Double>read(view, "$.readyShare")).isEqualTo(0.5);
        assertThat(put(teacher, "/api/classes/{id}/readiness", Map.of("share", 1.5), run.schoolClass()))
                .hasStatus(422);
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
