package grastel.app.projects;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.core.stilllife.HarbourFind;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A picture comes in, is measured, is printed. */
class ProjectsTest extends ApplicationTest {
    private SignedIn teacher;

    @BeforeEach
    void aTeacher() {
        teacher = newTeacher();
    }

    private static byte[] file(BufferedImage picture, String format) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(picture, format, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private MvcTestResult take(byte[] file, UUID schoolClass) {
        var request = MockMvcRequestBuilders.multipart("/api/projects")
                .file(new MockMultipartFile("file", "find.jpg", "image/jpeg", file))
                .param("title", "Glass float")
                .param("rights", "OWN_PHOTO");
        return send(teacher, schoolClass == null ? request : request.param("schoolClass", schoolClass.toString()));
    }

    private String taken() {
        return content(take(file(HarbourFind.GLASS_FLOAT.picture(900, 1), "jpeg"), null));
    }

    @Test
    void aWidePictureGetsAFrameThatLiesAsItDoes() {
        BufferedImage high = HarbourFind.GLASS_FLOAT.picture(900, 1);
        BufferedImage wide = high.getSubimage(0, high.getHeight() / 4, high.getWidth(), high.getHeight() / 2);
        assertThat(JsonPath.<Map<String, Object>>read(content(take(file(wide, "jpeg"), null)), "$.settings"))
                .containsEntry("frameWidthMm", 180.0)
                .containsEntry("frameHeightMm", 135.0);
        assertThat(JsonPath.<Map<String, Object>>read(taken(), "$.settings"))
                .containsEntry("frameWidthMm", 150.0)
                .containsEntry("frameHeightMm", 200.0);
    }

    /** Settings as a question asks them. */
    private static String asked(String project, String changes) {
        Map<String, Object> settings = JsonPath.read(project, "$.settings");
        StringBuilder query = new StringBuilder("?");
        settings.forEach((name, value) -> {
            if (value != null && !List.of().equals(value) && !changes.contains(name + "=")) {
                query.append(name).append('=').append(value).append('&');
            }
        });
        return query + changes;
    }

    private String values(String project, String changes) {
        return content(
                get(teacher, "/api/projects/" + JsonPath.read(project, "$.id") + "/values" + asked(project, changes)));
    }

    @Test
    void aPictureIsMeasuredAsItLiesInItsFrame() throws IOException {
        String project = taken();
        String five = values(project, "");
        assertThat(JsonPath.<List<Number>>read(five, "$.steps[*].lightness")).hasSize(5);
        double area = JsonPath.<List<Number>>read(five, "$.steps[*].areaMm2").stream()
                .mapToDouble(Number::doubleValue)
                .sum();
        assertThat(area).isCloseTo(150 * 200, within(100.0));
        assertThat(JsonPath.<String>read(five, "$.outlines")).startsWith("M").endsWith("Z");
        assertThat(JsonPath.<List<Number>>read(values(project, "steps=3"), "$.steps[*].lightness"))
                .hasSize(3);
        assertThat(JsonPath.<Integer>read(values(project, "islandMm2=0"), "$.areas"))
                .isGreaterThan(JsonPath.<Integer>read(five, "$.areas"));

        String id = JsonPath.read(project, "$.id");
        for (String picture : List.of("reference.png", "values.png")) {
            MvcTestResult answer = get(teacher, "/api/projects/" + id + "/" + picture + asked(project, ""));
            assertThat(answer).hasStatusOk();
            BufferedImage seen =
                    ImageIO.read(new ByteArrayInputStream(answer.getResponse().getContentAsByteArray()));
            assertThat((double) seen.getWidth() / seen.getHeight()).isCloseTo(0.75, within(0.01));
        }
    }

    @Test
    void aPieceHasLabelsForItsClassAndTheMeasuresOfItsMat() throws IOException {
        String project = taken();
        String pdf = "/api/projects/" + JsonPath.read(project, "$.id") + "/keeping.pdf?paper=A4";
        MvcTestResult answer = get(teacher, pdf);
        assertThat(answer).hasStatusOk();
        try (PDDocument document = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("opening 146 × 196 mm", "acid-free", "adult", JsonPath.<String>read(project, "$.title"));
        }
        assertThat(get(newTeacher(), pdf)).hasStatus(404);
    }

    @Test
    void zonesHaveColoursThatThePencilsAtHandMake() throws IOException {
        String project = taken();
        String base = "/api/projects/" + JsonPath.read(project, "$.id") + "/zones";
        String zones = content(get(teacher, base + asked(project, "zones=6")));
        List<Integer> numbers = JsonPath.read(zones, "$[*].number");
        assertThat(numbers).hasSizeBetween(3, 6).startsWith(1);
        assertThat(JsonPath.<List<Number>>read(zones, "$[*].areaMm2").stream()
                        .mapToDouble(Number::doubleValue)
                        .sum())
                .isCloseTo(150 * 200, within(100.0));
        assertThat(JsonPath.<List<String>>read(zones, "$[*].outline")).allMatch(o -> o.startsWith("M"));

        UUID set = as(teacher, () -> kit.sets().get(0).id());
        String colours = content(get(teacher, base + "/2/colours" + asked(project, "zones=6&set=" + set)));
        assertThat(JsonPath.<String>read(colours, "$[0].part")).isEqualTo("OWN");
        assertThat(JsonPath.<List<Object>>read(colours, "$[0].layers")).isNotEmpty();
        assertThat(Math.abs(JsonPath.<Number>read(colours, "$[0].valueOff").doubleValue()))
                .isLessThan(1);
        MvcTestResult plan = get(teacher, base + "/plan.pdf?paper=A4");
        assertThat(plan).hasStatusOk();
        try (PDDocument pdf = Loader.loadPDF(plan.getResponse().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Zone 1", "own colour", "Try each colour", "1. ");
        }
        assertThat(get(teacher, base + "/99/colours" + asked(project, "zones=6")))
                .hasStatus(404);
        assertThat(get(teacher, base + asked(project, "zones=99"))).hasStatus(422);
    }

    @Test
    void zonesAreJoinedByHandPartedAgainAndNamed() {
        String project = taken();
        String id = JsonPath.read(project, "$.id");
        String base = "/api/projects/" + id + "/zones";
        String six = content(get(teacher, base + asked(project, "zones=6")));
        int count = JsonPath.<List<?>>read(six, "$").size();
        String join = place(six, 0) + " " + place(six, 1);
        String joined = content(get(teacher, base + asked(project, "zones=6&joins=" + join)));
        assertThat(JsonPath.<List<?>>read(joined, "$")).hasSize(count - 1);
        assertThat(JsonPath.<List<Integer>>read(joined, "$[0].joins")).containsExactly(0);
        assertThat(JsonPath.<Double>read(joined, "$[0].areaMm2"))
                .isCloseTo(
                        JsonPath.<Double>read(six, "$[0].areaMm2") + JsonPath.<Double>read(six, "$[1].areaMm2"),
                        within(1.0));
        assertThat(content(get(teacher, base + asked(project, "zones=6")))).isEqualTo(six);

        Map<String, Object> settings = new java.util.HashMap<>(JsonPath.read(project, "$.settings"));
        settings.put("zones", 6);
        settings.put("joins", List.of(join));
        settings.put("names", List.of(place(joined, 0) + " wall with its corner"));
        String kept = content(put(teacher, "/api/projects/{id}", Map.of("title", "Float", "settings", settings), id));
        assertThat(JsonPath.<List<String>>read(kept, "$.settings.names")).hasSize(1);
        assertThat(JsonPath.<String>read(
                        content(get(
                                teacher,
                                base
                                        + asked(
                                                project,
                                                "zones=6&joins=" + join + "&names=" + place(joined, 0) + " wall"))),
                        "$[0].name"))
                .isEqualTo("wall");
        settings.put("joins", List.of("0.5 0.5 7 0.5"));
        assertThat(put(teacher, "/api/projects/{id}", Map.of("title", "Float", "settings", settings), id))
                .hasStatus(422);
    }

    private static String text(byte[] file) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(file)) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void aPictureIsCutIntoSessionsToBeTickedOff() throws IOException {
        String id = JsonPath.read(taken(), "$.id");
        String path = "/api/projects/" + id + "/sessions.pdf?paper=A4&minutes=";
        String text = text(get(teacher, path + "45").getResponse().getContentAsByteArray());
        assertThat(text).contains("Session 1", "Session 2", "outlines lightly", "Zone 1", "Before you finish");
        assertThat(text(get(teacher, path + "120").getResponse().getContentAsByteArray()))
                .doesNotContain("Session 8");
        assertThat(get(teacher, path + "5")).hasStatus(422);
        String sessions = content(get(teacher, "/api/projects/" + id + "/sessions?minutes=45"));
        assertThat(JsonPath.<List<String>>read(sessions, "$[*].work[*]")).anyMatch(line -> line.startsWith("Zone 1"));
        assertThat(JsonPath.<List<Double>>read(sessions, "$[*].minutes")).hasSizeGreaterThan(1);
    }

    @Test
    void aGlazeTiesZonesAndIsLaidLastWhereItDoes() {
        String project = taken();
        String base = "/api/projects/" + JsonPath.read(project, "$.id") + "/zones";
        String found = content(get(teacher, base + "/glaze" + asked(project, "zones=6")));
        List<Integer> zones = JsonPath.read(found, "$.zones");
        assertThat(zones).isNotEmpty();
        assertThat(JsonPath.<Double>read(found, "$.worst")).isLessThanOrEqualTo(3);
        String colours = base + "/" + zones.get(0) + "/colours";
        List<String> plain =
                JsonPath.read(content(get(teacher, colours + asked(project, "zones=6"))), "$[0].layers[*].code");
        List<String> glazed = JsonPath.read(
                content(get(teacher, colours + asked(project, "zones=6&glazed=true"))), "$[0].layers[*].code");
        assertThat(glazed).startsWith(plain.toArray(String[]::new)).hasSize(plain.size() + 1);
        assertThat(glazed.get(plain.size())).isEqualTo(JsonPath.<String>read(found, "$.code"));
    }

    @Test
    void zonesAreSplitWhereSomebodyPointsAndKeptSo() {
        String project = taken();
        String id = JsonPath.read(project, "$.id");
        String base = "/api/projects/" + id + "/zones";
        String three = content(get(teacher, base + asked(project, "zones=3")));
        int count = JsonPath.<List<?>>read(three, "$").size();
        List<String> more = IntStream.range(0, count)
                .mapToObj(zone -> place(three, zone))
                .filter(at -> JsonPath.<List<?>>read(
                                        content(get(teacher, base + asked(project, "zones=3&splits=" + at))), "$")
                                .size()
                        > count)
                .toList();
        assertThat(more).as("zones of a shaded picture that come apart").isNotEmpty();
        String split = content(get(teacher, base + asked(project, "zones=3&splits=" + more.get(0))));
        assertThat(JsonPath.<List<Integer>>read(split, "$[*].splits[*]"))
                .as("both halves")
                .containsExactly(0, 0);
        Map<String, Object> settings = new java.util.HashMap<>(JsonPath.read(project, "$.settings"));
        settings.put("splits", List.of(more.get(0)));
        String kept = content(put(teacher, "/api/projects/{id}", Map.of("title", "Float", "settings", settings), id));
        assertThat(JsonPath.<List<String>>read(kept, "$.settings.splits")).containsExactly(more.get(0));
        settings.put("splits", List.of("0.5 2"));
        assertThat(put(teacher, "/api/projects/{id}", Map.of("title", "Float", "settings", settings), id))
                .hasStatus(422);
    }

    private static String place(String zones, int zone) {
        return String.format(
                java.util.Locale.ROOT,
                "%.4f %.4f",
                JsonPath.<Double>read(zones, "$[" + zone + "].x"),
                JsonPath.<Double>read(zones, "$[" + zone + "].y"));
    }

    @Test
    void whatSuitsTheClassIsProposedAndWhatIsChangedIsKept() {
        UUID schoolClass = newClass(teacher).id();
        String project = content(take(file(HarbourFind.MUSSEL.picture(600, 1), "png"), schoolClass));
        assertThat(JsonPath.<Double>read(project, "$.settings.islandMm2")).isEqualTo(20);
        assertThat(JsonPath.<String>read(project, "$.className")).startsWith("8 ");
        Map<String, Object> settings = new java.util.HashMap<>(JsonPath.read(project, "$.settings"));
        settings.put("zoom", 1.5);
        settings.put("quarterTurns", 1);
        String id = JsonPath.read(project, "$.id");
        int revision = JsonPath.read(project, "$.revision");
        Map<String, Object> change = Map.of("revision", revision, "title", "Shell", "settings", settings);
        String kept = content(put(teacher, "/api/projects/{id}", change, id));
        assertThat(JsonPath.<String>read(kept, "$.title")).isEqualTo("Shell");
        assertThat(JsonPath.<Object>read(kept, "$.schoolClass")).isNull();
        assertThat(content(get(teacher, "/api/projects/{id}", id))).isEqualTo(kept);
        assertThat(put(teacher, "/api/projects/{id}", change, id))
                .as("made on an old state")
                .hasStatus(409);
        assertThat(JsonPath.<List<String>>read(content(get(teacher, "/api/projects")), "$[*].title"))
                .containsExactly("Shell");
        assertThat(content(get(teacher, "/api/find?q=she"))).contains("PROJECT", id);
        settings.put("steps", 12);
        assertThat(put(teacher, "/api/projects/{id}", Map.of("title", "Shell", "settings", settings), id))
                .hasStatus(422);
        assertThat(get(newTeacher(), "/api/projects/" + id + "/values" + asked(project, "")))
                .as("not from memory either")
                .hasStatus(404);
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/projects/{id}", id)))
                .hasStatus(204);
        assertThat(get(teacher, "/api/projects/" + id + "/values" + asked(project, "")))
                .hasStatus(404);
    }

    @Test
    void theGuideHasTheFrameInItsSizeWithLinesThatCanBeLifted() throws IOException {
        String project = taken();
        String id = JsonPath.read(project, "$.id");
        MvcTestResult answer = get(teacher, "/api/projects/{id}/guide.pdf?paper=A4&lines=GRID&outlines=true", id);
        assertThat(answer).hasStatusOk();
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(3);
            assertThat(new PDFTextStripper().getText(pdf)).contains("Glass float", "draw here", "values");
            BufferedImage guide = new PDFRenderer(pdf).renderImageWithDPI(0, 254);
            assertThat(darkest(guide, 700, 500, 300, 900))
                    .as("lines inside the frame are light, L* about 75")
                    .isBetween(120, 215);
            BufferedImage values = new PDFRenderer(pdf).renderImageWithDPI(1, 25.4f);
            assertThat(new java.awt.Color(values.getRGB(105, 120)).getBlue())
                    .as("inside the frame everything has a value")
                    .isLessThan(250);
            assertThat(new java.awt.Color(values.getRGB(20, 120)).getBlue())
                    .as("30 mm of paper beside a frame of 150 mm on A4")
                    .isEqualTo(255);
        }
        Map<String, Object> large = new java.util.HashMap<>(JsonPath.read(project, "$.settings"));
        large.put("frameWidthMm", 300);
        large.put("frameHeightMm", 400);
        assertThat(put(teacher, "/api/projects/{id}", Map.of("title", "Large", "settings", large), id))
                .hasStatusOk();
        assertThat(content(get(teacher, "/api/projects/{id}/guide.pdf?paper=A4&lines=GRID&outlines=true", id)))
                .contains("FRAME_TOO_LARGE", "300 × 400 mm");
    }

