package grastel.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.core.page.PageLayout;
import grastel.core.scanner.hand.Hand;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What was missed is printed for each student alone, comes back, and is judged beside the first try. */
class RedoTest extends ApplicationTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0);

    private List<PageInfo> pages(SignedIn teacher, UUID run) {
        return as(teacher, () -> printings.pages(run));
    }

    private static Map<String, Object> wanted(UUID run, String field) {
        Map<String, Object> wanted = new HashMap<>();
        wanted.put("run", run);
        wanted.put("field", field);
        return wanted;
    }

    private MvcTestResult again(SignedIn teacher, RunInfo first, Map<String, Object> wanted) {
        return post(teacher, "/api/progress/classes/{id}/redo", wanted, first.schoolClass());
    }

    private UUID printAgain(SignedIn teacher, RunInfo first, Map<String, Object> wanted) {
        MvcTestResult answer = again(teacher, first, wanted);
        assertThat(answer).hasStatus(201);
        return UUID.fromString(JsonPath.read(content(answer), "$.run"));
    }

    private static List<String> fields(PrintedSheet sheet) {
        return sheet.layout().fields().stream().map(PageLayout.Field::id).toList();
    }

    /** One rule decides who does something again. */
    @Test
    void todayCountsTheSameStudentsAsTheRedoSheets() {
        SignedIn teacher = newTeacher();
        RunInfo first = printed(teacher);
        List<PageInfo> pages = pages(teacher, first.id());
        confirmed(teacher, pages.get(0).id(), PATCHY, 1);
        confirmed(teacher, pages.get(1).id(), Hand.EXACT, 2);
        String redo = content(post(
                teacher, "/api/progress/classes/{id}/redo/preview", wanted(first.id(), null), first.schoolClass()));
        String today = content(get(teacher, "/api/today"));
        assertThat(JsonPath.<List<String>>read(today, "$.classes[*].run.redos[*].name"))
                .isNotEmpty()
                .hasSameElementsAs(JsonPath.read(redo, "$.students[*].name"));
    }

    @Test
    void whoMissedSomethingGetsAPageWithItAndIsJudgedWithWhatWasThere() {
        SignedIn teacher = newTeacher();
        RunInfo first = printed(teacher);
        List<PageInfo> pages = pages(teacher, first.id());
        UUID tried = confirmed(teacher, pages.get(0).id(), PATCHY, 1);
        confirmed(teacher, pages.get(1).id(), Hand.EXACT, 2);

        Map<String, Object> wanted = wanted(null, null);
        String look = content(post(teacher, "/api/progress/classes/{id}/redo/preview", wanted, first.schoolClass()));
        assertThat(JsonPath.<List<String>>read(look, "$.students[*].name")).containsExactly("Amara Diallo");
        List<String> missed = JsonPath.read(look, "$.students[0].parts[0].fields[*].field");
        assertThat(missed).isNotEmpty().isSubsetOf("1", "2", "3", "4", "5");
        assertThat(JsonPath.<List<String>>read(look, "$.students[0].parts[0].fields[*].advice"))
                .anyMatch(words -> !words.isEmpty());

        UUID run = printAgain(teacher, first, wanted);
        List<PageInfo> again = pages(teacher, run);
        assertThat(again).hasSize(1);
        PrintedSheet sheet = as(teacher, () -> printings.printed(again.get(0).id()));
        assertThat(fields(sheet)).isEqualTo(missed);
        assertThat(sheet.layout().texts().stream().map(PageLayout.Text::words).collect(Collectors.joining(" ")))
                .contains("Amara Diallo", "Redo sheet");
        assertThat(get(teacher, "/api/sheets/runs/{id}/pages.pdf", run)).hasStatusOk();

        UUID redone = confirmed(teacher, again.get(0).id(), Hand.EXACT, 3);
        String detail = content(get(teacher, "/api/returns/pages/{id}", redone));
        assertThat(JsonPath.<List<String>>read(detail, "$.boxes[*].field")).isEqualTo(missed);
        assertThat(JsonPath.<List<String>>read(detail, "$.goals[*].goal"))
                .as("goals of the whole row are judged with the boxes of the first try")
                .contains("EQUAL_STEPS", "EVEN_INSIDE");
        assertThat(JsonPath.<List<String>>read(detail, "$.before.fields[*].page"))
                .containsOnly(tried.toString());
        assertThat(JsonPath.<List<Integer>>read(detail, "$.before.levels[?(@.goal == 'EVEN_INSIDE')].level"))
                .hasSize(1)
                .allMatch(level -> level < 3);
        assertThat(JsonPath.<List<Integer>>read(detail, "$.goals[?(@.goal == 'EVEN_INSIDE')].proposed"))
                .allMatch(level -> level >= 3);

        for (String field : List.of("1", "2", "3", "4", "5")) {
            assertThat(get(teacher, "/api/returns/pages/{id}/picture?part={field}", redone, field))
                    .as("box %s, here or of the first try: a goal may name any", field)
                    .hasStatusOk();
        }
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=9", redone))
                .hasStatus(404);

        String wall = content(get(teacher, "/api/wall/runs/{id}", run));
        assertThat((Boolean) JsonPath.read(wall, "$.personal")).isTrue();
        assertThat(JsonPath.<List<Object>>read(wall, "$.rows")).hasSize(1);
        assertThat(JsonPath.<List<String>>read(wall, "$.rows[0].cells[*].before.page"))
                .containsOnly(tried.toString());

        String progress = content(get(teacher, "/api/progress/classes/{id}", first.schoolClass()));
        assertThat(JsonPath.<List<Object>>read(progress, "$.students[0].standings[?(@.skill == 'EVEN_TONE')].tries[*]"))
                .hasSize(2);
        assertThat(JsonPath.<List<Object>>read(
                        content(post(teacher, "/api/progress/classes/{id}/redo/preview", wanted, first.schoolClass())),
                        "$.students[?(@.name == 'Amara Diallo')].parts[*].fields[?(@.advice =~ /.*Small circles.*/)]"))
                .as("what was redone well is not asked for again")
                .isEmpty();
    }

    /** Who presses everything at half the pressure is told that, and not only that mixtures are off. */
    @Test
    void whereTheHandHasAHabitThatIsWhatToDoDifferently() {
        SignedIn teacher = newTeacher();
        RunInfo run = as(teacher, () -> {
            UUID paper = kit.papers().get(1).id();
            UUID sheet = sheets.create(null, SheetData.of(paper, "mixing-from-few", Map.of()))
                    .id();
            return printings.print(sheet, newClass(teacher).id());
        });
        Hand soft = new Hand(0.45, 0, 0, 0, 1, 0, 0, 0, 0);
        confirmed(teacher, printedPage(teacher, run.id(), 0), soft, 41);
        confirmed(teacher, printedPage(teacher, run.id(), 1), Hand.EXACT, 42);
        String look = content(
                post(teacher, "/api/progress/classes/{id}/redo/preview", wanted(null, null), run.schoolClass()));
        assertThat(JsonPath.<List<String>>read(look, "$.students[0].parts[*].fields[*].advice"))
                .anyMatch(words -> words.startsWith("Press a little harder"))
                .noneMatch(words -> words.startsWith("Add the weaker colour"));
    }

    @Test
    void personalPagesAreNoSheetOfTheTeachersAndNobodyElses() {
        SignedIn teacher = newTeacher();
        RunInfo first = printed(teacher);
        confirmed(teacher, printedPage(teacher, first.id(), 0), PATCHY, 4);
        UUID run = printAgain(teacher, first, wanted(first.id(), null));

        assertThat(as(teacher, () -> sheets.all())).hasSize(1);
        assertThat(as(teacher, () -> sheets.titles())).hasSize(1);
        UUID sheet = as(teacher, () -> printings.run(run)).sheet();
        assertThat(get(teacher, "/api/sheets/{id}", sheet)).hasStatus(404);
        assertThat(post(teacher, "/api/sheets/{id}/runs", Map.of("schoolClass", first.schoolClass()), sheet))
                .hasStatus(404);
        assertThat(JsonPath.<List<Boolean>>read(content(get(teacher, "/api/sheets/runs")), "$[*].personal"))
                .containsExactly(true, false);
        assertThat(as(teacher, () -> printings.latestRuns())
                        .get(first.schoolClass())
                        .id())
                .as("Today speaks of the sheet")
                .isEqualTo(first.id());
        SignedIn other = newTeacher();
        assertThat(again(other, first, wanted(first.id(), null))).hasStatus(404);
        assertThat(get(other, "/api/wall/runs/{id}", run)).hasStatus(404);
    }

    @Test
    void oneFieldIsDoneAgainByAllWhoHadItAndAgainAfterThat() {
        SignedIn teacher = newTeacher();
        RunInfo first = printed(teacher);
        UUID run = printAgain(teacher, first, wanted(first.id(), "3"));
        List<PageInfo> again = pages(teacher, run);
        assertThat(again).hasSize(3);
        for (PageInfo page : again) {
            assertThat(fields(as(teacher, () -> printings.printed(page.id())))).containsExactly("3");
        }
        confirmed(teacher, again.get(0).id(), Hand.EXACT, 5);
        UUID thrice = printAgain(teacher, first, wanted(run, "3"));
        PrintedSheet last = as(
                teacher, () -> printings.printed(pages(teacher, thrice).get(0).id()));
        assertThat(last.before()).as("the first try and the second").hasSize(2);
        String detail = content(get(
                teacher,
                "/api/returns/pages/{id}",
                confirmed(teacher, last.page().id(), Hand.EXACT, 6)));
        assertThat(JsonPath.<List<String>>read(detail, "$.before.fields[*].there"))
                .containsExactly("3");

        assertThat(again(teacher, first, wanted(null, "3"))).hasStatus(422);
        assertThat(again(teacher, first, wanted(first.id(), "99"))).hasStatus(422);
    }
}
