package grastel.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.SignedIn;
import grastel.core.media.Pencil;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@Tag("database")
class KitTest extends ApplicationTest {
    private static final String CGATS = """
            CGATS.17
            NUMBER_OF_FIELDS 5
            BEGIN_DATA_FORMAT
            SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B
            END_DATA_FORMAT
            NUMBER_OF_SETS 2
            BEGIN_DATA
            Q1 "Harbour Light" 71.5 4.2 30.1
            Q2 "Barnacle" 55 1 4
            END_DATA
            """;

    private SignedIn teacher;

    @BeforeEach
    void teacher() {
        teacher = newTeacher();
    }

    @Test
    void startsWithTheShippedKit() {
        String kit = content(get(teacher, "/api/kit"));

        assertThat(JsonPath.<List<?>>read(kit, "$.pencils")).hasSize(61);
        assertThat(JsonPath.<List<?>>read(kit, "$.papers")).hasSize(4);
        assertThat(JsonPath.<List<String>>read(kit, "$.sets[*].name")).containsExactly("Fathom 24", "Skerry 36");
        assertThat(JsonPath.<List<String>>read(kit, "$.pencils[?(@.name == 'Kelp')].family"))
                .containsExactly("GREEN");
    }

    @Test
    void addsChangesAndTakesOutAPencil() {
        UUID id = created(teacher, "/api/kit/pencils", pencil("L1", Map.of("l", 48, "a", 20, "b", 25)));
        assertThat(post(teacher, "/api/kit/pencils", pencil("L1", Map.of("l", 48, "a", 20, "b", 25))))
                .as("a code once in its range")
                .hasStatus(422)
                .bodyText()
                .contains("CODE_TAKEN");

        assertThat(put(teacher, "/api/kit/pencils/{id}", pencil("L2", Map.of("l", 60, "a", 20, "b", 25)), id))
                .hasStatusOk()
                .bodyText()
                .contains("L2");
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/kit/pencils/{id}", id)))
                .hasStatus(204);
        assertThat(get(teacher, "/api/kit")).bodyText().doesNotContain("L2");
    }

    @Test
    void whatCannotBeAPencilIsSaidByField() {
        Map<String, Object> wrong = new HashMap<>(pencil("L1", Map.of("l", 140, "a", 0, "b", 0)));
        wrong.put("hiding", 1.5);

        assertThat(post(teacher, "/api/kit/pencils", wrong))
                .hasStatus(422)
                .bodyText()
                .contains("lab.l", "hiding");
    }

    /** Too pure a red, and a paper that shines by brighteners: never taken as another colour without a word. */
    @Test
    void aColourNoSurfaceHasIsRefusedWithTheNearest() {
        assertThat(post(teacher, "/api/kit/pencils", pencil("L1", Map.of("l", 50, "a", 120, "b", 90))))
                .hasStatus(422)
                .bodyText()
                .contains("NO_SURFACE", "nearest possible is L* 50");
        Map<String, Object> paper =
                Map.of("name", "Dazzling", "lab", Map.of("l", 97, "a", 3, "b", -8), "tooth", 1, "grainMm", 0.3);
        assertThat(post(teacher, "/api/kit/papers", paper))
                .hasStatus(422)
                .bodyText()
                .contains("NO_SURFACE", "brighteners");
        assertThat(as(teacher, () -> kit.papers())).hasSize(4);
    }

    /** A printed sheet keeps its pencils as they were, so a pencil that is gone does not harm it. */
    @Test
    void aPencilOfAPrintedSheetMayGo() {
        UUID run = printed(teacher).id();
        UUID red = as(teacher, () -> byCode("S07")).id();

        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/kit/pencils/{id}", red)))
                .hasStatus(204);

        assertThat(as(teacher, () -> printings.plan(run)).palette())
                .extracting(Pencil::name)
                .containsExactly("Buoy Red");
    }