    private static int darkest(BufferedImage picture, int left, int top, int width, int height) {
        int darkest = 255;
        for (int y = top; y < top + height; y++) {
            for (int x = left; x < left + width; x++) {
                darkest = Math.min(darkest, picture.getRGB(x, y) & 255);
            }
        }
        return darkest;
    }

    @Test
    void whatIsNoPictureToDrawFromIsSaidAndNothingIsKept() throws UnsupportedEncodingException {
        assertThat(take("no picture".getBytes(StandardCharsets.UTF_8), null)).hasStatus(422);
        BufferedImage tiny = new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB);
        MvcTestResult small = take(file(tiny, "png"), null);
        assertThat(small).hasStatus(422);
        assertThat(content(small)).contains("at least 100 × 100");
        byte[] whole = file(HarbourFind.ENAMEL_MUG.picture(600, 1), "jpeg");
        assertThat(take(java.util.Arrays.copyOf(whole, whole.length / 3), null)).hasStatus(422);
        BufferedImage huge = new BufferedImage(10_000, 10_000, BufferedImage.TYPE_BYTE_BINARY);
        MvcTestResult large = take(file(huge, "png"), null);
        assertThat(large).hasStatus(422);
        assertThat(content(large)).contains("100 megapixels");
        assertThat(content(get(teacher, "/api/projects"))).isEqualTo("[]");

        String white = content(take(file(white(), "png"), null));
        assertThat(JsonPath.<List<Number>>read(values(white, ""), "$.steps[*].lightness"))
                .as("all white is one value")
                .hasSize(1);
    }

    private static BufferedImage white() {
        BufferedImage white = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 300 * 400; i++) {
            white.setRGB(i % 300, i / 300, 0xffffff);
        }
        return white;
    }
}
