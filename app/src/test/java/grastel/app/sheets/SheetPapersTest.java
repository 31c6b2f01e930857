package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import grastel.app.ApplicationTest;
import grastel.app.classes.CalendarData;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;

/** Pages on paper, for students and for the teacher. */
class SheetPapersTest extends ApplicationTest {
    @Value("${grastel.data}")
    private Path data;

    @Test
    void severalExercisesShareASheetAndEveryStudentGetsAllItsPages() throws IOException {
        SignedIn teacher = newTeacher();
        SheetData two = as(
                teacher,
                () -> new SheetData(
                        null,
                        null,
                        cartridge(teacher),
                        PageSize.LETTER,
                        List.of(
                                new ExerciseData("tint-hue-shade", Map.of()),
                                new ExerciseData("form-study", Map.of("form", ValueData.of("CYLINDER"))))));
        RunInfo run = as(
                teacher,
                () -> printings.print(
                        sheets.create("Harbour finds", two).id(),
                        newClass(teacher).id()));

        assertThat(run.parts()).isGreaterThan(1);
        assertThat(run.pages()).isEqualTo(3 * run.parts());
        List<String> fields = as(
                teacher,
                () -> printings.pages(run.id()).stream()
                        .limit(run.parts())
                        .flatMap(p -> printings.printed(p.id()).layout().fields().stream())
                        .map(PageLayout.Field::id)
                        .toList());
        assertThat(fields)
                .doesNotHaveDuplicates()
                .contains("A1", "B1")
                .hasSize(as(teacher, () -> printings.plan(run.id())).fields().size());
        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.pdf(run.id())))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(run.pages());
            assertThat(pdf.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(215.9, within(0.1));
        }
        UUID one = as(teacher, () -> printings.pages(run.id())).get(0).student();
        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.pdf(run.id(), one, false)))) {
            assertThat(pdf.getNumberOfPages()).as("of one student alone").isEqualTo(run.parts());
        }
        assertThatThrownBy(() -> as(teacher, () -> papers.pdf(run.id(), UUID.randomUUID(), false)))
                .isInstanceOf(ApiProblem.class);
    }

    @Test
    void aClassThatHidesNamesGetsPagesWithCodesOnly() throws IOException {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        assertThat(put(
                        teacher,
                        "/api/classes/{id}/method",
                        Map.of("schools", List.of(), "namesHidden", true),
                        run.schoolClass()))
                .hasStatusOk();

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.pdf(run.id())))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .doesNotContain("Nguyễn")
                    .contains("-003-");
        }
    }

    @Test
    void theTeachersPagesCarryFiguresRubricAndCautions() throws IOException {
        SignedIn teacher = newTeacher();
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20)).id());

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.teacherPdf(sheet)))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains(
                            "Equal steps",
                            "≤ 25.0",
                            "Predicted L*",
                            "School rules",
                            "dark steps are too close together");
        }
    }

    @Test
    void theSvgHasEveryBoxInMillimetres() {
        SignedIn teacher = newTeacher();
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20)).id());

        String svg = content(get(teacher, "/api/sheets/{id}/pages/1.svg", sheet));

        assertThat(svg)
                .startsWith("<svg")
                .contains("viewBox=\"0 0 210.0 297.0\"", "aria-label=\"Pressure scale in Buoy Red\"");
        assertThat(get(teacher, "/api/sheets/{id}/pages/2.svg", sheet)).hasStatus(404);
    }

    @Test
    void thePdfHasOnePageAStudentWithNameAndCode() throws IOException {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.pdf(run.id())))) {
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
        RunInfo run = printed(teacher);
        PageLayout layout = as(
                teacher,
                () -> printings.printed(printedPage(teacher, run.id(), 0)).layout());
        double dpi = 508;
        double pxPerMm = dpi / 25.4;

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.pdf(run.id())))) {
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

    /** A school's printer stops at tens of megabytes: what stands on every student's back is in the file once. */
    @Test
    void theBacksOfAClassHoldEachPictureOnceAndAreDrawnOnce() throws IOException {
        SignedIn teacher = newTeacher();
        List<String> names = IntStream.range(0, 24)
                .mapToObj(i -> "Student " + (char) ('A' + i))
                .toList();
        RunInfo run = as(teacher, () -> {
            UUID schoolClass = classes.create("9 Curlew", GradeBand.DEVELOPING, names, CalendarData.NONE)
                    .id();
            return printings.print(sheets.create(null, scale("S07", 5, 20)).id(), schoolClass);
        });

        byte[] pdf = as(teacher, () -> papers.pdf(run.id(), null, true));

        assertThat(pdf.length).isLessThan(3_000_000);
        int pictures = 0;
        int pages;
        try (PDDocument read = Loader.loadPDF(pdf)) {
            pages = read.getNumberOfPages();
            for (COSObjectKey key : read.getDocument().getXrefTable().keySet()) {
                if (read.getDocument().getObjectFromPool(key).getObject() instanceof COSStream stream
                        && COSName.IMAGE.equals(stream.getCOSName(COSName.SUBTYPE))) {
                    pictures++;
                }
            }
        }
        assertThat(pages).isEqualTo(48);
        assertThat(pictures).as("pictures of one back").isBetween(5, 120);
        try (Stream<Path> stored = Files.list(data.resolve("exemplars"))) {
            assertThat(stored).as("kept for the next time").isNotEmpty();
        }
        assertThat(as(teacher, () -> papers.pdf(run.id(), null, true)).length).isEqualTo(pdf.length);
    }
}