    @Test
    void anImportIsShownFirstAndThenDone() {
        assertThat(upload("/api/kit/imports/preview", CGATS.getBytes(StandardCharsets.UTF_8)))
                .hasStatusOk()
                .bodyText()
                .contains("Harbour Light", "\"added\":0");
        assertThat(as(teacher, () -> kit.pencils()))
                .as("a preview changes nothing")
                .hasSize(61);

        assertThat(upload("/api/kit/imports", CGATS.getBytes(StandardCharsets.UTF_8)))
                .hasStatus(201)
                .bodyText()
                .contains("\"added\":2");
        assertThat(upload("/api/kit/imports", CGATS.getBytes(StandardCharsets.UTF_8)))
                .as("the second time the codes are held")
                .hasStatus(201)
                .bodyText()
                .contains("\"added\":0");
        assertThat(as(teacher, () -> kit.pencils())).hasSize(63);
    }

    @Test
    void aWrongFileIsRefusedLineByLineAndChangesNothing() {
        String broken = CGATS.replace("71.5 4.2", "bright 4.2").replace("55 1 4", "55 1");

        assertThat(upload("/api/kit/imports", broken.getBytes(StandardCharsets.UTF_8)))
                .hasStatus(422)
                .bodyText()
                .contains("lines[8]", "bright", "lines[9]", "WRONG_COUNT");
        assertThat(upload("/api/kit/imports", new byte[] {(byte) 0xff, (byte) 0xfe, 3, 0}))
                .hasStatus(422)
                .bodyText()
                .contains("NOT_TEXT");
        assertThat(upload("/api/kit/imports", new byte[50_000_000]))
                .hasStatus(413)
                .bodyText()
                .contains("50 MB");
        assertThat(as(teacher, () -> kit.pencils())).hasSize(61);
    }

    @Test
    void whatGoesOutComesBackIn() {
        String exported = content(get(teacher, "/api/kit/export?format=CGATS"));

        assertThat(upload("/api/kit/imports", exported.getBytes(StandardCharsets.UTF_8)))
                .hasStatus(201)
                .bodyText()
                .contains("\"added\":60");
        assertThat(get(teacher, "/api/kit/export?format=GPL"))
                .hasStatusOk()
                .bodyText()
                .startsWith("GIMP Palette");
        assertThat(get(teacher, "/api/kit/export?format=CSV"))
                .hasStatusOk()
                .bodyText()
                .contains("Kelp");
    }

    @Test
    void calibratesAPencilFromTheMetersReadings() {
        KitPencil red = as(teacher, () -> byCode("S07"));
        UUID paper = as(teacher, () -> kit.papers().get(1).id());
        String readings = content(post(teacher, "/api/kit/pencils/{id}/readings?paper=" + paper, Map.of(), red.id()));
        Map<String, Object> request =
                new HashMap<>(Map.of("paper", paper, "swatches", JsonPath.read(readings, "$"), "keep", false));

        String fit = content(post(teacher, "/api/kit/pencils/{id}/calibration", request, red.id()));

        assertThat(JsonPath.<Number>read(fit, "$.after").doubleValue())
                .isLessThan(JsonPath.<Number>read(fit, "$.before").doubleValue());
        assertThat(as(teacher, () -> byCode("S07")).pencil())
                .as("a trial keeps nothing")
                .isEqualTo(red.pencil());
        request.put("keep", true);
        assertThat(post(teacher, "/api/kit/pencils/{id}/calibration", request, red.id()))
                .hasStatusOk();
        assertThat(as(teacher, () -> byCode("S07")).pencil()).isNotEqualTo(red.pencil());
    }

    @Test
    void findsAPapersDepthFromTheMetersReadings() {
        UUID black = as(
                        teacher,
                        () -> kit.pencils().stream()
                                .filter(p -> !p.pencil().colourless())
                                .min(Comparator.comparingDouble(
                                        p -> p.masstone().lightness()))
                                .orElseThrow())
                .id();
        Kit.KitPaper paper = as(teacher, () -> kit.papers().get(1));
        String readings = content(post(teacher, "/api/kit/papers/{id}/readings?pencil=" + black, Map.of(), paper.id()));
        Map<String, Object> request = Map.of("pencil", black, "swatches", JsonPath.read(readings, "$"));

        String fit = content(post(teacher, "/api/kit/papers/{id}/calibration", request, paper.id()));

        assertThat(JsonPath.<Number>read(fit, "$.after").doubleValue())
                .isLessThanOrEqualTo(JsonPath.<Number>read(fit, "$.before").doubleValue())
                .as("what is left is the meter's noise")
                .isLessThan(1);
        assertThat(JsonPath.<Number>read(fit, "$.tooth").doubleValue())
                .as("papers come up to half as deep again as their label says, and a fit has its error")
                .isBetween(
                        0.55 * paper.paper().tooth().depth(),
                        1.7 * paper.paper().tooth().depth());
        assertThat(as(teacher, () -> kit.paper(paper.id())).paper())
                .as("nothing is kept")
                .isEqualTo(paper.paper());
    }

