package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A request asks the database a bounded number of times, however many weeks lie behind it. */
@Import(Statements.class)
@Tag("database")
class StatementsTest extends ApplicationTest {
    private static final int MOST = 16;

    private SignedIn teacher;
    private RunInfo run;
    private UUID page;
    private String seen;
    private String noteSeen;
    private UUID student;
    private UUID chart;

    @BeforeEach
    void aClassWithTwoTriesOfOneSheet() {
        teacher = newTeacher();
        run = printed(teacher);
        Printings.PageInfo first = as(teacher, () -> printings.pages(run.id())).get(0);
        student = first.student();
        page = upload(teacher, "scan.jpg", scan(teacher, first.id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        confirm();
        chart = created(
                teacher,
                "/api/charts",
                Map.of(
                        "set",
                        as(teacher, () -> kit.sets().get(0).id()),
                        "paper",
                        as(teacher, () -> kit.papers().get(0).id()),
                        "pageSize",
                        "A4",
                        "copies",
                        1));
        new History(jdbc).copy(run.id(), run.schoolClass(), 1);
    }

    private MvcTestResult confirm() {
        look();
        return confirmAsSeen();
    }

    private MvcTestResult confirmAsSeen() {
        return post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("seen", seen, "changed", List.of()), page);
    }

    /** What is decided is decided of the page as it is seen; looking is counted by itself. */
    private void look() {
        String detail = content(get(teacher, "/api/returns/pages/{id}", page));
        seen = JsonPath.read(detail, "$.row.seen");
        noteSeen = JsonPath.read(detail, "$.note");
    }

    private interface Request {
        MvcTestResult send();
    }

    private Map<String, Request> requests() {
        Map<String, Request> all = new LinkedHashMap<>();
        for (String path : List.of(
                "/api/today",
                "/api/classes",
                "/api/courses",
                "/api/courses/stock",
                "/api/find?q=an",
                "/api/kit",
                "/api/charts",
                "/api/charts/" + chart,
                "/api/sheets",
                "/api/projects",
                "/api/sheets/runs",
                "/api/sheets/" + run.sheet(),
                "/api/sheets/runs/" + run.id() + "/pages",
                "/api/returns/unplaced",
                "/api/returns/agreement",
                "/api/returns/agreement?schoolClass=" + run.schoolClass(),
                "/api/returns/runs/" + run.id() + "/pages",
                "/api/returns/runs/" + run.id() + "/sure",
                "/api/returns/pages/" + page,
                "/api/progress/classes/" + run.schoolClass(),
                "/api/progress/students/" + student,
                "/api/progress/students/" + student + "/hand",
                "/api/returns/pages/" + page + "/hand",
                "/api/progress/classes/" + run.schoolClass() + "/marks",
                "/api/progress/classes/" + run.schoolClass() + "/holdings",
                "/api/progress/classes/" + run.schoolClass() + "/first-and-latest",
                "/api/progress/classes/" + run.schoolClass() + "/pressures",
                "/api/courses/" + run.schoolClass() + "/retaught",
                "/api/progress/classes/" + run.schoolClass() + "/reports",
                "/api/wall/runs/" + run.id(),
                "/api/wall/students/" + student,
                "/api/bench/stacks")) {
            all.put(path, () -> get(teacher, path));
        }
        all.put(
                "what would be done again",
                () -> post(teacher, "/api/progress/classes/{id}/redo/preview", Map.of(), run.schoolClass()));
        all.put("a decision", this::confirmAsSeen);
        all.put(
                "a note",
                () -> put(
                        teacher,
                        "/api/returns/pages/{id}/note",
                        Map.of("note", "Sharpen.", "flagged", true, "seen", noteSeen),
                        page));
        all.put(
                "a decision taken back",
                () -> post(teacher, "/api/returns/pages/{id}/reopening", Map.of("seen", seen), page));
        return all;
    }

    private Map<String, Integer> counted() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        requests().forEach((name, request) -> {
            look();
            counts.put(
                    name,
                    Statements.in(() -> assertThat(request.send()).as(name).hasStatusOk()));
        });
        return counts;
    }

    @Test
    void statementsDoNotGrowWithHistory() {
        confirm();
        Map<String, Integer> fresh = counted();
        confirm();
        for (int i = 0; i < 3; i++) {
            UUID other = newClass(teacher).id();
            new History(jdbc).copy(run.id(), other, 12);
        }
        new History(jdbc).copy(run.id(), run.schoolClass(), 25);
        Map<String, Integer> later = counted();

        assertThat(later.values()).allMatch(n -> n <= MOST, "at most " + MOST);
        later.forEach(
                (name, count) -> assertThat(count).as("%s with history", name).isLessThanOrEqualTo(fresh.get(name)));
        assertThat(JsonPath.<List<?>>read(content(get(teacher, "/api/wall/students/" + student)), "$.attempts"))
                .as("the history is really there")
                .hasSize(27);
    }
}
