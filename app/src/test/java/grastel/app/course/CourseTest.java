package grastel.app.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.core.scanner.hand.Hand;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A class's course, from its lessons to what really happened. */
@Tag("database")
class CourseTest extends CourseTestBase {
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
        assertThat(JsonPath.<Number>read(after, "$.pace.speed").doubleValue()).isLessThan(1);
        assertThat(JsonPath.<Integer>read(after, "$.pace.periods")).isEqualTo(1);

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
    void aLessonThatTeachesSomethingOnceMoreComesNext() {
        String before = firstSteps();
        Map<String, Object> even = Map.of("title", "Even tone once more", "aim", "Smooth boxes", "workMinutes", 20);
        String first = content(post(teacher, "/api/courses/{class}/next-lesson", even, schoolClass));
        assertThat(JsonPath.<Integer>read(first, "$.at")).isZero();
        assertThat(JsonPath.<String>read(first, "$.starts")).startsWith("2026-09-01T11:05");
        String lesson = JsonPath.read(first, "$.lesson");
        String show =
                JsonPath.<List<String>>read(lane(), "$.lessons[0].stages[*].id").get(0);
        assertThat(log("STOPPED", lesson, show)).hasStatusOk();

        String second = content(post(teacher, "/api/courses/{class}/next-lesson", even, schoolClass));
        assertThat(JsonPath.<Integer>read(second, "$.at"))
                .as("after the one that is under way")
                .isEqualTo(1);
        assertThat(JsonPath.<List<String>>read(lane(), "$.lessons[*].title"))
                .startsWith("Even tone once more", "Even tone once more", JsonPath.read(before, "$.lessons[0].title"));
    }

    @Test
    void aGroupDoesSomethingElseBesideTheNextLesson() {
        String before = firstSteps();
        String student = JsonPath.read(content(get(teacher, "/api/classes/{id}", schoolClass)), "$.students[0].id");
        Map<String, Object> redo = Map.of("title", "Redo sheets", "students", List.of(student));
        String first = content(post(teacher, "/api/courses/{class}/beside", redo, schoolClass));
        assertThat(JsonPath.<Integer>read(first, "$.at")).isZero();
        assertThat(JsonPath.<List<String>>read(lane(), "$.lessons[0].beside[*].title"))
                .containsExactly("Redo sheets");
        assertThat(JsonPath.<List<String>>read(lane(), "$.lessons[0].beside[0].students[*]"))
                .containsExactly(student);
        assertThat(JsonPath.<Object>read(lane(), "$.periods"))
                .as("the class's own lesson takes its time as before")
                .isEqualTo(JsonPath.read(before, "$.periods"));

        Map<String, Object> stranger = Map.of("title", "Redo sheets", "students", List.of(UUID.randomUUID()));
        assertThat(post(teacher, "/api/courses/{class}/beside", stranger, schoolClass))
                .hasStatus(422);
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
        assertThat(content(never)).contains("does not meet at that time");
        assertThat(lane()).isEqualTo(before);
    }

    @Test
    void aCourseStartsOnOrAfterTheDayThatIsAsked() {
        String late = content(post(
                teacher,
                "/api/courses/{class}/outline",
                Map.of("outline", "first-steps", "paper", paper, "from", "2026-10-07"),
                schoolClass));
        List<String> taught = JsonPath.read(late, "$.periods[?(@.pieces.length() > 0)].key");
        assertThat(taught).isNotEmpty().allSatisfy(key -> assertThat(key).isGreaterThan("2026-10-07"));
        assertThat(taught.get(0)).isEqualTo("2026-10-13T11:05:00");
        assertThat(JsonPath.<String>read(late, "$.lessons[0].pin"))
                .as("the teacher can move it")
                .isEqualTo("2026-10-13T11:05:00");
        assertThat(JsonPath.<Integer>read(late, "$.revision")).isEqualTo(JsonPath.<Integer>read(lane(), "$.revision"));
    }

