package grastel.app.course.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.course.CourseTestBase;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Periods for calendar programs. */
class CalendarFileTest extends CourseTestBase {
    /** Read back line by line, as RFC 5545 has it: folded lines unfolded, nothing of the library that wrote it. */
    @Test
    void theCalendarIsReadBackByAnotherParser() {
        String lane = firstSteps();
        assertThat(meet(List.of(Map.of("kind", "CANCELLED", "period", "2026-09-08T11:05:00"))))
                .hasStatusOk();
        String file = content(get(teacher, "/api/courses/" + schoolClass + "/calendar.ics"));
        assertThat(file).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        assertThat(file.lines()).allMatch(l -> l.getBytes(StandardCharsets.UTF_8).length <= 75);
        String unfolded = file.replace("\r\n ", "").replace("\r\n\t", "");
        List<String> events = List.of(unfolded.split("BEGIN:VEVENT\r\n"));
        assertThat(events).hasSize(1 + 15);
        assertThat(events.get(1))
                .containsPattern("DTSTART(;TZID=[^:]+)?:20260901T110500")
                .contains("LOCATION:Room 4")
                .contains("Whisper to full (1 of 6)");
        assertThat(events.get(2)).contains("STATUS:CANCELLED");
        assertThat(events.stream().skip(1).map(e -> e.replaceAll("(?s).*UID:([^\r]+).*", "$1")))
                .doesNotHaveDuplicates();
        assertThat(file).doesNotContain("Diallo").doesNotContain("Sæther");
        assertThat(JsonPath.<List<?>>read(lane, "$.periods")).hasSize(15);
    }

    @Test
    void aFeedIsPrivateAndCanBeRevoked() {
        firstSteps();
        String path = JsonPath.read(content(post(teacher, "/api/courses/feed", Map.of())), "$.path");
        assertThat(content(get(null, path))).contains("Whisper to full");
        assertThat(jdbc.queryForList("select token_hash from calendar_feed", String.class))
                .as("only a digest is kept")
                .noneMatch(path::contains);
        assertThat(get(null, path + "x")).hasStatus(404);
        String second = JsonPath.read(content(post(teacher, "/api/courses/feed", Map.of())), "$.path");
        assertThat(get(null, path)).as("the first is over").hasStatus(404);
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/courses/feed")))
                .hasStatus(204);
        assertThat(get(null, second)).hasStatus(404);
    }
}
