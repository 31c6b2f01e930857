package grastel.app.course;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Shipped courses in the rooms that schools have: what does not fit is said, with what helps. */
class OutlinesFitTest extends CourseTestBase {
    private static final LocalDate MONDAY = LocalDate.of(2027, 1, 4);

    private record Rhythm(int minutes, List<String> days) {}

    private static final List<Rhythm> RHYTHMS = List.of(
            new Rhythm(45, List.of("TUESDAY")),
            new Rhythm(60, List.of("TUESDAY")),
            new Rhythm(40, List.of("TUESDAY", "THURSDAY")));

    private void meets(Rhythm rhythm, int weeks) {
        Map<String, Object> calendar = Map.of(
                "term",
                        Map.of(
                                "from",
                                MONDAY.toString(),
                                "to",
                                MONDAY.plusWeeks(weeks).minusDays(3).toString()),
                "slots",
                        rhythm.days().stream()
                                .map(d -> Map.of("day", d, "starts", "11:05", "minutes", rhythm.minutes()))
                                .toList());
        assertThat(put(teacher, "/api/classes/{id}/calendar", Map.of("calendar", calendar), schoolClass))
                .hasStatusOk();
    }

    @Test
    void onlyWhatTheTermHasNoPeriodsForIsLeftOut() {
        List<String> outlines = JsonPath.read(content(get(teacher, "/api/courses/outlines")), "$[*].id");
        for (String outline : outlines) {
            schoolClass = newClass(teacher).id();
            meets(RHYTHMS.get(1), 14);
            assertThat(post(
                            teacher,
                            "/api/courses/{class}/outline",
                            Map.of("outline", outline, "paper", paper),
                            schoolClass))
                    .hasStatusOk();
            for (Rhythm rhythm : RHYTHMS) {
                for (int weeks = 6; weeks <= 14; weeks += 2) {
                    meets(rhythm, weeks);
                    String lane = lane();
                    String where = outline + ", " + rhythm + ", " + weeks + " weeks";
                    assertThat(JsonPath.<List<String>>read(lane, "$.warnings[?(@.kind == 'NO_ROOM')].why"))
                            .as(where)
                            .doesNotContain("LONGER_THAN_ANY_PERIOD");
                    assertThat(withoutWhatFoundNoRoom(lane)).as(where).isEmpty();
                }
            }
        }
    }

    /** The remedy the course offers: those lessons are taken out. @return what still finds no room then */
    private List<Object> withoutWhatFoundNoRoom(String lane) {
        List<String> left = JsonPath.read(lane, "$.warnings[?(@.kind == 'NO_ROOM')].lesson");
        if (left.isEmpty()) {
            return List.of();
        }
        List<Map<String, Object>> kept =
                lessons(lane).stream().filter(l -> !left.contains(l.get("id"))).toList();
        int revision = JsonPath.read(lane, "$.revision");
        String after = content(set(kept, revision));
        assertThat(set(lessons(lane), JsonPath.<Integer>read(after, "$.revision")))
                .hasStatusOk();
        return JsonPath.read(after, "$.warnings[?(@.kind == 'NO_ROOM')]");
    }
}