    @Test
    void aSetIsKeptWithTheClassesThatUseIt() {
        UUID schoolClass = newClass(teacher).id();
        List<UUID> members = as(
                teacher,
                () -> kit.pencils().stream().limit(12).map(KitPencil::id).toList());
        Map<String, Object> use = Map.of("schoolClass", schoolClass, "howMany", 4);
        UUID id =
                created(teacher, "/api/kit/sets", Map.of("name", "Twelve", "pencils", members, "users", List.of(use)));

        assertThat(put(
                        teacher,
                        "/api/kit/sets/{id}",
                        Map.of("name", "Ten", "pencils", members.subList(0, 10), "users", List.of(use)),
                        id))
                .hasStatusOk();
        Kit.KitSet set = as(teacher, () -> kit.sets()).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(set.name()).isEqualTo("Ten");
        assertThat(set.pencils()).containsExactlyInAnyOrderElementsOf(members.subList(0, 10));
        assertThat(set.users()).containsExactly(Map.entry(schoolClass, 4));
    }

    @Test
    void worksASmallSetsReachOutAndRemembersIt() {
        List<UUID> members = as(
                teacher,
                () -> List.of(
                        byCode("S03").id(), byCode("S07").id(), byCode("S16").id()));
        UUID set = created(teacher, "/api/kit/sets", Map.of("name", "Three", "pencils", members, "users", List.of()));
        UUID paper = as(teacher, () -> kit.papers().get(1).id());
        String address = "/api/kit/sets/{id}/reach?paper=" + paper;
        assertThat(get(teacher, address, set)).bodyText().contains("NOT_STARTED");

        post(teacher, address, Map.of(), set);
        String reach = content(get(teacher, address, set));
        for (int i = 0; i < 200 && !reach.contains("DONE"); i++) {
            LockSupport.parkNanos(50_000_000);
            reach = content(get(teacher, address, set));
        }

        assertThat(JsonPath.<String>read(reach, "$.state")).isEqualTo("DONE");
        // 9 ways to begin, 6 each to go on, 6 each to end: 9 + 54 + 324
        assertThat(JsonPath.<Integer>read(reach, "$.tried")).isEqualTo(387);
        assertThat(JsonPath.<List<String>>read(reach, "$.cells[*].hue")).contains("RED", "YELLOW", "ORANGE");
    }

    @Test
    void substitutesPutValueFirst() {
        KitPencil red = as(teacher, () -> byCode("S07"));

        String found = content(get(teacher, "/api/kit/pencils/{id}/substitutes", red.id()));

        assertThat(JsonPath.<List<String>>read(found, "$[*].pencil.code"))
                .doesNotContain("S07")
                .startsWith("F05");
    }

    private KitPencil byCode(String code) {
        return kit.pencils().stream()
                .filter(p -> p.pencil().code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private MvcTestResult upload(String path, byte[] file) {
        return send(
                teacher,
                MockMvcRequestBuilders.multipart(path + "?range=Measured&binder=WAX")
                        .file(new MockMultipartFile("file", "colours.txt", null, file)));
    }

    private static Map<String, Object> pencil(String code, Map<String, Object> lab) {
        return Map.ofEntries(
                Map.entry("range", "Loose"),
                Map.entry("code", code),
                Map.entry("name", "Loose " + code),
                Map.entry("binder", "WAX"),
                Map.entry("source", "PICKED"),
                Map.entry("lab", lab),
                Map.entry("hiding", 0.5),
                Map.entry("softness", 1),
                Map.entry("extra", 2),
                Map.entry("leadMm", 120));
    }
}
