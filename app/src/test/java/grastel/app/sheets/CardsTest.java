package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.SheetData;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.scanner.hand.Hand;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Sheets as cards with windows and labels. */
class CardsTest extends ApplicationTest {
    private SignedIn teacher;

    @BeforeEach
    void aTeacher() {
        teacher = newTeacher();
    }

    private UUID sheet(SheetData data) {
        return as(teacher, () -> sheets.create(null, data).id());
    }

    private UUID scale() {
        return sheet(as(teacher, () -> scale("S07", 5, 20)));
    }

    private UUID asCard(UUID sheet) {
        return created(
                teacher,
                "/api/sheets/" + sheet + "/runs",
                Map.of("schoolClass", newClass(teacher).id(), "card", true));
    }

    @Test
    void aClassGetsOneCardAndALabelForEachStudent() throws IOException {
        UUID run = asCard(scale());

        List<PageInfo> pages = as(teacher, () -> printings.pages(run));
        byte[] pdf = as(teacher, () -> papers.pdf(run));

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            PDFTextStripper labels = new PDFTextStripper();
            labels.setStartPage(2);
            String words = labels.getText(document);
            assertThat(pages).isNotEmpty().allSatisfy(p -> {
                String code = as(teacher, () -> code(printings.printed(p.id()).layout()));
                assertThat(words).contains(code);
            });
        }
    }

    /** As it stands under the label's square. */
    private static String code(PageLayout page) {
        return page.texts().stream()
                .map(PageLayout.Text::words)
                .filter(w -> PageCode.parse(w).isPresent())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDrawingUnderACardIsReadAndJudgedLikeASheet() {
        UUID run = asCard(scale());
        PageInfo page = as(teacher, () -> printings.pages(run)).get(1);

        UUID id = upload(teacher, "under-card.jpg", scan(teacher, page.id(), Hand.EXACT, 3))
                .get(0);
        String read = awaitRead(teacher, id);

        assertThat(JsonPath.<String>read(read, "$.row.place.printedPage"))
                .isEqualTo(page.id().toString());
        List<String> goals = JsonPath.read(read, "$.goals[*].goal");
        assertThat(goals).contains("EQUAL_STEPS").doesNotContain("NEAT_EDGE");
        assertThat(JsonPath.<List<Boolean>>read(read, "$.boxes[*].read.blank"))
                .isNotEmpty()
                .doesNotContain(true);
    }

    @Test
    void whatNoCardCanPartIsRefusedWithItsReason() {
        UUID form = sheet(SheetData.of(as(teacher, () -> scale("S07", 5, 20).paper()), "form-study", Map.of()));

        assertThat(post(
                        teacher,
                        "/api/sheets/{id}/runs",
                        Map.of("schoolClass", newClass(teacher).id(), "card", true),
                        form))
                .hasStatus(422)
                .bodyText()
                .contains("NO_CARD", "The zones of a form touch");
        assertThat(as(teacher, () -> printings.runs())).isEmpty();
    }
}
