package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class SheetsTest extends DeskTest {
    @Test
    void previewSaysWhatFollowsAndKeepsNothing() {
        SignedIn teacher = newTeacher();

        String draft = content(post(teacher, "/api/sheets/preview", request(teacher, "S03", 7, 20)));

        assertThat(JsonPath.<List<String>>read(draft, "$.asked[*].field")).hasSize(7);
        assertThat(JsonPath.<String>read(draft, "$.feasibility[0].code")).isIn("TOO_MANY_STEPS", "NO_RANGE");
        assertThat(get(teacher, "/api/sheets")).bodyJson().isLenientlyEqualTo("[]");
    }

    @Test
    void impossibleParametersNameTheirField() {
        SignedIn teacher = newTeacher();

        assertThat(post(teacher, "/api/sheets/preview", request(teacher, "S07", 12, 20)))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("steps");
        assertThat(post(teacher, "/api/sheets/preview", request(teacher, "S07", 5, 80)))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("boxMm");
    }

    @Test
    void aPrintedVersionStaysAsItWas() {
        SignedIn teacher = newTeacher();
        Sheets.RunInfo run = printed(teacher);
        PageLayout before = as(teacher, () -> layout(run));

        assertThat(put(teacher, "/api/sheets/{id}", request(teacher, "S16", 9, 15), run.sheet()))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$.version")
                .isEqualTo(2);

        assertThat(as(teacher, () -> layout(run))).isEqualTo(before);
        assertThat(as(
                        teacher,
                        () -> sheets.one(run.sheet()).parameters().scale().steps()))
                .isEqualTo(9);
    }

    @Test
    void anUnprintedSheetChangesInPlace() {
        SignedIn teacher = newTeacher();
        UUID sheet = as(teacher, () -> sheets.create(null, parameters("S07", 5)).id());

        assertThat(put(teacher, "/api/sheets/{id}", request(teacher, "S07", 6, 20), sheet))
                .bodyJson()
                .extractingPath("$.version")
                .isEqualTo(1);
    }

    @Test
    void thePdfHasOnePageAStudentWithNameAndCode() throws IOException {
        SignedIn teacher = newTeacher();
        Sheets.RunInfo run = printed(teacher);

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> sheets.pdf(run.id())))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(3);
            PDFTextStripper text = new PDFTextStripper();
            text.setStartPage(3);
            assertThat(text.getText(pdf))
                    .contains("Nguyễn Minh Anh", "Pressure scale in Buoy Red", "-003-", "whisper", "Date");
            for (var name : pdf.getPage(0).getResources().getFontNames()) {
                assertThat(pdf.getPage(0).getResources().getFont(name).isEmbedded())
                        .isTrue();
            }
        }
    }

    @Test
    void boxesOfThePdfAreWhereTheLayoutSaysToATenthOfAMillimetre() throws IOException {
        SignedIn teacher = newTeacher();
        Sheets.RunInfo run = printed(teacher);
        PageLayout layout = as(teacher, () -> layout(run));
        double dpi = 508;
        double pxPerMm = dpi / 25.4;

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> sheets.pdf(run.id())))) {
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, (float) dpi, ImageType.GRAY);
            assertThat(page.getWidth() / pxPerMm).isCloseTo(210, within(0.1));
            for (PageLayout.Field field : layout.fields()) {
                Rect box = field.rect();
                double middle = box.y() + box.height() / 2;
                assertThat(lineNear(page, box.x(), middle, pxPerMm)).isCloseTo(box.x(), within(0.1));
                assertThat(lineNear(page, box.right(), middle, pxPerMm)).isCloseTo(box.right(), within(0.1));
            }
        }
    }

    /** Middle of the darkest stretch within 2 mm of a place, mm. */
    private static double lineNear(BufferedImage page, double x, double y, double pxPerMm) {
        double sum = 0;
        double weights = 0;
        for (int px = (int) ((x - 2) * pxPerMm); px < (x + 2) * pxPerMm; px++) {
            int ink = 255 - (page.getRGB(px, (int) (y * pxPerMm)) & 0xff);
            sum += ink * (px + 0.5);
            weights += ink;
        }
        return sum / weights / pxPerMm;
    }

    private PageLayout layout(Sheets.RunInfo run) {
        return sheets.printed(sheets.pages(run.id()).get(0).id()).layout();
    }

    private Map<String, Object> request(SignedIn teacher, String pencil, int steps, double boxMm) {
        Sheets.Parameters p = as(teacher, () -> parameters(pencil, 5));
        return Map.of(
                "pencil",
                p.pencil(),
                "paper",
                p.paper(),
                "pageSize",
                "A4",
                "steps",
                steps,
                "direction",
                "LIGHT_TO_DARK",
                "boxMm",
                boxMm);
    }
}
