package grastel.app.projects;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.core.exercise.goal.Goal;
import grastel.core.page.PageLayout;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.stilllife.HarbourFind;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A project seen finished, handed out, drawn, read, confirmed, and on its student's page. */
class PiecesTest extends ApplicationTest {
    @Autowired
    private Projects projects;

    private SignedIn teacher;
    private ClassInfo schoolClass;

    @BeforeEach
    void aTeacher() {
        teacher = newTeacher();
        schoolClass = newClass(teacher);
    }

    private static byte[] photo(HarbourFind find) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(find.picture(900, 1), "jpeg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private MvcTestResult own(String project, HarbourFind find, UUID student) {
        return send(
                teacher,
                MockMvcRequestBuilders.multipart("/api/projects/{id}/own", project)
                        .file(new MockMultipartFile("file", "own.jpg", "image/jpeg", photo(find)))
                        .param("student", student.toString())
                        .param("rights", "OWN_PHOTO"));
    }

    /** In a frame of 100 × 125 mm and a set of pencils. */
    private String project() {
        return project(100, 125);
    }

    private String project(double frameWidthMm, double frameHeightMm) {
        byte[] file = photo(HarbourFind.GLASS_FLOAT);
        UUID id = as(teacher, () -> projects.create("Glass float", schoolClass.id(), Rights.OWN_PHOTO, "", file))
                .id();
        Map<String, Object> settings =
                new HashMap<>(JsonPath.read(content(get(teacher, "/api/projects/{id}", id)), "$.settings"));
        settings.put("frameWidthMm", frameWidthMm);
        settings.put("frameHeightMm", frameHeightMm);
        settings.put("zones", 6);
        settings.put("set", as(teacher, () -> kit.sets().get(0).id()));
        Map<String, Object> change =
                Map.of("title", "Glass float", "schoolClass", schoolClass.id(), "settings", settings);
        return content(put(teacher, "/api/projects/{id}", change, id));
    }

    /** Makes a project a sheet. @return its id */
    private String sheet(String project) {
        return JsonPath.read(
                content(post(teacher, "/api/projects/{id}/sheet", Map.of("paper", "A4"), project)), "$.sheet");
    }

    private BufferedImage finished(String project, String seen) throws IOException {
        StringBuilder query = new StringBuilder("?seen=" + seen);
        JsonPath.<Map<String, Object>>read(project, "$.settings").forEach((name, value) -> {
            if (value != null && !List.of().equals(value)) {
                query.append('&').append(name).append('=').append(value);
            }
        });
        MvcTestResult answer =
                get(teacher, "/api/projects/" + JsonPath.read(project, "$.id") + "/finished.png" + query);
        assertThat(answer).hasStatusOk();
        return ImageIO.read(new ByteArrayInputStream(answer.getResponse().getContentAsByteArray()));
    }

    @Test
    void itIsSeenFinishedInItsPencilsInItsValuesAndHowFarOff() throws IOException {
        String project = project();
        BufferedImage pencils = finished(project, "IN_PENCILS");
        assertThat(pencils.getWidth()).as("6 px/mm").isEqualTo(600);
        assertThat(pencils.getHeight()).isEqualTo(750);
        int green = 0;
        for (int x = 250; x < 400; x++) {
            int code = pencils.getRGB(x, 450);
            green += (code >> 8 & 255) - (code >> 16 & 255) > 10 ? 1 : 0;
        }
        assertThat(green).as("glass, with grain in it").isBetween(75, 150);
        BufferedImage values = finished(project, "VALUES");
        int grey = values.getRGB(values.getWidth() / 2, values.getHeight() / 2);
        assertThat(grey >> 16 & 255).isEqualTo(grey & 255);
        BufferedImage off = finished(project, "DIFFERENCE");
        double sum = 0;
        for (int x = 0; x < off.getWidth(); x++) {
            sum += off.getRGB(x, off.getHeight() / 2) & 255;
        }
        assertThat(sum / off.getWidth())
                .as("near its reference nearly all over")
                .isGreaterThan(150);
    }

    @Test
    void aClassDrawsItAndWhatWasDrawnIsJudgedAndKept() {
        String project = project();
        String sheet = sheet(JsonPath.read(project, "$.id"));
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/sheets/{id}", sheet)), "$.title"))
                .isEqualTo("Glass float");
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        UUID printed = printedPage(teacher, run, 0);
        UUID page = confirmed(teacher, printed, Hand.EXACT, 3);
        String read = content(get(teacher, "/api/returns/pages/{id}", page));
        List<String> goals = JsonPath.read(read, "$.goals[*].goal");
        assertThat(goals)
                .contains("PROPORTION", "PICTURE_RANGE", "PICTURE_VALUES")
                .hasSizeLessThanOrEqualTo(6);
        assertThat(JsonPath.<List<String>>read(read, "$.figures[*].called.label"))
                .as("measured beside")
                .contains(Goal.NO_DARK_LINES.label())
                .doesNotContain(Goal.PROPORTION.label());
        assertThat(JsonPath.<List<Integer>>read(read, "$.goals[*].level"))
                .as(read)
                .allMatch(level -> level >= 3);
        assertThat(JsonPath.<Boolean>read(read, "$.boxes[0].picture")).isTrue();
        assertThat(get(teacher, "/api/returns/pages/{id}/overlay?of=PLAN", page))
                .hasStatusOk()
                .hasContentType("image/png");
        assertThat(content(get(teacher, "/api/projects/{id}/pieces", JsonPath.<String>read(project, "$.id"))))
                .contains("\"run\":\"" + run + "\"", "\"pages\":3,\"back\":1,\"confirmed\":1");
        UUID student = as(teacher, () -> printings.page(printed)).student();
        assertThat(content(get(teacher, "/api/progress/students/{id}", student)))
                .contains("READING_A_REFERENCE", "COLOUR_PLAN", "FINISHING");
    }

