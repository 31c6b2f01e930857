package grastel.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.core.layering.Stroke;
import grastel.core.layering.picture.SwatchPicture;
import java.io.IOException;
import java.util.Base64;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class BenchTest extends ApplicationTest {
    @Autowired
    private Bench bench;

    private SignedIn teacher;
    private UUID paper;

    @BeforeEach
    void teacher() {
        teacher = newTeacher();
        paper = cartridge(teacher);
    }

    @Test
    void looksAtAStackWithEverythingThatFollowsFromIt() {
        String look =
                content(look(stack(colour("S13", 0.08, 1), colour("S07", 0.4, 2)), Map.of("l", 40, "a", 40, "b", 20)));

        assertThat(Base64.getDecoder().decode(JsonPath.<String>read(look, "$.tones")))
                .hasSize(3 * 256);
        assertThat(JsonPath.<List<?>>read(look, "$.section")).hasSize(8);
        assertThat(JsonPath.<List<?>>read(look, "$.layers")).hasSize(2);
        assertThat(JsonPath.<List<?>>read(look, "$.ladder")).hasSize(5);
        double paperShare = JsonPath.<Number>read(look, "$.paperShare").doubleValue();
        double shares = JsonPath.<List<Number>>read(look, "$.layers[*].share").stream()
                .mapToDouble(Number::doubleValue)
                .sum();
        assertThat(paperShare + shares).isCloseTo(1, within(1e-6));
        assertThat(JsonPath.<Number>read(look, "$.goal.deltaE").doubleValue()).isPositive();
    }

    @Test
    void theGrainSaysWhichToneEachPixelShows() throws IOException {
        MvcTestResult answer =
                get(teacher, "/api/bench/grain?grainMm=0.35&stroke=CIRCLES&zoom=NEAR&width=60&height=40");

        assertThat(answer).hasStatusOk();
        assertThat(answer.getResponse().getContentAsByteArray())
                .isEqualTo(SwatchPicture.heights(0.35, Stroke.CIRCLES, 60, 40, 9, Looking.SEED));
        assertThat(get(teacher, "/api/bench/grain?grainMm=0.35&stroke=CIRCLES&zoom=NEAR&width=60&height=90000"))
                .hasStatus(422)
                .bodyText()
                .contains("height");
    }

    @Test
    void aWhatIfIsAStackThatCanBeLaidAndGivesWhatItSays() {
        String row = content(whatIf(stack(colour("S13", 0.2, 1), colour("S07", 0.4, 2))));
        assertThat(JsonPath.<List<?>>read(row, "$[*].kind")).hasSizeGreaterThan(6);
        Map<String, Object> first = JsonPath.read(row, "$[0]");

        String adopted = content(look(cast(first.get("stack")), null));

        assertThat(JsonPath.<String>read(adopted, "$.colour.colour"))
                .isEqualTo(JsonPath.read(row, "$[0].colour.colour"));
    }

    @Test
    void aRemedyIsAStackWithoutTheFault() {
        String look = content(look(stack(colour("S16", 0.65, 1), colour("S07", 0.65, 2)), null));
        assertThat(JsonPath.<List<String>>read(look, "$.warnings[*].code")).contains("HARD_LAYER_FIRST");
        Map<String, Object> remedied = JsonPath.<List<Map<String, Object>>>read(
                        look, "$.warnings[?(@.code == 'HARD_LAYER_FIRST')].remedied")
                .get(0);

        String after = content(look(remedied, null));

        assertThat(JsonPath.<List<String>>read(after, "$.warnings[*].code")).doesNotContain("HARD_LAYER_FIRST");
    }

    @Test
    void bareStackIsThePaper() {
        String look = content(look(stack(), null));

        assertThat(JsonPath.<Number>read(look, "$.specks").doubleValue()).isEqualTo(1);
        assertThat(JsonPath.<List<?>>read(content(whatIf(stack())), "$")).isEmpty();
    }

    @Test
    void impossibleStacksNameTheField() {
        assertInvalid(stack(colour("S07", 7, 1)), "stack.layers[0].pressure");
        assertInvalid(stack(colour("S07", 0.4, 0)), "stack.layers[0].passes");
        assertInvalid(stack(colour("S07", 0.4, 1), colour("S08", 0.4, 99)), "stack.layers[1].passes");
        assertInvalid(
                Map.of("paper", paper, "layers", List.of(Map.of("kind", "COLOUR", "pencil", UUID.randomUUID()))),
                "stack.layers[0].pencil");
        assertInvalid(
                Map.of("paper", paper, "layers", Collections.nCopies(500, colour("S07", 0.4, 1))), "stack.layers");
        assertInvalid(Map.of("layers", List.of()), "stack.paper");
        assertInvalid(
                Map.of(
                        "paper",
                        paper,
                        "layers",
                        List.of(),
                        "under",
                        Map.of("kind", "WASH", "colour", "blue", "strength", 1)),
                "stack.under");
    }

    @Test
    void notANumberIsRefusedWithItsPlace() {
        String body = """
                {"stack": {"paper": "%s", "layers": [{"kind": "COLOUR", "pencil": "%s", "pressure": NaN}]},
                 "steps": 5}""".formatted(paper, UUID.randomUUID());
        MvcTestResult answer = send(
                teacher,
                MockMvcRequestBuilders.post("/api/bench/look")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body));

        assertThat(answer).hasStatus(400).bodyText().contains("UNREADABLE").contains("stack.layers[0]");
    }

    @Test
    void keepsAStackAndTellsTheSecondOfTwoWindows() {
        Map<String, Object> sea = stack(colour("S16", 0.4, 2));
        UUID id = created(teacher, "/api/bench/stacks", Map.of("name", "Sea", "note", "for 8 Dunlin", "stack", sea));
        Map<String, Object> change = Map.of("name", "Sea", "note", "darker", "stack", sea, "version", 0);

        assertThat(put(teacher, "/api/bench/stacks/{id}", change, id)).hasStatusOk();
        MvcTestResult second = put(teacher, "/api/bench/stacks/{id}", change, id);

        assertThat(second).hasStatus(409).bodyText().contains("CHANGED_ELSEWHERE");
        assertThat(get(teacher, "/api/bench/stacks")).bodyText().contains("darker");
        assertThat(post(teacher, "/api/bench/stacks", Map.of("name", "Sea", "note", "", "stack", sea)))
                .as("a name once")
                .hasStatus(422)
                .bodyText()
                .contains("NAME_TAKEN");
        assertThat(as(teacher, () -> bench.stack(id)).stack().layers()).hasSize(1);
    }

    @Test
    void printsACardWithTheStepsInOrder() throws Exception {
        Map<String, Object> shade = stack(
                colour("S13", 0.08, 1),
                colour("S07", 0.4, 2),
                Map.of("kind", "BURNISH", "pencil", pencil("T01")),
                Map.of("kind", "SOLVENT"));
        byte[] pdf = post(teacher, "/api/bench/card.pdf", Map.of("name", "Red in shade", "note", "", "stack", shade))
                .getResponse()
                .getContentAsByteArray();

        try (var document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains(
                            "Red in shade",
                            "Mussel Violet – whisper",
                            "Buoy Red – medium, small circles, sharp, 2 times")
                    .contains("Burnish with T01 Clear Blender", "open the windows");
            assertThat(text.indexOf("Mussel Violet")).isLessThan(text.indexOf("Buoy Red"));
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }

    private void assertInvalid(Map<String, Object> stack, String path) {
        assertThat(look(stack, null)).as(path).hasStatus(422).bodyText().contains("\"" + path + "\"");
    }

    private MvcTestResult look(Map<String, Object> stack, Map<String, Object> goal) {
        Map<String, Object> request = new HashMap<>(Map.of("stack", stack, "steps", 5));
        if (goal != null) {
            request.put("goal", goal);
        }
        return post(teacher, "/api/bench/look", request);
    }

    private MvcTestResult whatIf(Map<String, Object> stack) {
        return post(teacher, "/api/bench/what-if", Map.of("stack", stack));
    }

    private Map<String, Object> stack(Object... layers) {
        return Map.of("paper", paper, "layers", List.of(layers));
    }

    private Map<String, Object> colour(String code, double pressure, int passes) {
        return Map.of(
                "kind",
                "COLOUR",
                "pencil",
                pencil(code),
                "pressure",
                pressure,
                "point",
                0.7,
                "stroke",
                "CIRCLES",
                "passes",
                passes);
    }

    private UUID pencil(String code) {
        return as(
                teacher,
                () -> kit.pencils().stream()
                        .filter(p -> p.pencil().code().equals(code))
                        .findFirst()
                        .orElseThrow()
                        .id());
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> cast(Object map) {
        return (Map<String, Object>) map;
    }
}
