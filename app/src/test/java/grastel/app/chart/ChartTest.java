package grastel.app.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.Statements;
import grastel.app.kit.ColourMeter;
import grastel.app.kit.ColourSource;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.SignedIn;
import grastel.core.colour.ColourDifference;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.media.colourfile.ColourFile;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@Import(Statements.class)
@Tag("database")
class ChartTest extends ChartTestBase {
    @Autowired
    private ChartCodes codes;

    @Test
    void aSetMeasuresItselfAndIsTakenOverInPart() {
        SignedIn teacher = newTeacher();
        UUID set = six(teacher);
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20)).id());
        UUID chart = created(teacher, "/api/charts", request(teacher, set, 1));
        assertThat((String) JsonPath.read(fitted(teacher, chart), "$.state")).isEqualTo("WAITING");
        assertThat(take(teacher, chart, List.of(), false)).hasStatus(409);

        sendIn(teacher, chart, 1);
        String view = fitted(teacher, chart);

        assertThat((String) JsonPath.read(view, "$.state")).isEqualTo("FITTED");
        assertThat(JsonPath.<Number>read(view, "$.fit.after").doubleValue())
                .isLessThan(JsonPath.<Number>read(view, "$.fit.before").doubleValue())
                .isLessThan(1);
        assertThat(JsonPath.<List<Object>>read(view, "$.fit.odd")).isEmpty();
        assertThat(JsonPath.<List<Object>>read(view, "$.fit.hands[*].grades[*]"))
                .hasSize(5);
        assertThat(JsonPath.<List<String>>read(view, "$.fit.sheets[*].id")).isSubsetOf(sheet.toString());

        Map<String, Object> red = row(view, "S07");
        Map<String, Object> blue = row(view, "S16");
        KitPencil blueBefore = pencil(teacher, "S16");
        MvcTestResult taken = take(teacher, chart, List.of(red), false);

        assertThat(taken).hasStatusOk();
        KitPencil now = pencil(teacher, "S07");
        assertThat(now.source()).isEqualTo(ColourSource.CHART);
        assertThat(ColourDifference.ciede2000(
                        now.masstone(),
                        ColourMeter.real(now.id(), before("S07")).masstone().toLab()))
                .as("as the pencil really is")
                .isLessThan(2.5);
        assertThat(pencil(teacher, "S16")).isEqualTo(blueBefore);
        assertThat(JsonPath.<List<Boolean>>read(content(taken), "$.fit.pencils[?(@.code == 'S07')].same"))
                .containsExactly(true);
        assertThat(take(teacher, chart, List.of(red, blue), false))
                .as("the red was changed since it was looked at")
                .hasStatus(409);
        assertThat(pencil(teacher, "S16")).isEqualTo(blueBefore);
    }

    /** The pencils as they are shipped: the meter hides what they really are by their id. */
    private static Pencil before(String code) {
        return ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .filter(p -> p.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private KitPencil pencil(SignedIn teacher, String code) {
        return as(
                teacher,
                () -> kit.pencils().stream()
                        .filter(p -> p.pencil().code().equals(code))
                        .findFirst()
                        .orElseThrow());
    }

    private static Map<String, Object> row(String view, String code) {
        Map<String, Object> found = JsonPath.<List<Map<String, Object>>>read(
                        view, "$.fit.pencils[?(@.code == '" + code + "')]")
                .get(0);
        Map<String, Object> row = new HashMap<>();
        row.put("row", found.get("row"));
        row.put("revision", found.get("revision"));
        return row;
    }

    private MvcTestResult take(SignedIn teacher, UUID chart, List<Map<String, Object>> pencils, boolean paper) {
        return post(teacher, "/api/charts/{id}/taking", Map.of("pencils", pencils, "paper", paper), chart);
    }

    @Test
    void aSetThatNobodyDescribedComesIntoTheKitByItsChart() {
        SignedIn teacher = newTeacher();
        UUID chart = created(
                teacher,
                "/api/charts",
                described(teacher, "Lantern", "L01 Ember\nL02;Harbour night\n\nRope\nL04\tMoss"));
        sendIn(teacher, chart, 1);
        String view = fitted(teacher, chart);
        assertThat(JsonPath.<List<String>>read(view, "$.fit.pencils[*].code"))
                .containsExactly("L01", "L02", "03", "L04");
        assertThat(JsonPath.<List<Object>>read(view, "$.fit.pencils[*].before")).containsOnlyNulls();
        List<Map<String, Object>> all = List.of("L01", "L02", "03", "L04").stream()
                .map(c -> row(view, c))
                .toList();

        AtomicReference<MvcTestResult> answer = new AtomicReference<>();
        int statements = Statements.in(() -> answer.set(take(teacher, chart, all, true)));

        MvcTestResult taken = answer.get();
        assertThat(taken).hasStatusOk();
        assertThat(statements).as("statements").isLessThanOrEqualTo(25);
        List<KitPencil> lantern = as(
                teacher,
                () -> kit.pencils().stream()
                        .filter(p -> p.range().equals("Lantern"))
                        .toList());
        assertThat(lantern).hasSize(4);
        for (KitPencil p : lantern) {
            int place = List.of("L01", "L02", "03", "L04").indexOf(p.pencil().code());
            assertThat(ColourDifference.ciede2000(p.masstone(), ColourMeter.loose(place)))
                    .as(p.pencil().title())
                    .isLessThan(4);
        }
        UUID set = UUID.fromString(JsonPath.read(content(taken), "$.set"));
        assertThat(as(teacher, () -> kit.pencilsOf(set))).containsExactlyInAnyOrderElementsOf(lantern);
        double depth = JsonPath.read(content(taken), "$.fit.depth.value");
        assertThat(as(
                        teacher,
                        () -> kit.paper(cartridge(teacher)).paper().tooth().depth()))
                .isCloseTo(depth, within(1e-9));
    }

    @Test
    void severalPeopleFillCopiesAndAPageThatComesBackAgainReplacesTheFirst() {
        SignedIn teacher = newTeacher();
        UUID chart = created(teacher, "/api/charts", request(teacher, six(teacher), 2));

        sendIn(teacher, chart, 2);
        assertThat(JsonPath.<List<Integer>>read(fitted(teacher, chart), "$.fit.hands[*].copy"))
                .containsExactly(2);
        sendIn(teacher, chart, 1);
        sendIn(teacher, chart, 2, 7);
        String view = fitted(teacher, chart);

        assertThat(JsonPath.<List<Integer>>read(view, "$.fit.hands[*].copy")).containsExactly(1, 2);
        assertThat(JsonPath.<List<Object>>read(view, "$.pages[?(@.readAt != null)]"))
                .hasSize(2);
        assertThat(get(teacher, "/api/charts/{id}/pages/2/picture", chart)).hasStatusOk();
        assertThat(JsonPath.<List<Object>>read(content(get(teacher, "/api/returns/unplaced")), "$"))
                .as("pages of charts wait for nothing")
                .isEmpty();
    }

    @Test
    void printsExportsAndDeletes() throws Exception {
        SignedIn teacher = newTeacher();
        UUID chart = created(teacher, "/api/charts", request(teacher, six(teacher), 2));
        try (PDDocument pdf = Loader.loadPDF(
                get(teacher, "/api/charts/{id}/pdf", chart).getResponse().getContentAsByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(pdf)).contains("Chart of Six", "once at each pressure", "whisper");
        }
        assertThat(get(teacher, "/api/charts/{id}/export?format=CGATS", chart)).hasStatus(409);
        sendIn(teacher, chart, 1);
        fitted(teacher, chart);

        for (String format : List.of("CGATS", "CSV")) {
            String text = content(get(teacher, "/api/charts/{id}/export?format=" + format, chart));
            ColourFile read = ColourFile.read(text.getBytes(StandardCharsets.UTF_8));
            assertThat(read.problems()).isEmpty();
            assertThat(read.samples()).hasSize(6);
        }
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/charts/{id}", chart)))
                .hasStatus(204);
        assertThat(get(teacher, "/api/charts/{id}", chart)).hasStatus(404);
        assertThat(JsonPath.<List<Object>>read(content(get(teacher, "/api/charts")), "$"))
                .isEmpty();
    }

    @Test
    void aPageOfAChartThatIsGoneIsAnUnknownSheet() {
        SignedIn teacher = newTeacher();
        UUID chart = created(teacher, "/api/charts", request(teacher, six(teacher), 1));
        byte[] file = filled(teacher, chart, 1, 1);
        UUID stranger = upload(newTeacher(), "chart.jpg", file).get(0);
        send(teacher, MockMvcRequestBuilders.delete("/api/charts/{id}", chart));

        UUID page = upload(teacher, "chart.jpg", file).get(0);

        assertThat((String) JsonPath.read(awaitRead(teacher, page), "$.row.problem"))
                .isEqualTo("UNKNOWN_SHEET");
        assertThat(stranger).isNotEqualTo(page);
    }

    /** In the demo numbers come alike after every start: a code that a chart has must not be given to a printing. */
    @Test
    void aChartsCodeIsTakenForEverybody() {
        SignedIn teacher = newTeacher();
        UUID chart = created(teacher, "/api/charts", request(teacher, six(teacher), 1));
        String code = jdbc.queryForObject("select code from chart where id = ?", String.class, chart);

        assertThat(as(newTeacher(), () -> codes.isTaken(code))).isTrue();
        assertThat(as(teacher, () -> codes.isTaken("00000000"))).isFalse();
    }

    @Test
    void saysWhichLinesCannotBeTakenAndWhatIsThereAlready() {
        SignedIn teacher = newTeacher();

        MvcTestResult twice = post(teacher, "/api/charts/lines", Map.of("lines", "A1 Red\nA1 Blue"));
        assertThat(twice).hasStatus(422);
        assertThat(content(twice)).contains("Line 2", "already in line 1");
        assertThat(content(post(teacher, "/api/charts/lines", Map.of("lines", "12 – Sea green\nRope"))))
                .isEqualTo("[{\"code\":\"12\",\"name\":\"Sea green\"},{\"code\":\"02\",\"name\":\"Rope\"}]");
        assertThat(post(teacher, "/api/charts", described(teacher, "Skerry 36", "A1 Red\nA2 Blue")))
                .as("a set of this name")
                .hasStatus(422);
        MvcTestResult held = post(teacher, "/api/charts", described(teacher, "Skerry", "S01 Red\nX2 Blue"));
        assertThat(held).hasStatus(422);
        assertThat(content(held)).contains("CODE_TAKEN", "S01");
        assertThat(post(teacher, "/api/charts", Map.of("paper", cartridge(teacher), "pageSize", "A4", "copies", 1)))
                .as("neither a set nor a new one")
                .hasStatus(422);
    }
}
