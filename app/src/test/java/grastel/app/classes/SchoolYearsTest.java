package grastel.app.classes;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.scanner.hand.Hand;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Students leave, come back and move to other classes; a class goes on in the next school year. Their work goes with them. */
class SchoolYearsTest extends ApplicationTest {
    private SignedIn teacher;
    private RunInfo run;
    private UUID schoolClass;
    private UUID student;
    private String name;

    @BeforeEach
    void aPageThatWasConfirmed() {
        teacher = newTeacher();
        run = printed(teacher);
        schoolClass = run.schoolClass();
        UUID page = as(teacher, () -> printings.pages(run.id())).get(0).id();
        confirmed(teacher, page, Hand.EXACT, 1);
        String first = content(get(teacher, "/api/classes/{id}", schoolClass));
        student = UUID.fromString(JsonPath.read(first, "$.students[0].id"));
        name = JsonPath.read(first, "$.students[0].name");
    }

    private List<String> names(UUID of) {
        return JsonPath.read(content(get(teacher, "/api/classes/{id}", of)), "$.students[*].name");
    }

    /** How many attempts of the student a class shows. */
    private int attempts(UUID of) {
        return JsonPath.<List<?>>read(
                        content(get(teacher, "/api/progress/classes/{id}", of)),
                        "$.students[?(@.student == '" + student + "')].standings[*]")
                .size();
    }

    private MvcTestResult move(UUID from, UUID to) {
        return post(teacher, "/api/classes/{id}/moves", Map.of("students", List.of(student), "to", to), from);
    }

    /** Puts out a set for the class. */
    private void giveASet() {
        List<Map<String, Object>> users = List.of(Map.of("schoolClass", schoolClass, "howMany", 2));
        UUID pencil = as(teacher, () -> kit.pencils()).get(0).id();
        created(teacher, "/api/kit/sets", Map.of("name", "Own", "pencils", List.of(pencil), "users", users));
    }

    private List<String> whoHasTheSet() {
        return JsonPath.read(content(get(teacher, "/api/kit")), "$.sets[?(@.name == 'Own')].users[*].schoolClass");
    }

    @Test
    void whoLeavesIsInNoListAndComesBackWithAllThatWasDone() {
        int before = attempts(schoolClass);
        assertThat(before).isPositive();
        String path = "/api/classes/{id}/students/{student}/leaving";
        String left = content(post(teacher, path, null, schoolClass, student));
        assertThat(JsonPath.<List<String>>read(left, "$.students[*].name")).doesNotContain(name);
        assertThat(JsonPath.<String>read(left, "$.former[0].name")).isEqualTo(name);
        assertThat(JsonPath.<Object>read(left, "$.former[0].now")).isNull();
        assertThat(attempts(schoolClass)).isZero();
        assertThat(JsonPath.<List<String>>read(
                        content(get(teacher, "/api/wall/runs/{id}", run.id())), "$.rows[*].name"))
                .as("the page still hangs")
                .contains(name);
        assertThat(get(teacher, "/api/wall/students/{id}", student)).hasStatusOk();
        assertThat(post(teacher, path, null, schoolClass, student))
                .as("who has left cannot leave")
                .hasStatus(409);

        assertThat(send(teacher, MockMvcRequestBuilders.delete(path, schoolClass, student)))
                .hasStatusOk();
        assertThat(names(schoolClass)).contains(name);
        assertThat(attempts(schoolClass)).isEqualTo(before);
    }

    @Test
    void whoMovesTakesTheWorkAlongAndTheOldClassStillKnowsTheName() {
        int before = attempts(schoolClass);
        UUID other = as(teacher, () -> classes.create("8 Skerry", GradeBand.DEVELOPING, List.of(), CalendarData.NONE))
                .id();
        assertThat(move(schoolClass, other)).hasStatusOk();
        assertThat(names(other)).containsExactly(name);
        assertThat(names(schoolClass)).doesNotContain(name);
        assertThat(attempts(other)).isEqualTo(before);
        assertThat(JsonPath.<String>read(
                        content(get(teacher, "/api/classes/{id}", schoolClass)), "$.former[0].now.name"))
                .isEqualTo("8 Skerry");
        assertThat(JsonPath.<List<String>>read(
                        content(get(teacher, "/api/sheets/runs/{id}/pages", run.id())), "$[*].student"))
                .contains(name);
        assertThat(move(schoolClass, other)).as("gone already").hasStatus(409);

        assertThat(move(other, schoolClass)).hasStatusOk();
        assertThat(JsonPath.<List<?>>read(content(get(teacher, "/api/classes/{id}", schoolClass)), "$.former"))
                .isEmpty();
        assertThat(attempts(schoolClass)).isEqualTo(before);
    }

