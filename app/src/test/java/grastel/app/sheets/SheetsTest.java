package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.goal.Goal;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
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
    /** What a new teacher does not have that kinds ask for. */
    private static final Map<String, String> NEEDED = Map.of("solvent-split", "method", "finished-piece", "piece");

    @Test
    void previewSaysWhatFollowsAndKeepsNothing() {
        SignedIn teacher = newTeacher();

        String draft = content(post(teacher, "/api/sheets/preview", request(teacher, "S03", 7, 20)));

        assertThat(JsonPath.<List<String>>read(draft, "$.exercises[0].fields[*].id"))
                .hasSize(7);
        assertThat(JsonPath.<String>read(draft, "$.exercises[0].findings[0].words"))
                .contains("Lamp Yellow");
        assertThat(get(teacher, "/api/sheets")).bodyJson().isLenientlyEqualTo("[]");
    }

    @Test
    void boxesGrowWithThePageButInTheirRowAndTheMinutesFollow() {
        SignedIn teacher = newTeacher();

        String few = content(post(teacher, "/api/sheets/preview", request(teacher, "S07", 5, 20)));
        double grown = JsonPath.<Number>read(few, "$.grown").doubleValue();
        assertThat(grown).isGreaterThan(1.2);
        assertThat(JsonPath.<List<Number>>read(few, "$.pages[0].fields[*].box.width"))
                .allSatisfy(width -> assertThat(width.doubleValue()).isCloseTo(20 * grown, within(0.01)));
        String row = content(post(teacher, "/api/sheets/preview", request(teacher, "S07", 7, 20)));
        assertThat(JsonPath.<Number>read(row, "$.grown").doubleValue())
                .as("seven of twenty fill a row")
                .isEqualTo(1);
        String large = content(post(teacher, "/api/sheets/preview", request(teacher, "S07", 5, 20 * grown)));
        assertThat(JsonPath.<Number>read(few, "$.minutes").doubleValue())
                .as("minutes of what is printed")
                .isCloseTo(JsonPath.<Number>read(large, "$.minutes").doubleValue(), within(0.01));
    }

    @Test
    void impossibleValuesAreSaidInThePreviewAndRefusedWhenKept() {
        SignedIn teacher = newTeacher();

        String draft = content(post(teacher, "/api/sheets/preview", request(teacher, "S07", 12, 20)));
        assertThat(JsonPath.<String>read(draft, "$.exercises[0].problems[0].parameter"))
                .isEqualTo("steps");
        assertThat(JsonPath.<Double>read(draft, "$.exercises[0].problems[0].nearest.number"))
                .isEqualTo(11);
        assertThat(JsonPath.<List<?>>read(draft, "$.pages")).isEmpty();
        assertThat(JsonPath.<List<?>>read(draft, "$.exercises[0].parameters")).isNotEmpty();

        assertThat(post(teacher, "/api/sheets", request(teacher, "S07", 5, 80)))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("exercises[0].boxMm");
        assertThat(post(
                        teacher,
                        "/api/sheets/preview",
                        Map.of("data", SheetData.of(paper(teacher), "knitting", Map.of()))))
                .hasStatus(422)
                .bodyText()
                .contains("NO_SUCH_KIND");
    }

    @Test
    void aPencilThatIsGoneIsSaid() {
        SignedIn teacher = newTeacher();
        SheetData gone =
                SheetData.of(paper(teacher), "pressure-scale", Map.of("pencil", ValueData.of(UUID.randomUUID())));

        String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", gone)));

        assertThat(JsonPath.<String>read(draft, "$.exercises[0].problems[0].words"))
                .contains("no longer in your kit");
    }

    @Test
    void everyKindMakesPagesForTheShippedKit() {
        SignedIn teacher = newTeacher();
        for (ExerciseKind kind : ExerciseKinds.all()) {
            UUID on = kind.id().equals("toned-scale") ? paper(teacher, "Drift Brown") : paper(teacher);
            SheetData data = SheetData.of(on, kind.id(), Map.of());
            String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", data)));
            String needed = NEEDED.get(kind.id());
            if (needed != null) {
                assertThat(JsonPath.<String>read(draft, "$.exercises[0].problems[0].parameter"))
                        .isEqualTo(needed);
            } else {
                assertThat(JsonPath.<List<?>>read(draft, "$.exercises[0].problems"))
                        .as(kind.id())
                        .isEmpty();
                assertThat(JsonPath.<List<?>>read(draft, "$.pages"))
                        .as(kind.id())
                        .isNotEmpty();
            }
        }
    }

    @Test
    void severalExercisesShareASheetAndEveryStudentGetsAllItsPages() throws IOException {
        SignedIn teacher = newTeacher();
        SheetData two = as(
                teacher,
                () -> new SheetData(
                        null,
                        null,
                        paper(teacher),
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

    /** The usual spread of equal steps is 25 % for a developing class. */
    @Test
    void thresholdsFollowTheSheetThenTheClassAndStayAsPrinted() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();
        SheetData usual = as(teacher, () -> scale("S07", 5, 20));
        SheetData ofClass =
                new SheetData(schoolClass, null, usual.paper(), PageSize.A4, List.copyOf(usual.exercises()));
        hold(teacher, schoolClass, Map.of("EQUAL_STEPS", 1.2));
        ExerciseData scale = usual.exercises().get(0);
        SheetData own = new SheetData(
                schoolClass,
                null,
                usual.paper(),
                PageSize.A4,
                List.of(new ExerciseData(scale.kind(), scale.values(), Map.of(Goal.EQUAL_STEPS, 0.8))));

        assertThat(spread(teacher, usual)).containsExactly(25.0);
        assertThat(spread(teacher, ofClass)).containsExactly(30.0);
        assertThat(spread(teacher, own)).containsExactly(20.0);

        RunInfo run =
                as(teacher, () -> printings.print(sheets.create("Held", ofClass).id(), schoolClass));
        hold(teacher, schoolClass, Map.of());
        assertThat(as(teacher, () -> printings.plan(run.id()))
                        .exercises()
                        .get(0)
                        .factor(Goal.EQUAL_STEPS))
                .isEqualTo(1.2);
        assertThat(spread(teacher, ofClass)).containsExactly(25.0);
    }

    private void hold(SignedIn teacher, UUID schoolClass, Map<String, Double> thresholds) {
        assertThat(put(teacher, "/api/classes/{id}/thresholds", Map.of("thresholds", thresholds), schoolClass))
                .hasStatusOk();
    }

    private List<Double> spread(SignedIn teacher, SheetData data) {
        String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", data)));
        return JsonPath.read(draft, "$.exercises[0].goals[?(@.goal == 'EQUAL_STEPS')].secure");
    }

    @Test
    void aThresholdMovedBeyondSenseOrOfNoGoalIsRefused() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();

        assertThat(put(
                        teacher,
                        "/api/classes/{id}/thresholds",
                        Map.of("thresholds", Map.of("EQUAL_STEPS", 9)),
                        schoolClass))
                .hasStatus(422)
                .bodyText()
                .contains("thresholds[EQUAL_STEPS]");
        assertThat(put(
                        teacher,
                        "/api/classes/{id}/thresholds",
                        Map.of("thresholds", Map.of("LOUDNESS", 1)),
                        schoolClass))
                .hasStatus(400);
    }

    @Test
    void theTeachersPagesCarryFiguresRubricAndCautions() throws IOException {
        SignedIn teacher = newTeacher();
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20)).id());

        try (PDDocument pdf = Loader.loadPDF(as(teacher, () -> papers.teacherPdf(sheet)))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Equal steps", "≤ 25.0", "Predicted L*", "School rules", "steps bunch at the dark end");
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
    void anotherMethodSaysWhichSheetsItWouldChange() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();
        SheetData shades = new SheetData(
                schoolClass, null, paper(teacher), PageSize.A4, List.of(new ExerciseData("tint-hue-shade", Map.of())));
        as(teacher, () -> sheets.create("Shades", shades));
        as(teacher, () -> sheets.create("Elsewhere", scale("S07", 5, 20)));

        String effect = content(post(
                teacher,
                "/api/sheets/method-effect",
                Map.of("schoolClass", schoolClass, "schools", List.of("DARK_OVER"))));

        assertThat(JsonPath.<List<String>>read(effect, "$[*].title")).containsExactly("Shades");
        assertThat(JsonPath.<Integer>read(effect, "$[0].fields")).isPositive();
        assertThat(content(post(
                        teacher,
                        "/api/sheets/method-effect",
                        Map.of("schoolClass", schoolClass, "schools", List.of()))))
                .isEqualTo("[]");
    }

    @Test
    void aPrintedVersionStaysAsItWas() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        PageLayout before = as(teacher, () -> layout(run));

        assertThat(put(teacher, "/api/sheets/{id}", request(teacher, "S16", 9, 15), run.sheet()))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$.version")
                .isEqualTo(2);

        assertThat(as(teacher, () -> layout(run))).isEqualTo(before);
        assertThat(as(
                        teacher,
                        () -> sheets.one(run.sheet())
                                .data()
                                .exercises()
                                .get(0)
                                .values()
                                .get("steps")
                                .number()))
                .isEqualTo(9);
    }

    @Test
    void anUnprintedSheetChangesInPlace() {
        SignedIn teacher = newTeacher();
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20)).id());

        assertThat(put(teacher, "/api/sheets/{id}", request(teacher, "S07", 6, 20), sheet))
                .bodyJson()
                .extractingPath("$.version")
                .isEqualTo(1);
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
        PageLayout layout = as(teacher, () -> layout(run));
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

    private PageLayout layout(RunInfo run) {
        return printings.printed(printings.pages(run.id()).get(0).id()).layout();
    }

    private UUID paper(SignedIn teacher) {
        return paper(teacher, "Harbour Cartridge");
    }

    private UUID paper(SignedIn teacher, String name) {
        return as(
                teacher,
                () -> kit.papers().stream()
                        .filter(p -> p.paper().name().equals(name))
                        .findFirst()
                        .orElseThrow()
                        .id());
    }

    private Map<String, Object> request(SignedIn teacher, String pencil, int steps, double boxMm) {
        return Map.of("data", as(teacher, () -> scale(pencil, steps, boxMm)));
    }
}
