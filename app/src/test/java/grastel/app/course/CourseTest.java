package grastel.app.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.kit.Kit.KitPaper;
import grastel.app.platform.SignedIn;
import grastel.core.scanner.Hand;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A class's course from its outline to what really happened. Autumn 2026: 31 August is a Monday. */
class CourseTest extends DeskTest {
    private SignedIn teacher;
    private UUID schoolClass;
    private UUID paper;

    @BeforeEach
    void aClassThatMeetsOnTuesdays() {
        teacher = newTeacher();
        schoolClass = newClass(teacher).id();
        paper = as(teacher, () -> kit.papers()).stream()
                .filter(p -> p.paper().name().equals("Harbour Cartridge"))
                .map(KitPaper::id)
                .findFirst()
                .orElseThrow();
        assertThat(meet(List.of())).hasStatusOk();
    }

    private MvcTestResult meet(List<Map<String, Object>> changes) {
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
    void theMinutesOfALessonAreThoseOfItsSheet() {
        String lane = firstSteps();
        UUID sheet = UUID.fromString(JsonPath.read(lane, "$.lessons[0].sheets[0]"));
        double ofSheet = as(teacher, () -> sheets.latest(java.util.Set.of(sheet)))
                .get(sheet)
                .plan()
                .minutes();
        assertThat(sum(lane, "$.lessons[0].stages[?(@.kind == 'WORK')].median")).isCloseTo(ofSheet, within(1e-6));
    }

    @Test
    void lessonsAreMovedAndTheMoveTakenBack() {
        String before = firstSteps();
        List<Map<String, Object>> lessons = lessons(before);
        List<Map<String, Object>> moved = new ArrayList<>(lessons);
        moved.add(0, moved.remove(3));
        String after = content(set(moved, JsonPath.read(before, "$.revision")));
        assertThat(JsonPath.<String>read(after, "$.lessons[0].title")).isEqualTo("Fading out");
        assertThat(JsonPath.<List<String>>read(after, "$.warnings[?(@.kind == 'NEEDED_BEFORE_TAUGHT')].other"))
                .as("it needs what is taught later")
                .contains(JsonPath.<String>read(before, "$.lessons[0].id"));
        String back = content(set(lessons, JsonPath.read(after, "$.revision")));
        assertThat(JsonPath.<Object>read(back, "$.periods")).isEqualTo(JsonPath.read(before, "$.periods"));
    }

    @Test
    void aChangeMadeOnAnOldStateIsRefusedAndNothingIsLost() {
        String before = firstSteps();
        int revision = JsonPath.read(before, "$.revision");
        assertThat(set(lessons(before).subList(0, 5), revision)).hasStatusOk();
        assertThat(set(lessons(before).subList(0, 2), revision)).hasStatus(409);
        assertThat(JsonPath.<List<?>>read(lane(), "$.lessons")).hasSize(5);
    }

    @Test
    void ofTwoWindowsThatSawNoCourseTheSecondIsRefused() {
        Map<String, Object> mine = Map.of("id", UUID.randomUUID(), "title", "Mine", "sheets", List.of());
        Map<String, Object> theirs = Map.of("id", UUID.randomUUID(), "title", "Theirs", "sheets", List.of());
        int none = JsonPath.read(lane(), "$.revision");
        assertThat(set(List.of(mine), none)).hasStatusOk();
        assertThat(set(List.of(theirs), none)).hasStatus(409);
        assertThat(JsonPath.<List<String>>read(lane(), "$.lessons[*].title")).containsExactly("Mine");
    }

    @Test
    void cancellingAPeriodMovesWhatComesAfterAndRestoringGivesTheSame() {
        String before = firstSteps();
        assertThat(meet(List.of(Map.of("kind", "CANCELLED", "period", "2026-09-01T11:05:00"))))
                .hasStatusOk();
        String cancelled = lane();
        assertThat(JsonPath.<String>read(cancelled, "$.periods[0].state")).isEqualTo("CANCELLED");
        assertThat(JsonPath.<Object>read(cancelled, "$.periods[1].pieces"))
                .isEqualTo(JsonPath.read(before, "$.periods[0].pieces"));
        assertThat(meet(List.of())).hasStatusOk();
        assertThat(JsonPath.<Object>read(lane(), "$.periods")).isEqualTo(JsonPath.read(before, "$.periods"));
    }

    @Test
    void whatHappenedIsLoggedAndTheCourseFlowsOnFromThere() {
        String before = firstSteps();
        String lesson = JsonPath.read(before, "$.lessons[0].id");
        String stage = JsonPath.read(before, "$.lessons[0].stages[2].id");
        String after = content(log("STOPPED", lesson, stage));
        assertThat(JsonPath.<Boolean>read(after, "$.periods[0].logged")).isTrue();
        assertThat(JsonPath.<List<String>>read(after, "$.periods[0].pieces[0].stages[*].id"))
                .containsExactly("show", JsonPath.read(before, "$.lessons[0].stages[1].id"), stage);
        assertThat(JsonPath.<String>read(after, "$.periods[1].pieces[0].stages[0].id"))
                .isEqualTo(JsonPath.read(before, "$.lessons[0].stages[3].id"));
        assertThat(JsonPath.<Double>read(after, "$.pace.speed")).isLessThan(1);
        assertThat(JsonPath.<Integer>read(after, "$.pace.seen")).isEqualTo(1);

        String again = content(log("DID_NOT_HAPPEN", null, null));
        assertThat(JsonPath.<List<?>>read(again, "$.periods[0].pieces")).isEmpty();
        assertThat(send(
                        teacher,
                        MockMvcRequestBuilders.delete(
                                "/api/courses/{class}/log/{period}", schoolClass, "2026-09-01T11:05:00")))
                .hasStatusOk();
        assertThat(JsonPath.<Object>read(lane(), "$.periods")).isEqualTo(JsonPath.read(before, "$.periods"));
    }

    @Test
    void whatWasLoggedOutlivesAnotherTimetable() {
        firstSteps();
        assertThat(log("DONE", null, null)).hasStatusOk();
        assertThat(put(
                        teacher,
                        "/api/classes/{id}/calendar",
                        Map.of(
                                "calendar",
                                Map.of(
                                        "term", Map.of("from", "2026-08-31", "to", "2026-12-18"),
                                        "slots", List.of(Map.of("day", "TUESDAY", "starts", "11:15", "minutes", 40)))),
                        schoolClass))
                .hasStatusOk();
        String after = lane();
        assertThat(JsonPath.<List<String>>read(after, "$.periods[?(@.logged == true)].key"))
                .containsExactly("2026-09-01T11:05:00");
        assertThat(JsonPath.<List<?>>read(after, "$.periods")).hasSize(16);
    }

    @Test
    void whatCannotBeLoggedIsRefusedInWords() {
        String before = firstSteps();
        assertThat(log("STOPPED", null, null)).hasStatus(422);
        assertThat(log("STOPPED", JsonPath.read(before, "$.lessons[0].id"), "no such stage"))
                .hasStatus(422);
        MvcTestResult never = post(
                teacher,
                "/api/courses/{class}/log",
                Map.of("period", "2026-09-02T11:05:00", "outcome", "DONE"),
                schoolClass);
        assertThat(never).hasStatus(422);
        assertThat(content(never)).contains("does not meet then");
        assertThat(lane()).isEqualTo(before);
    }

    @Test
    void aSetThatHoldsLessGivesSubstitutesAndSaysSo() {
        List<UUID> few = as(teacher, () -> kit.pencils()).stream()
                .filter(p -> List.of("S01", "S03", "S08", "S15", "S22", "S31")
                        .contains(p.pencil().code()))
                .map(p -> p.id())
                .toList();
        UUID set = UUID.fromString(JsonPath.read(
                content(post(
                        teacher,
                        "/api/kit/sets",
                        Map.of(
                                "name",
                                "Six",
                                "pencils",
                                few,
                                "users",
                                List.of(Map.of("schoolClass", schoolClass, "howMany", 1))))),
                "$.id"));
        String lane = content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper, "set", set),
                schoolClass));
        assertThat(JsonPath.<String>read(lane, "$.lessons[0].notes"))
                .contains("Buoy Red is not at hand: Winch Red stands in");
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

    @Test
    void fourHundredLessonsAreRefusedAndALessonWithoutStagesIsTaken() {
        List<Map<String, Object>> many = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            many.add(Map.of("id", UUID.randomUUID(), "title", "Lesson", "sheets", List.of()));
        }
        MvcTestResult refused = set(many, -1);
        assertThat(refused).hasStatus(422);
        assertThat(content(refused)).contains("at most 120 lessons");
        Map<String, Object> empty = Map.of(
                "id",
                UUID.randomUUID(),
                "title",
                "Nothing yet",
                "sheets",
                List.of(),
                "showMinutes",
                0,
                "lookMinutes",
                0);
        String lane = content(set(List.of(empty), -1));
        assertThat(JsonPath.<Double>read(lane, "$.lessons[0].minutes")).isZero();
    }

    @Test
    void aLessonWhoseSheetIsGoneKeepsItsPlace() {
        Map<String, Object> lesson =
                Map.of("id", UUID.randomUUID(), "title", "Gone", "sheets", List.of(UUID.randomUUID()));
        String lane = content(set(List.of(lesson), -1));
        assertThat(JsonPath.<List<?>>read(lane, "$.lessons[0].sheets")).hasSize(1);
        assertThat(JsonPath.<List<String>>read(lane, "$.lessons[0].stages[*].kind"))
                .containsExactly("SHOW", "LOOK_TOGETHER");
    }

    @Test
    void howManyAreSecureComesFromConfirmedMarks() {
        var run = printed(teacher);
        UUID page = upload(
                        teacher,
                        "scan.jpg",
                        scan(
                                teacher,
                                as(teacher, () -> sheets.pages(run.id())).get(0).id(),
                                Hand.EXACT,
                                1))
                .get(0);
        awaitRead(teacher, page);
        schoolClass = run.schoolClass();
        String before = firstSteps();
        assertThat(JsonPath.<List<Integer>>read(before, "$.lessons[0].gives[*].of"))
                .containsOnly(0);
        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                .hasStatusOk();
        assertThat(JsonPath.<List<Integer>>read(lane(), "$.lessons[0].gives[?(@.skill == 'PRESSURE')].of"))
                .containsExactly(1);
    }

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

    private String firstSteps() {
        return content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper),
                schoolClass));
    }

    private String lane() {
        List<Map<String, Object>> lanes = JsonPath.read(
                content(get(teacher, "/api/courses")), "$.lanes[?(@.schoolClass == '" + schoolClass + "')]");
        return JsonPath.parse(lanes.get(0)).jsonString();
    }

    private static List<Map<String, Object>> lessons(String lane) {
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
                "until");
        return lessons.stream()
                .map(l -> {
                    Map<String, Object> data = new LinkedHashMap<>(l);
                    data.keySet().retainAll(kept);
                    return data;
                })
                .toList();
    }

    private MvcTestResult set(List<Map<String, Object>> lessons, int revision) {
        return put(
                teacher,
                "/api/courses/{class}",
                Map.of("revision", revision, "course", Map.of("lessons", lessons)),
                schoolClass);
    }

    private MvcTestResult log(String outcome, String lesson, String stage) {
        Map<String, Object> entry = new HashMap<>(Map.of("period", "2026-09-01T11:05:00", "outcome", outcome));
        entry.put("lesson", lesson);
        entry.put("stage", stage);
        return post(teacher, "/api/courses/{class}/log", entry, schoolClass);
    }

    private static double sum(String json, String path) {
        return JsonPath.<List<Number>>read(json, path).stream()
                .mapToDouble(Number::doubleValue)
                .sum();
    }
}