    @Test
    void nobodyMovesWhereSomebodyElseIsCalledTheSame() {
        UUID other = newClass(teacher).id();
        assertThat(move(schoolClass, other)).hasStatus(409);
        assertThat(names(schoolClass)).contains(name);
    }

    @Test
    void aClassGoesOnInTheNextYearWithItsHistory() {
        int before = attempts(schoolClass);
        String old = content(get(teacher, "/api/classes/{id}", schoolClass));
        List<String> students = JsonPath.read(old, "$.students[*].id");
        giveASet();
        Map<String, Object> outline = Map.of("outline", "first-steps", "paper", cartridge(teacher));
        assertThat(post(teacher, "/api/courses/{class}/outline", outline, schoolClass))
                .hasStatusOk();
        Map<String, Object> request = Map.of(
                "revision",
                JsonPath.read(old, "$.revision"),
                "students",
                students,
                "name",
                JsonPath.read(old, "$.name"),
                "band",
                "ADVANCED");
        MvcTestResult answer = post(teacher, "/api/classes/{id}/promotion", request, schoolClass);
        assertThat(answer).hasStatus(201);
        UUID next = UUID.fromString(JsonPath.read(content(answer), "$.id"));
        assertThat(names(next)).isEqualTo(JsonPath.<List<String>>read(old, "$.students[*].name"));
        assertThat(attempts(next)).isEqualTo(before);
        assertThat(whoHasTheSet()).containsExactly(next.toString());
        String past = content(get(teacher, "/api/classes/{id}", schoolClass));
        assertThat(JsonPath.<List<?>>read(past, "$.students")).isEmpty();
        assertThat(JsonPath.<String>read(past, "$.name")).contains(", until 20");
        assertThat(JsonPath.<List<String>>read(content(get(teacher, "/api/courses")), "$.lanes[*].schoolClass"))
                .contains(next.toString())
                .doesNotContain(schoolClass.toString());
        assertThat(JsonPath.<List<String>>read(content(get(teacher, "/api/courses/past")), "$[*].schoolClass"))
                .as("to be copied")
                .containsExactly(schoolClass.toString());
        assertThat(JsonPath.<List<?>>read(
                        content(get(teacher, "/api/progress/classes/{id}/marks", schoolClass)), "$.students"))
                .as("last year's marks stay with last year's class")
                .isNotEmpty();
    }

    @Test
    void whoStaysKeepsTheClassItsNameAndItsSets() {
        giveASet();
        String old = content(get(teacher, "/api/classes/{id}", schoolClass));
        Map<String, Object> request = Map.of(
                "revision",
                JsonPath.read(old, "$.revision"),
                "students",
                List.of(student),
                "name",
                "9 Skerry",
                "band",
                "ADVANCED");
        assertThat(post(teacher, "/api/classes/{id}/promotion", request, schoolClass))
                .hasStatus(201);
        String stayed = content(get(teacher, "/api/classes/{id}", schoolClass));
        assertThat(JsonPath.<String>read(stayed, "$.name")).isEqualTo(JsonPath.read(old, "$.name"));
        assertThat(JsonPath.<List<?>>read(stayed, "$.students")).hasSize(2);
        assertThat(whoHasTheSet()).containsExactly(schoolClass.toString());
    }

    @Test
    void aPastNameThatIsTakenGetsANumber() {
        String old = content(get(teacher, "/api/classes/{id}", schoolClass));
        String name = JsonPath.read(old, "$.name");
        String taken = name + ", until " + LocalDate.now().getYear();
        as(teacher, () -> classes.create(taken, GradeBand.DEVELOPING, List.of(), CalendarData.NONE));
        Map<String, Object> request = Map.of(
                "revision",
                JsonPath.read(old, "$.revision"),
                "students",
                JsonPath.<List<String>>read(old, "$.students[*].id"),
                "name",
                "9 Skerry",
                "band",
                "ADVANCED");
        assertThat(post(teacher, "/api/classes/{id}/promotion", request, schoolClass))
                .hasStatus(201);
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/classes/{id}", schoolClass)), "$.name"))
                .isEqualTo(taken + " (2)");
    }

    @Test
    void oneStudentsDataIsAFile() {
        MvcTestResult answer = get(teacher, "/api/progress/students/{id}/archive", student);
        assertThat(answer).hasStatusOk();
        assertThat(answer.getResponse().getContentAsByteArray()).startsWith('P', 'K');
    }
}