    @Test
    void theLogTakesWhoWasAbsentAndANote() {
        firstSteps();
        String student = JsonPath.read(content(get(teacher, "/api/classes/{id}", schoolClass)), "$.students[0].id");
        Map<String, Object> entry = new HashMap<>(Map.of("period", "2026-09-01T11:05:00", "outcome", "DONE"));
        assertThat(post(teacher, "/api/courses/{class}/log", entry, schoolClass))
                .as("nobody is absent where nobody is named")
                .hasStatusOk();
        entry.put("absent", List.of(student));
        entry.put("note", " No Tide Blue left. ");
        String lane = content(post(teacher, "/api/courses/{class}/log", entry, schoolClass));
        String logged = "$.periods[?(@.key == '2026-09-01T11:05:00')]";
        assertThat(JsonPath.<List<String>>read(lane, logged + ".absent[*]")).containsExactly(student);
        assertThat(JsonPath.<List<String>>read(lane, logged + ".note")).containsExactly("No Tide Blue left.");

        entry.put("absent", List.of(UUID.randomUUID()));
        MvcTestResult stranger = post(teacher, "/api/courses/{class}/log", entry, schoolClass);
        assertThat(stranger).hasStatus(422);
        assertThat(content(stranger)).contains("not in this class");
        assertThat(JsonPath.<List<String>>read(lane(), logged + ".absent[*]"))
                .as("what was logged before stays")
                .containsExactly(student);
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
                                as(teacher, () -> printings.pages(run.id()))
                                        .get(0)
                                        .id(),
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

    /** What a student gave in, as if it had come at a time. */
    private void gaveIn(Hand hand, long seed, String when) {
        var run = as(
                teacher,
                () -> printings.print(sheets.create(null, scale("S07", 5, 20)).id(), schoolClass));
        UUID page = confirmed(teacher, printedPage(teacher, run.id(), 0), hand, seed);
        jdbc.update(
                "update returned_page set created_at = cast(? as timestamp with time zone) where id = ?", when, page);
    }

    @Test
    void whatALessonThatTaughtSomethingAgainHasChanged() {
        Map<String, Object> even = Map.of("title", "Reteach: even tone", "workMinutes", 20, "again", "EVEN_TONE");
        String path = "/api/courses/" + schoolClass + "/retaught";
        assertThat(content(get(teacher, path))).isEqualTo("[]");
        content(post(teacher, "/api/courses/{class}/next-lesson", even, schoolClass));
        gaveIn(new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0), 31, "2026-08-31 10:00:00+00");
        String begun = content(get(teacher, path));
        assertThat(JsonPath.<List<String>>read(begun, "$[*].skill")).containsExactly("EVEN_TONE");
        assertThat(JsonPath.<Integer>read(begun, "$[0].students")).isZero();
        assertThat(JsonPath.<Object>read(begun, "$[0].before")).isNull();

        gaveIn(Hand.EXACT, 32, "2026-09-08 10:00:00+00");
        String shown = content(get(teacher, path));
        assertThat(JsonPath.<Integer>read(shown, "$[0].students")).isEqualTo(1);
        assertThat(JsonPath.<Number>read(shown, "$[0].before").doubleValue()).isLessThan(3);
        assertThat(JsonPath.<Number>read(shown, "$[0].after").doubleValue()).isGreaterThanOrEqualTo(3);
        assertThat(JsonPath.<Integer>read(shown, "$[0].secure")).isEqualTo(1);
        assertThat(JsonPath.<List<String>>read(shown, "$[0].goals[*].goal")).contains("EVEN_INSIDE");
        String lane = lane();
        assertThat(set(lessons(lane), JsonPath.read(lane, "$.revision"))).hasStatusOk();
        assertThat(content(get(teacher, path)))
                .as("kept when the course is sent back")
                .isEqualTo(shown);
    }

    @Test
    void whatComesBackTellsHowFastTheClassIs() {
        String lane = firstSteps();
        String sheet = JsonPath.read(lane, "$.lessons[0].sheets[0]");
        String run = JsonPath.read(
                content(post(teacher, "/api/sheets/{id}/runs", Map.of("schoolClass", schoolClass), sheet)), "$.id");
        assertThat(log("DONE", null, null)).hasStatusOk();
        UUID printed =
                as(teacher, () -> printings.pages(UUID.fromString(run))).get(0).id();
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed, Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        String after = lane();
        assertThat(JsonPath.<Integer>read(after, "$.pace.periods")).isEqualTo(1);
        assertThat(JsonPath.<Integer>read(after, "$.pace.pages")).isEqualTo(1);
    }

