package grastel.app.wall;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the page of one student says: what came back, what was written to it, what never came. */
class StudentWallTest extends ApplicationTest {
    private String student(SignedIn teacher, RunInfo run, int at) {
        UUID id = as(teacher, () -> printings.pages(run.id())).get(at).student();
        return content(get(teacher, "/api/wall/students/{id}", id));
    }

    @Test
    void wordsToAPageAndSheetsThatOthersGaveInStandThere() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = confirmed(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1);
        RunInfo out = as(teacher, () -> printings.print(run.sheet(), run.schoolClass()));
        Map<String, Object> note = Map.of("flagged", false, "note", "Lovely even boxes.");
        assertThat(put(teacher, "/api/returns/pages/{id}/note", note, page)).hasStatusOk();

        String gave = student(teacher, run, 0);
        assertThat(JsonPath.<List<String>>read(gave, "$.attempts[*].note")).containsExactly("Lovely even boxes.");
        assertThat(JsonPath.<List<Boolean>>read(gave, "$.attempts[*].again")).containsExactly(false);
        assertThat(JsonPath.<List<String>>read(gave, "$.missing[*].run"))
                .as("of the second printing nothing has come back yet")
                .isEmpty();
        assertThat(JsonPath.<List<String>>read(student(teacher, run, 1), "$.missing[*].run"))
                .containsExactly(run.id().toString());

        confirmed(teacher, printedPage(teacher, out.id(), 1), Hand.EXACT, 2);
        assertThat(JsonPath.<List<String>>read(student(teacher, run, 0), "$.missing[*].run"))
                .containsExactly(out.id().toString());
        assertThat(JsonPath.<List<String>>read(student(teacher, run, 2), "$.missing[*].run"))
                .as("the newest first")
                .containsExactly(out.id().toString(), run.id().toString());
    }

    @Test
    void whoWasAwayIsToldFromWhoForgot() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        confirmed(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1);
        LocalDate today = LocalDate.now();
        Map<String, Object> week = Map.of(
                "term",
                Map.of(
                        "from",
                        today.minusDays(7).toString(),
                        "to",
                        today.plusDays(7).toString(),
                        "name",
                        "a fortnight"),
                "slots",
                List.of(Map.of("day", today.getDayOfWeek().name(), "starts", "08:00", "minutes", 45, "room", "")));
        assertThat(put(teacher, "/api/classes/{id}/calendar", Map.of("calendar", week), run.schoolClass()))
                .hasStatusOk();
        UUID away = as(teacher, () -> printings.pages(run.id())).get(1).student();
        Map<String, Object> log =
                Map.of("period", today.atTime(8, 0) + ":00", "outcome", "DID_NOT_HAPPEN", "absent", List.of(away));
        assertThat(post(teacher, "/api/courses/{class}/log", log, run.schoolClass()))
                .hasStatusOk();

        String wall = content(get(teacher, "/api/wall/runs/{id}", run.id()));
        assertThat(JsonPath.<List<Boolean>>read(wall, "$.rows[*].absent")).containsExactly(false, true, false);
        assertThat(JsonPath.<List<Boolean>>read(student(teacher, run, 1), "$.missing[*].absent"))
                .containsExactly(true);
        assertThat(JsonPath.<List<Boolean>>read(student(teacher, run, 2), "$.missing[*].absent"))
                .containsExactly(false);
    }

    @Test
    void whatIsDoneAgainIsSaidToBe() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        confirmed(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1);
        String made = content(post(
                teacher, "/api/progress/classes/{id}/redo", Map.of("run", run.id(), "field", "3"), run.schoolClass()));
        UUID again = UUID.fromString(JsonPath.read(made, "$.run"));
        confirmed(teacher, printedPage(teacher, again, 0), Hand.EXACT, 2);
        assertThat(JsonPath.<List<Boolean>>read(student(teacher, run, 0), "$.attempts[*].again"))
                .as("the newest first")
                .containsExactly(true, false);
    }
}
