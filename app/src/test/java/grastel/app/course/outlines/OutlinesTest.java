package grastel.app.course.outlines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.course.CourseTestBase;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Courses without class or dates, fitted to a class and given away. */
class OutlinesTest extends CourseTestBase {
    @Test
    void anOutlineIsFittedToTheClassAndLaidOnItsPeriods() {
        String lane = firstSteps();
        assertThat(JsonPath.<List<String>>read(lane, "$.lessons[*].title"))
                .hasSize(6)
                .startsWith("Whisper to full", "Strokes and grain");
        assertThat(JsonPath.<List<String>>read(lane, "$.periods[*].key"))
                .hasSize(15)
                .startsWith("2026-09-01T11:05:00");
        assertThat(JsonPath.<List<?>>read(lane, "$.lessons[?(@.sheets.length() == 1)]"))
                .as("every lesson has its sheet")
                .hasSize(6);
        assertThat(JsonPath.<String>read(lane, "$.periods[0].pieces[0].lesson"))
                .isEqualTo(JsonPath.read(lane, "$.lessons[0].id"));
        assertThat(JsonPath.<List<?>>read(lane, "$.warnings[?(@.kind == 'NEEDED_BEFORE_TAUGHT')]"))
                .isEmpty();
        double planned = sum(lane, "$.periods[*].planned");
        assertThat(planned)
                .as("all lessons have their place")
                .isCloseTo(sum(lane, "$.lessons[*].minutes"), within(1e-6));
    }

    @Test
    void aSetThatHoldsLessGivesSubstitutesAndSaysSo() {
        UUID set = few("S01", "S03", "S08", "S15", "S22", "S31");
        String lane = content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper, "set", set),
                schoolClass));
        assertThat(JsonPath.<String>read(lane, "$.lessons[0].notes"))
                .contains("Buoy Red is not in the set. Winch Red replaces it");
        assertThat(JsonPath.<List<Integer>>read(lane, "$.warnings[?(@.kind == 'TOO_FEW_COPIES')].count"))
                .as("three students, one set")
                .isNotEmpty()
                .containsOnly(1);
    }

    @Test
    void anOutlineGoesOutAsAFileAndComesBackTheSame() {
        firstSteps();
        String file = content(get(teacher, "/api/courses/" + schoolClass + "/outline"));
        UUID other = newClass(teacher).id();
        String lane = content(
                post(teacher, "/api/courses/{class}/outline-file", Map.of("text", file, "paper", paper), other));
        assertThat(JsonPath.<List<String>>read(lane, "$.lessons[*].title"))
                .isEqualTo(JsonPath.<List<String>>read(lane(), "$.lessons[*].title"));
        assertThat(JsonPath.<List<Integer>>read(lane, "$.lessons[*].stages.length()"))
                .isEqualTo(JsonPath.<List<Integer>>read(lane(), "$.lessons[*].stages.length()"));
    }

    @Test
    void aCourseIsCopiedToAParallelClassWithSheetsOfItsOwn() {
        firstSteps();
        UUID other = newClass(teacher).id();
        String copied = content(post(teacher, "/api/courses/{class}/copy", Map.of("of", schoolClass), other));
        assertThat(JsonPath.<List<String>>read(copied, "$.lane.lessons[*].title"))
                .isEqualTo(JsonPath.<List<String>>read(lane(), "$.lessons[*].title"));
        assertThat(JsonPath.<List<Object>>read(copied, "$.lane.lessons[*].sheets[*]"))
                .hasSameSizeAs(JsonPath.<List<?>>read(lane(), "$.lessons[*].sheets[*]"))
                .doesNotContainAnyElementsOf(JsonPath.read(lane(), "$.lessons[*].sheets[*]"));
        assertThat(JsonPath.<List<String>>read(copied, "$.changes")).isEmpty();
    }

    @Test
    void whatIsOtherwiseInACopyIsSaid() {
        List<Map<String, Object>> lessons = lessons(firstSteps());
        lessons.get(1).put("pin", "2026-09-22T11:05:00");
        lessons.get(2).put("again", "PRESSURE");
        assertThat(set(lessons, JsonPath.read(lane(), "$.revision"))).hasStatusOk();
        UUID six = few("S01", "S03", "S08", "S15", "S22", "S31");
        UUID other = newClass(teacher).id();
        String copied = content(post(
                teacher, "/api/courses/{class}/copy", Map.of("of", schoolClass, "set", six, "paper", paper), other));
        assertThat(JsonPath.<List<String>>read(copied, "$.lane.lessons[*].title"))
                .hasSize(5);
        assertThat(JsonPath.<List<String>>read(copied, "$.changes"))
                .anyMatch(words -> words.contains("Buoy Red is not in the set. Winch Red replaces it"))
                .anyMatch(words -> words.startsWith("One lesson had a fixed date"))
                .anyMatch(words -> words.startsWith("One lesson that taught a skill again"));
    }

    private UUID few(String... codes) {
        List<UUID> pencils = as(teacher, () -> kit.pencils()).stream()
                .filter(p -> List.of(codes).contains(p.pencil().code()))
                .map(p -> p.id())
                .toList();
        List<Map<String, Object>> users = List.of(Map.of("schoolClass", schoolClass, "howMany", 1));
        String made =
                content(post(teacher, "/api/kit/sets", Map.of("name", "Few", "pencils", pencils, "users", users)));
        return UUID.fromString(JsonPath.read(made, "$.id"));
    }

    @Test
    void outlinesThatAreNoneAreRefusedByTheirPlaces() {
        for (Map.Entry<String, String> bad : Map.of(
                        "{\"grastelOutline\": 2}", "version 2",
                        "not json", "not JSON",
                        "{\"grastelOutline\": 1, \"title\": \"x\", \"pencils\": [], \"lessons\": []}", "lessons")
                .entrySet()) {
            MvcTestResult answer = post(
                    teacher,
                    "/api/courses/{class}/outline-file",
                    Map.of("text", bad.getKey(), "paper", paper),
                    schoolClass);
            assertThat(answer).hasStatus(422);
            assertThat(content(answer)).contains(bad.getValue());
        }
        assertThat(JsonPath.<List<?>>read(lane(), "$.lessons")).isEmpty();
    }
}