    private void meetsFrom(LocalDate first, LocalDate last) {
        Map<String, Object> calendar = Map.of(
                "term", Map.of("from", first.toString(), "to", last.toString()),
                "slots", List.of(Map.of("day", "TUESDAY", "starts", "11:05", "minutes", 50)));
        assertThat(put(teacher, "/api/classes/{id}/calendar", Map.of("calendar", calendar), schoolClass))
                .hasStatusOk();
    }

    private String lead(String code) {
        List<Map<String, Object>> lines =
                JsonPath.read(content(get(teacher, "/api/courses/stock")), "$[?(@.code == '" + code + "')]");
        return JsonPath.parse(lines.get(0)).jsonString();
    }

    @Test
    void leadIsTakenByWhatIsPlannedAndAStubRunsShort() {
        meetsFrom(LocalDate.now(), LocalDate.now().plusDays(120));
        String code = JsonPath.read(firstSteps(), "$.lessons[0].wants[0].code");
        assertThat(JsonPath.<Double>read(lead(code), "$.neededMm")).isPositive();
        String id = JsonPath.read(lead(code), "$.pencil");
        assertThat(post(teacher, "/api/kit/pencils/{id}/lead", Map.of("leadMm", 40), id))
                .hasStatusOk();
        String after = lead(code);
        assertThat(LocalDate.parse(JsonPath.read(after, "$.shortOn"))).isAfterOrEqualTo(LocalDate.now());
        assertThat(JsonPath.<Integer>read(after, "$.order")).isPositive();
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/courses/stock")), "$[0].code"))
                .as("what runs short stands first")
                .isEqualTo(code);
    }

    /** One count of a pencil: in the kit, in the lesson and in the order. */
    @Test
    void whatIsLostIsMissingEverywhereAndOrdered() {
        meetsFrom(LocalDate.now(), LocalDate.now().plusDays(120));
        Map<String, Object> want = JsonPath.read(firstSteps(), "$.lessons[0].wants[0]");
        assertThat(want.get("copies")).as("nobody said what the class has").isNull();
        List<Map<String, Object>> sets = JsonPath.read(content(get(teacher, "/api/kit")), "$.sets");
        sets.forEach(s -> assertThat(put(
                        teacher,
                        "/api/kit/sets/{id}",
                        Map.of(
                                "name", s.get("name"),
                                "pencils", s.get("pencils"),
                                "users", List.of(Map.of("schoolClass", schoolClass, "howMany", 9))),
                        s.get("id")))
                .hasStatusOk());
        want = JsonPath.read(lane(), "$.lessons[0].wants[0]");
        String code = (String) want.get("code");
        int inTurns = (int) want.get("inTurns");
        int before = JsonPath.<Integer>read(lead(code), "$.copies");
        assertThat(before).isEqualTo(want.get("copies"));
        String id = JsonPath.read(lead(code), "$.pencil");
        String counted = content(post(teacher, "/api/kit/pencils/{id}/copies", Map.of("copies", inTurns - 1), id));
        assertThat(JsonPath.<Integer>read(counted, "$.copies")).isEqualTo(inTurns - 1);
        assertThat(JsonPath.<Integer>read(counted, "$.extra")).isEqualTo(inTurns - 1 - before);
        assertThat(JsonPath.<Integer>read(lane(), "$.lessons[0].wants[0].copies"))
                .isEqualTo(inTurns - 1);
        String after = lead(code);
        assertThat(JsonPath.<Integer>read(after, "$.copies")).isEqualTo(inTurns - 1);
        assertThat(JsonPath.<Integer>read(after, "$.order")).isPositive();
        assertThat(JsonPath.<String>read(after, "$.shortOn")).isNotNull();
        assertThat(content(get(teacher, "/api/courses/stock.csv")))
                .contains("code,name,copies,students,to_order")
                .contains("\n" + code + ",");
    }

    /** A period that is past and was not logged counts as held: it takes nothing that is still to come. */
    @Test
    void whatIsPastIsNotPlannedForAnyMore() {
        meetsFrom(LocalDate.now().minusDays(200), LocalDate.now().minusDays(1));
        firstSteps();
        List<Double> needed = JsonPath.read(content(get(teacher, "/api/courses/stock")), "$[*].neededMm");
        assertThat(needed).allMatch(mm -> mm == 0);
    }
}
