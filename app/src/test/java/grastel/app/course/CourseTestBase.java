package grastel.app.course;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A class that meets on Tuesdays at 11:05 from September to December 2026; 31 August is a Monday. */
public abstract class CourseTestBase extends ApplicationTest {
    protected SignedIn teacher;
    protected UUID schoolClass;
    protected UUID paper;

    @BeforeEach
    protected void aClassThatMeetsOnTuesdays() {
        teacher = newTeacher();
        schoolClass = newClass(teacher).id();
        paper = cartridge(teacher);
        assertThat(meet(List.of())).hasStatusOk();
    }

    protected MvcTestResult meet(List<Map<String, Object>> changes) {
        Map<String, Object> slot = Map.of("day", "TUESDAY", "starts", "11:05", "minutes", 50, "room", "Room 4");
        return put(
                teacher,
                "/api/classes/{id}/calendar",
                Map.of(
                        "calendar",
                        Map.of(
                                "term", Map.of("from", "2026-08-31", "to", "2026-12-18", "name", "autumn"),
                                "slots", List.of(slot),
                                "holidays",
                                        List.of(Map.of("from", "2026-10-26", "to", "2026-10-30", "name", "half term")),
                                "changes", changes)),
                schoolClass);
    }

    protected String firstSteps() {
        return content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper),
                schoolClass));
    }

    protected String lane() {
        List<Map<String, Object>> lanes = JsonPath.read(
                content(get(teacher, "/api/courses")), "$.lanes[?(@.schoolClass == '" + schoolClass + "')]");
        return JsonPath.parse(lanes.get(0)).jsonString();
    }

    protected static List<Map<String, Object>> lessons(String lane) {
        List<Map<String, Object>> lessons = JsonPath.read(lane, "$.lessons");
        List<String> kept = List.of(
                "id",
                "title",
                "aim",
                "sheets",
                "showMinutes",
                "lookMinutes",
                "workMinutes",
                "pin",
                "notes",
                "from",
                "until",
                "again",
                "beside");
        return lessons.stream()
                .map(l -> {
                    Map<String, Object> data = new LinkedHashMap<>(l);
                    data.keySet().retainAll(kept);
                    return data;
                })
                .toList();
    }

    protected MvcTestResult set(List<Map<String, Object>> lessons, int revision) {
        return put(
                teacher,
                "/api/courses/{class}",
                Map.of("revision", revision, "course", Map.of("lessons", lessons)),
                schoolClass);
    }

    protected MvcTestResult log(String outcome, String lesson, String stage) {
        Map<String, Object> entry = new HashMap<>(Map.of("period", "2026-09-01T11:05:00", "outcome", outcome));
        entry.put("lesson", lesson);
        entry.put("stage", stage);
        return post(teacher, "/api/courses/{class}/log", entry, schoolClass);
    }

    protected static double sum(String json, String path) {
        return JsonPath.<List<Number>>read(json, path).stream()
                .mapToDouble(Number::doubleValue)
                .sum();
    }
}
