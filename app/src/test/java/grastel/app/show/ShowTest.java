package grastel.app.show;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.kit.Kit.KitPaper;
import grastel.app.platform.SignedIn;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;

class ShowTest extends ApplicationTest {
    private UUID paper(SignedIn teacher) {
        return as(teacher, () -> kit.papers()).stream()
                .map(KitPaper::id)
                .findFirst()
                .orElseThrow();
    }

    private String outline(SignedIn teacher, ClassInfo to) {
        return content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper(teacher)),
                to.id()));
    }

    @Test
    void aLessonIsShownFromWhatItIsForToWhatToMindAndNoStudentIsNamed() {
        SignedIn teacher = newTeacher();
        ClassInfo to = newClass(teacher);
        String lane = outline(teacher, to);
        String lesson = JsonPath.read(lane, "$.lessons[0].id");
        String show = content(get(teacher, "/api/show/lessons/{class}/{lesson}", to.id(), lesson));
        assertThat(JsonPath.<String>read(show, "$.title")).isEqualTo(JsonPath.read(lane, "$.lessons[0].title"));
        List<String> kinds = JsonPath.read(show, "$.scenes[*].kind");
        assertThat(kinds)
                .startsWith("OPENING", "LAYING")
                .contains("TURN", "FAULT")
                .endsWith("CAUTIONS");
        assertThat(to.students()).extracting(StudentInfo::name).noneMatch(show::contains);
        assertThat(JsonPath.<List<Object>>read(show, "$.scenes[?(@.kind == 'FAULT' && @.wrong)]"))
                .isNotEmpty();
        String sheet = JsonPath.read(lane, "$.lessons[0].sheets[0]");
        String alone = content(get(teacher, "/api/show/sheets/{id}", sheet));
        assertThat(JsonPath.<List<Object>>read(alone, "$.scenes"))
                .isEqualTo(JsonPath.<List<Object>>read(show, "$.scenes"));
    }

    @Test
    void aStackIsShownLayerByLayerWithTheColourOfTheBench() {
        SignedIn teacher = newTeacher();
        UUID pencil = as(teacher, () -> kit.pencils()).get(0).id();
        Map<String, Object> layer = Map.of(
                "kind", "COLOUR", "pencil", pencil, "pressure", 0.4, "point", 0.7, "stroke", "CIRCLES", "passes", 2);
        Map<String, Object> stack = Map.of("paper", paper(teacher), "layers", List.of(layer, layer));
        String kept =
                content(post(teacher, "/api/bench/stacks", Map.of("name", "Two of one", "note", "", "stack", stack)));
        String show = content(get(teacher, "/api/show/stacks/{id}", JsonPath.<String>read(kept, "$.id")));
        String look = content(post(teacher, "/api/bench/look", Map.of("stack", stack, "steps", 5)));
        assertThat(JsonPath.<List<Object>>read(show, "$.scenes")).hasSize(3);
        assertThat(JsonPath.<String>read(show, "$.scenes[2].swatch.colour.colour"))
                .isEqualTo(JsonPath.read(look, "$.colour.colour"));
    }

    @Test
    void whatIsNotThereIsSaid() {
        SignedIn teacher = newTeacher();
        assertThat(get(teacher, "/api/show/sheets/{id}", UUID.randomUUID())).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(get(newTeacher(), "/api/show/stacks/{id}", UUID.randomUUID()))
                .hasStatus(HttpStatus.NOT_FOUND);
    }
}
