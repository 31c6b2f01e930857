package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SheetsTest extends ApplicationTest {
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
                        Map.of("data", SheetData.of(cartridge(teacher), "knitting", Map.of()))))
                .hasStatus(422)
                .bodyText()
                .contains("NO_SUCH_KIND");
    }

    @Test
    void aPencilThatIsGoneIsSaid() {
        SignedIn teacher = newTeacher();
        SheetData gone =
                SheetData.of(cartridge(teacher), "pressure-scale", Map.of("pencil", ValueData.of(UUID.randomUUID())));

        String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", gone)));

        assertThat(JsonPath.<String>read(draft, "$.exercises[0].problems[0].words"))
                .contains("no longer in your kit");
    }

    @Test
    void everyKindMakesPagesForTheShippedKit() {
        SignedIn teacher = newTeacher();
        for (ExerciseKind kind : ExerciseKinds.all()) {
            UUID on = kind.id().equals("toned-scale") ? as(teacher, () -> paper("Drift Brown")) : cartridge(teacher);
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
    void anotherMethodSaysWhichSheetsItWouldChange() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();
        SheetData shades = new SheetData(
                schoolClass,
                null,
                cartridge(teacher),
                PageSize.A4,
                List.of(new ExerciseData("tint-hue-shade", Map.of())));
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

    private PageLayout layout(RunInfo run) {
        return printings.printed(printings.pages(run.id()).get(0).id()).layout();
    }

    private Map<String, Object> request(SignedIn teacher, String pencil, int steps, double boxMm) {
        return Map.of("data", as(teacher, () -> scale(pencil, steps, boxMm)));
    }
}
