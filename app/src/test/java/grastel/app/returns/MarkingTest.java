package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.data.domain.Limit;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionTemplate;

/** What a teacher does with a page that has been read. */
@Tag("database")
class MarkingTest extends PrintedSheetTestBase {
    @Autowired
    private ReturnedPages pages;

    @Autowired
    private TransactionTemplate transactions;

    private UUID readPage(int student, Hand hand) {
        UUID page = upload(
                        teacher, "scan.jpg", scan(teacher, printed.get(student).id(), hand, 3 + student))
                .get(0);
        awaitRead(teacher, page);
        return page;
    }

    private String detail(UUID page) {
        return content(get(teacher, "/api/returns/pages/{id}", page));
    }

    private void confirm(UUID page, List<Map<String, Object>> changed) {
        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", changed), page))
                .hasStatusOk();
    }

    @Test
    void everyDecisionIsRememberedWithWhoAndFromWhat() {
        UUID page = readPage(0, Hand.EXACT);
        String mark = JsonPath.read(detail(page), "$.goals[0].id");
        int goals = JsonPath.<List<?>>read(detail(page), "$.goals").size();
        confirm(page, List.of());
        confirm(page, List.of(Map.of("mark", mark, "level", "BEGINNING")));
        assertThat(post(teacher, "/api/returns/pages/{id}/reopening", Map.of(), page))
                .hasStatusOk();

        String after = detail(page);
        assertThat(JsonPath.<Boolean>read(after, "$.row.confirmed")).isFalse();
        assertThat(JsonPath.<Object>read(after, "$.goals[0].level")).isNull();
        List<Map<String, Object>> history = JsonPath.read(after, "$.history");
        assertThat(history).hasSize(goals + 1 + goals).allMatch(d -> d.get("by").equals("A Teacher"));
        assertThat(history)
                .filteredOn(d -> Integer.valueOf(1).equals(d.get("to")))
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.get("from")).isEqualTo(d.get("proposed"));
                    assertThat(d.get("goal")).isEqualTo("In order");
                });
        assertThat(post(teacher, "/api/returns/pages/{id}/reopening", Map.of(), page))
                .as("nothing left to take back")
                .hasStatus(409);
    }

    @Test
    void decisionsOutliveTheMarksTheyWereAbout() {
        UUID page = readPage(0, Hand.EXACT);
        int goals = JsonPath.<List<?>>read(detail(page), "$.goals").size();
        confirm(page, List.of());
        assertThat(post(teacher, "/api/returns/pages/{id}/reopening", Map.of(), page))
                .hasStatusOk();

        assertThat(post(teacher, "/api/returns/pages/{id}/again", Map.of(), page))
                .hasStatusOk();
        awaitRead(teacher, page);

        List<Map<String, Object>> history = JsonPath.read(detail(page), "$.history");
        assertThat(history).hasSize(2 * goals);
        assertThat(history.subList(goals, 2 * goals)).allMatch(d -> d.get("to") == null && d.get("from") != null);
        assertThat(jdbc.queryForObject("select count(*) from mark_change where page_id = ?", Integer.class, page))
                .isEqualTo(2 * goals);
    }

    @Test
    void aGoalSentTwiceOrOfAnotherReadingIsToldAndNothingIsConfirmed() {
        UUID page = readPage(0, Hand.EXACT);
        String mark = JsonPath.read(detail(page), "$.goals[0].id");
        Map<String, Object> one = Map.of("mark", mark, "level", "NEARLY");

        MvcTestResult twice =
                post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of(one, one)), page);
        assertThat(twice).hasStatus(422);
        assertThat(JsonPath.<String>read(content(twice), "$.fields[0].path")).isEqualTo("changed[1].mark");

        assertThat(post(
                        teacher,
                        "/api/returns/pages/{id}/confirmation",
                        Map.of("changed", List.of(Map.of("mark", UUID.randomUUID(), "level", "NEARLY"))),
                        page))
                .hasStatus(409);
        assertThat(JsonPath.<Boolean>read(detail(page), "$.row.confirmed")).isFalse();
    }

    @Test
    void aNoteAndAFlagEachChangeOnlyWhatTheyMean() {
        UUID page = readPage(0, Hand.EXACT);
        put(teacher, "/api/returns/pages/{id}/note", Map.of("note", "Sharpen."), page);
        put(teacher, "/api/returns/pages/{id}/note", Map.of("flagged", true), page);
        assertThat(JsonPath.<String>read(detail(page), "$.note")).isEqualTo("Sharpen.");
        assertThat(JsonPath.<Boolean>read(detail(page), "$.row.flagged")).isTrue();
    }

    @Test
    void aPictureIsKeptOnlyUnderTheAddressOfItsReading() {
        UUID page = readPage(0, Hand.EXACT);
        String read = JsonPath.read(detail(page), "$.row.read");
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?read={read}", page, read))
                .hasHeader("Cache-Control", "max-age=3600, private");
        assertThat(get(teacher, "/api/returns/pages/{id}/picture", page)).hasHeader("Cache-Control", "no-store");
        post(teacher, "/api/returns/pages/{id}/rereading", Map.of(), page);
        assertThat(JsonPath.<String>read(detail(page), "$.row.read")).isNotEqualTo(read);
    }

    @Test
    void aPageIsFlaggedAndNotedWithKeptPhrases() {
        UUID page = readPage(0, Hand.EXACT);
        assertThat(put(
                        teacher,
                        "/api/returns/pages/{id}/note",
                        Map.of("flagged", true, "note", " Show me your pencil. "),
                        page))
                .hasStatusOk();
        assertThat(JsonPath.<String>read(detail(page), "$.note")).isEqualTo("Show me your pencil.");
        assertThat(JsonPath.<Boolean>read(detail(page), "$.row.flagged")).isTrue();

        post(teacher, "/api/returns/phrases", Map.of("words", "Sharpen first."));
        String twice = content(post(teacher, "/api/returns/phrases", Map.of("words", "Sharpen first.")));
        assertThat(JsonPath.<List<?>>read(twice, "$")).hasSize(1);
        String id = JsonPath.read(twice, "$[0].id");
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/returns/phrases/{id}", id)))
                .hasStatusOk()
                .bodyJson()
                .isLenientlyEqualTo("[]");
    }

    @Test
    void anotherReadingShowsItsChangesFirstAndLeavesDecidedMarks() {
        UUID page = readPage(0, Hand.EXACT);
        String mark = JsonPath.read(detail(page), "$.goals[1].id");
        confirm(page, List.of(Map.of("mark", mark, "level", "BEGINNING")));
        assertThat(get(teacher, "/api/returns/pages/{id}/rereading", page))
                .as("the same reader reads the same")
                .hasStatusOk()
                .bodyJson()
                .isLenientlyEqualTo("[]");

        // As an older reader might have left it.
        jdbc.update("update goal_mark set proposed = 2, figure = 77 where id = ?", UUID.fromString(mark));
        jdbc.update("update returned_page set reader_version = 1 where id = ?", page);
        assertThat(JsonPath.<List<String>>read(detail(page), "$.row.notices")).contains("OLDER_READER");
        String changes = content(get(teacher, "/api/returns/pages/{id}/rereading", page));
        assertThat(JsonPath.<Integer>read(changes, "$[0].before")).isEqualTo(2);
        assertThat(JsonPath.<Integer>read(changes, "$[0].after")).isGreaterThan(2);
        assertThat(JsonPath.<Integer>read(changes, "$[0].decided")).isEqualTo(1);

        assertThat(post(teacher, "/api/returns/pages/{id}/rereading", Map.of(), page))
                .hasStatusOk();
        String after = detail(page);
        assertThat(JsonPath.<Integer>read(after, "$.goals[1].proposed")).isGreaterThan(2);
        assertThat(JsonPath.<Integer>read(after, "$.goals[1].level")).isEqualTo(1);
        assertThat(JsonPath.<List<String>>read(after, "$.row.notices")).doesNotContain("OLDER_READER");
    }

    @Test
    void twoStudentsWhoSwappedSheetsAreSetRight() {
        UUID one = readPage(0, Hand.EXACT);
        UUID other = readPage(1, Hand.EXACT);
        assertThat(post(teacher, "/api/returns/pages/{id}/swap", Map.of("with", other), one))
                .hasStatusOk();

        assertThat(JsonPath.<String>read(awaitRead(teacher, one), "$.row.place.student.name"))
                .isEqualTo("Björn Sæther");
        assertThat(JsonPath.<String>read(awaitRead(teacher, other), "$.row.place.student.name"))
                .isEqualTo("Amara Diallo");
        confirm(one, List.of());
        assertThat(post(teacher, "/api/returns/pages/{id}/swap", Map.of("with", other), one))
                .as("a confirmed page stays whose it is")
                .hasStatus(409);
    }

    @Test
    void aPhoneMaySendPagesOfItsClassForAQuarterOfAnHour() {
        String link = content(post(
                teacher,
                "/api/returns/phone-links",
                Map.of("schoolClass", run.schoolClass(), "origin", "http://10.0.0.7:8080")));
        String address = JsonPath.read(link, "$.address");
        String token = address.substring(address.lastIndexOf('/') + 1);
        assertThat(JsonPath.<List<String>>read(link, "$.square")).hasSizeGreaterThan(20);
        assertThat(get(null, "/api/phone/{token}", token))
                .hasStatusOk()
                .bodyText()
                .contains("8 ");

        assertThat(phone(token, scan(teacher, printed.get(2).id(), Hand.EXACT, 5)))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$[0].pages")
                .isEqualTo(1);
        UUID page = lastPage();
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.place.student.name"))
                .isEqualTo("Nguyễn Minh Anh");

        RunInfo otherRun = printed(teacher);
        UUID foreign = as(teacher, () -> printings.pages(otherRun.id()).get(0).id());
        assertThat(phone(token, scan(teacher, foreign, Hand.EXACT, 6))).hasStatusOk();
        assertThat(JsonPath.<String>read(awaitRead(teacher, lastPage()), "$.row.problem"))
                .as("a page of another class")
                .isEqualTo("OTHER_CLASS");

        assertThat(get(null, "/api/phone/{token}", token + "x")).hasStatus(410);
        UUID id = UUID.fromString(JsonPath.read(link, "$.id"));
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/returns/phone-links/{id}", id)))
                .hasStatus(204);
        assertThat(get(null, "/api/phone/{token}", token)).hasStatus(410);
        assertThat(phone(token, new byte[] {1})).hasStatus(410);
    }

    @Test
    void slipsCarryPraiseCauseAndTheTeachersWords() throws IOException {
        assertThat(get(teacher, "/api/returns/runs/{run}/slips.pdf", run.id()))
                .as("nothing confirmed")
                .hasStatus(409);
        UUID page = readPage(0, Hand.EXACT);
        put(teacher, "/api/returns/pages/{id}/note", Map.of("flagged", false, "note", "Bring it on Thursday."), page);
        String mark = JsonPath.<List<String>>read(detail(page), "$.goals[?(@.goal == 'NEAT_EDGE')].id")
                .get(0);
        confirm(page, List.of(Map.of("mark", mark, "level", "NEARLY")));

        byte[] pdf = get(teacher, "/api/returns/runs/{run}/slips.pdf", run.id())
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Amara Diallo", "Bring it on Thursday.", "2 Neat edge", "Every step goes the right way.");
        }
    }

    @Test
    void theSpecksAndTheLightCanBeLaidOverAPage() throws IOException {
        UUID page = readPage(0, Hand.EXACT);

        for (String kind : List.of("SPECKS", "LIGHT")) {
            MvcTestResult answer = get(teacher, "/api/returns/pages/{id}/overlay?of=" + kind, page);
            assertThat(answer).hasStatusOk().hasContentType("image/png");
            BufferedImage picture =
                    ImageIO.read(new ByteArrayInputStream(answer.getResponse().getContentAsByteArray()));
            assertThat(picture.getWidth()).isEqualTo(840);
        }
        assertThat(get(teacher, "/api/returns/pages/{id}/overlay?of=MOON", page))
                .hasStatus(400);
    }

    /** The redo of a sheet, printed again, stands beside what the student gave in before; one page alone has none. */
    @Test
    void aRedoKnowsThePageBefore() {
        UUID first = readPage(0, Hand.EXACT);
        confirm(first, List.of());
        RunInfo again = as(teacher, () -> printings.print(run.sheet(), run.schoolClass()));
        PageInfo same = as(teacher, () -> printings.pages(again.id())).stream()
                .filter(p -> p.student().equals(printed.get(0).student()))
                .findFirst()
                .orElseThrow();
        UUID redo = upload(teacher, "redo.jpg", scan(teacher, same.id(), Hand.EXACT, 9))
                .get(0);
        String detail = awaitRead(teacher, redo);

        assertThat(JsonPath.<List<String>>read(detail, "$.before.fields[*].page"))
                .containsOnly(first.toString());
        assertThat(JsonPath.<List<String>>read(detail, "$.before.fields[*].there"))
                .contains("1", "5");
        assertThat(JsonPath.<List<Integer>>read(detail, "$.before.levels[?(@.goal == 'ORDER')].level"))
                .containsExactly(4);
        assertThat(JsonPath.<Object>read(detail(first), "$.before")).isNull();
    }

    @Test
    void agreementCountsWhereTheTeacherDecidesOtherwise() {
        UUID page = readPage(0, Hand.EXACT);
        String mark = JsonPath.<List<String>>read(detail(page), "$.goals[?(@.goal == 'NEAT_EDGE')].id")
                .get(0);
        confirm(page, List.of(Map.of("mark", mark, "level", "NEARLY")));

        String agreement = content(get(teacher, "/api/returns/agreement"));
        assertThat(JsonPath.<List<Integer>>read(agreement, "$[?(@.goal == 'NEAT_EDGE')].lower"))
                .containsExactly(1);
        assertThat(JsonPath.<List<Integer>>read(agreement, "$[?(@.goal == 'ORDER')].same"))
                .containsExactly(1);
        assertThat(JsonPath.<List<Object>>read(agreement, "$[*].factor")).containsOnlyNulls();
        assertThat(JsonPath.<List<Double>>read(agreement, "$[?(@.goal == 'EQUAL_STEPS')].secure"))
                .containsExactly(25.0);
        assertThat(content(get(teacher, "/api/returns/agreement?schoolClass={id}", run.schoolClass())))
                .isEqualTo(agreement);
        assertThat(content(get(
                        teacher,
                        "/api/returns/agreement?schoolClass={id}",
                        newClass(teacher).id())))
                .isEqualTo("[]");
    }

    /** In one transaction that is rolled back, so that the workers do not take the pages. */
    @Test
    void aPileKeepsNoOtherTeacherWaiting() {
        SignedIn other = newTeacher();
        List<UUID> order = Ownership.asSystem(() -> transactions.execute(status -> {
            for (SignedIn who : List.of(teacher, teacher, teacher, other)) {
                queue(who);
            }
            List<UUID> waiting = pages.waiting(Limit.of(50));
            status.setRollbackOnly();
            return waiting.stream()
                    .map(id -> jdbc.queryForObject("select owner_id from returned_page where id = ?", UUID.class, id))
                    .toList();
        }));

        assertThat(order.subList(0, 2)).containsExactlyInAnyOrder(teacher.id(), other.id());
        assertThat(order.subList(2, 4)).containsOnly(teacher.id());
    }

    private void queue(SignedIn who) {
        UUID file = UUID.randomUUID();
        jdbc.update(
                "insert into scan_file (id, owner_id, created_at, name, media_type, sha256, source)"
                        + " values (?, ?, now(), 'x', 'image/jpeg', ?, 'UPLOAD')",
                file,
                who.id(),
                file.toString());
        jdbc.update(
                "insert into returned_page (id, owner_id, created_at, file_id, page_index, state)"
                        + " values (?, ?, now(), ?, 0, 'QUEUED')",
                UUID.randomUUID(),
                who.id(),
                file);
    }

    private MvcTestResult phone(String token, byte[] file) {
        return send(
                null,
                MockMvcRequestBuilders.multipart("/api/phone/{token}", token)
                        .file(new MockMultipartFile("files", "photo.jpg", null, file)));
    }

    private UUID lastPage() {
        return jdbc.queryForObject(
                "select id from returned_page where owner_id = ? order by created_at desc limit 1",
                UUID.class,
                teacher.id());
    }
}