    /** What to do is never left out; its page has nothing to draw on, so nobody waits for it. */
    @Test
    void stepsHaveAPageOfTheirOwnWhereThePictureFillsTheFirst() throws IOException {
        String sheet = sheet(JsonPath.read(project(160, 200), "$.id"));
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));

        assertThat(as(teacher, () -> printings.run(run).pages()))
                .isEqualTo(schoolClass.students().size());
        for (boolean withBacks : List.of(false, true)) {
            byte[] file = get(teacher, "/api/sheets/runs/" + run + "/pages.pdf?backs=" + withBacks)
                    .getResponse()
                    .getContentAsByteArray();
            try (PDDocument pdf = Loader.loadPDF(file)) {
                int each = withBacks ? 4 : 2;
                assertThat(pdf.getNumberOfPages())
                        .isEqualTo(each * schoolClass.students().size());
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(withBacks ? 3 : 2);
                text.setEndPage(withBacks ? 3 : 2);
                assertThat(text.getText(pdf)).contains("outlines lightly");
            }
        }
    }

    @Test
    void oneStudentDrawsFromAPictureOfTheirOwnOnThePageOfTheSamePrinting() {
        String id = JsonPath.read(project(), "$.id");
        UUID second = schoolClass.students().get(1).id();
        String own = content(own(id, HarbourFind.MUSSEL, second));
        assertThat(JsonPath.<String>read(own, "$.ofProject")).isEqualTo(id);
        assertThat(JsonPath.<Double>read(own, "$.settings.frameWidthMm"))
                .as("the frame of the class")
                .isEqualTo(100);
        assertThat(own(id, HarbourFind.MUSSEL, second)).hasStatus(409);
        assertThat(own(id, HarbourFind.MUSSEL, UUID.randomUUID())).hasStatus(422);
        assertThat(own(JsonPath.read(own, "$.id"), HarbourFind.MUSSEL, second)).hasStatus(409);
        assertThat(post(teacher, "/api/projects/{id}/sheet", Map.of("paper", "A4"), JsonPath.<String>read(own, "$.id")))
                .hasStatus(409);

        String sheet = sheet(id);
        assertThat(post(teacher, "/api/sheets/{id}/runs", Map.of("schoolClass", schoolClass.id(), "card", true), sheet))
                .hasStatus(422)
                .bodyText()
                .contains("Not all students draw the same");
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        List<String> cells = as(teacher, () -> printings.pages(run)).stream()
                .map(page -> as(teacher, () -> printings.printed(page.id()))
                        .plan()
                        .fields()
                        .get(0)
                        .picture()
                        .cells())
                .toList();
        assertThat(cells.get(1)).isNotEqualTo(cells.get(0));
        assertThat(cells.get(2)).isEqualTo(cells.get(0));
        assertThat(get(teacher, "/api/sheets/runs/{id}/pages.pdf", run)).hasStatusOk();
        assertThat(JsonPath.<List<Object>>read(content(get(teacher, "/api/sheets")), "$"))
                .as("its pages are no sheet of their own in the list")
                .hasSize(1);

        UUID page = confirmed(teacher, printedPage(teacher, run, 1), Hand.EXACT, 9);
        String read = content(get(teacher, "/api/returns/pages/{id}", page));
        assertThat(JsonPath.<List<Integer>>read(read, "$.goals[?(@.goal == 'PICTURE_VALUES')].level"))
                .as(read)
                .hasSize(1)
                .allMatch(level -> level >= 3);
    }

    @Test
    void aPictureOfOnesOwnKeepsToTheClasssFrameAndGoesWithTheProject() {
        String project = project();
        String id = JsonPath.read(project, "$.id");
        UUID student = schoolClass.students().get(0).id();
        String own = JsonPath.read(content(own(id, HarbourFind.ENAMEL_MUG, student)), "$.id");
        Map<String, Object> settings = new HashMap<>(JsonPath.read(project, "$.settings"));
        settings.put("frameWidthMm", 120);
        assertThat(put(
                        teacher,
                        "/api/projects/{id}",
                        Map.of("title", "Float of glass", "schoolClass", schoolClass.id(), "settings", settings),
                        id))
                .hasStatusOk();
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/projects/{id}", own)), "$.title"))
                .isEqualTo("Float of glass");
        assertThat(JsonPath.<Double>read(content(get(teacher, "/api/projects/{id}", own)), "$.settings.frameWidthMm"))
                .isEqualTo(120);
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/projects/{id}", id)))
                .hasStatus(204);
        assertThat(get(teacher, "/api/projects/{id}", own)).hasStatus(404);
    }

    /** Drawn in a sketchbook: no marker tells where it lies nor whose it is. */
    @Test
    void aDrawingWithoutMarkersIsReadByItsCorners() {
        String project = project();
        String sheet = sheet(JsonPath.read(project, "$.id"));
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        UUID printed = printedPage(teacher, run, 1);
        UUID page = upload(teacher, "sketchbook.jpg", sketchbook(printed)).get(0);
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.problem"))
                .isEqualTo("NO_MARKERS");

        String lies = content(get(teacher, "/api/returns/pages/{id}/drawing?run={run}", page, run));
        assertThat(JsonPath.<Boolean>read(lies, "$.offered")).isTrue();
        List<Map<String, Double>> corners = JsonPath.read(lies, "$.corners");
        assertThat(corners).hasSize(4);
        Map<String, Object> request = Map.of("printedPage", printed, "corners", corners, "drawing", true);
        assertThat(post(teacher, "/api/returns/pages/{id}/match", request, page))
                .hasStatusOk();

        String read = awaitRead(teacher, page);
        assertThat(JsonPath.<String>read(read, "$.row.state")).as(read).isEqualTo("READ");
        assertThat(JsonPath.<List<String>>read(read, "$.row.notices")).contains("BY_HAND", "WITHOUT_MARKERS");
        assertThat(JsonPath.<List<String>>read(read, "$.goals[*].goal"))
                .contains("PICTURE_RANGE", "PICTURE_VALUES")
                .doesNotContain("PROPORTION", "EDGES_CRISP");
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=1", page)).hasStatusOk();
        assertThat(get(teacher, "/api/returns/pages/{id}/overlay?of=PLAN", page))
                .hasStatusOk();
    }

    @Test
    void cornersThatLieRoundNothingAndSheetsWithoutPicturesAreRefused() {
        UUID scale = as(teacher, () -> sheets.create(null, scale("S07", 5, 20))).id();
        UUID run = as(teacher, () -> printings.print(scale, schoolClass.id())).id();
        UUID printed = printedPage(teacher, run, 0);
        UUID page = upload(teacher, "white.jpg", sketchbook(printed)).get(0);
        awaitRead(teacher, page);
        assertThat(content(get(teacher, "/api/returns/pages/{id}/drawing?run={run}", page, run)))
                .isEqualTo("{\"offered\":false,\"corners\":[]}");
        List<Map<String, Double>> round = List.of(at(0.1, 0.1), at(0.9, 0.1), at(0.9, 0.9), at(0.1, 0.9));
        assertThat(post(
                        teacher,
                        "/api/returns/pages/{id}/match",
                        Map.of("printedPage", printed, "corners", round, "drawing", true),
                        page))
                .hasStatus(422)
                .bodyText()
                .contains("NO_PICTURE");
        List<Map<String, Double>> crossed = List.of(at(0.1, 0.1), at(0.9, 0.9), at(0.9, 0.1), at(0.1, 0.9));
        assertThat(post(
                        teacher,
                        "/api/returns/pages/{id}/match",
                        Map.of("printedPage", printed, "corners", crossed, "drawing", false),
                        page))
                .hasStatus(422)
                .bodyText()
                .contains("CORNERS");
    }

    private static Map<String, Double> at(double x, double y) {
        return Map.of("x", x, "y", y);
    }

    /** What is asked on a page, drawn on paper without print. */
    private byte[] sketchbook(UUID printed) {
        return as(teacher, () -> {
            PrintedSheet sheet = printings.printed(printed);
            PageLayout bare = new PageLayout(
                    sheet.layout().size(),
                    sheet.layout().fields(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of());
            return new SimulatedScanner(sheet.paper(), 6)
                    .file(
                            bare,
                            FieldTask.of(sheet.plan(), bare),
                            List.of(),
                            Hand.EXACT,
                            new ScanConditions(150, 2, 8, 60, 0.15, 0.03, 1, 0.9, 0, 12),
                            5);
        });
    }

    @Test
    void whatIsPrintedStaysAsItWasWhenTheProjectIsGone() {
        String project = project();
        String id = JsonPath.read(project, "$.id");
        String sheet = sheet(id);
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/projects/{id}", id)))
                .hasStatus(204);
        assertThat(as(teacher, () -> printings.plan(run)).fields().get(0).hasPicture())
                .isTrue();
        assertThat(get(teacher, "/api/sheets/runs/{id}/pages.pdf", run)).hasStatusOk();
        assertThat(get(teacher, "/api/sheets/{id}/teacher.pdf", sheet)).hasStatusOk();
        assertThat(get(newTeacher(), "/api/projects/{id}/finished.png?seen=VALUES", id))
                .hasStatus(422);
    }
}
