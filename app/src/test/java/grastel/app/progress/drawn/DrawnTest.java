package grastel.app.progress.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
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
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What a class drew of one kind of exercise: first and latest, how hard it presses, on a poster. */
class DrawnTest extends ApplicationTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0);
    private static final Hand HARD = new Hand(1.6, 0, 0, 0, 1, 0, 0, 0, 0);

    private SignedIn teacher;
    private RunInfo first;

    @BeforeEach
    void aPrintedScale() {
        teacher = newTeacher();
        first = printed(teacher);
    }

    private String ofClass(String what) {
        return content(get(teacher, "/api/progress/classes/{id}/" + what, first.schoolClass()));
    }

    @Test
    void theFirstAttemptStandsBesideTheLatest() {
        assertThat((String) JsonPath.read(ofClass("first-and-latest"), "$.kind"))
                .isNull();
        UUID then = confirmed(teacher, printedPage(teacher, first.id(), 0), PATCHY, 1);
        confirmed(teacher, printedPage(teacher, first.id(), 1), Hand.EXACT, 2);
        for (long seed : new long[] {3, 4}) {
            RunInfo again = as(teacher, () -> printings.print(first.sheet(), first.schoolClass()));
            confirmed(teacher, printedPage(teacher, again.id(), 0), Hand.EXACT, seed);
        }
        String view = ofClass("first-and-latest");
        assertThat((String) JsonPath.read(view, "$.kind")).isEqualTo("pressure-scale");
        assertThat(JsonPath.<List<Integer>>read(view, "$.kinds[*].again")).containsExactly(1);
        assertThat(JsonPath.<List<String>>read(view, "$.rows[0].first.fields[*].field"))
                .containsExactly("1", "2", "3", "4", "5");
        assertThat(JsonPath.<List<String>>read(view, "$.rows[0].first.fields[*].page"))
                .containsOnly(then.toString());
        assertThat(JsonPath.<List<String>>read(view, "$.rows[0].latest.fields[*].page"))
                .hasSize(5)
                .doesNotContain(then.toString());
        assertThat(levels(view, "latest")).isGreaterThan(levels(view, "first"));
        assertThat(JsonPath.<Object>read(view, "$.rows[1].latest"))
                .as("drew it once")
                .isNull();
        assertThat(JsonPath.<Object>read(view, "$.rows[2].first")).isNull();
        assertThat(ofClass("first-and-latest?kind=mixing")).contains("\"kind\":\"mixing\"");
    }

    private static int levels(String view, String which) {
        return JsonPath.<List<Integer>>read(view, "$.rows[0]." + which + ".goals[*].level").stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    private static double pressure(String view, String grade, String which) {
        return JsonPath.<List<Number>>read(view, "$.grades[?(@.grade == '" + grade + "')]." + which)
                .get(0)
                .doubleValue();
    }

    @Test
    void aClassThatPressesHardIsPlannedForByWhatItPressesUntilThatIsReset() {
        MvcTestResult none = put(teacher, "/api/progress/classes/{id}/pressures", Map.of(), first.schoolClass());
        assertThat(none).hasStatus(409);
        for (int student = 0; student < 3; student++) {
            confirmed(teacher, printedPage(teacher, first.id(), student), HARD, 10 + student);
        }
        String found = ofClass("pressures");
        assertThat((Boolean) JsonPath.read(found, "$.own")).isFalse();
        List<String> drawn = JsonPath.read(found, "$.grades[?(@.boxes > 0 && @.grade != 'FULL')].grade");
        assertThat(drawn).isNotEmpty().allSatisfy(grade -> {
            assertThat(pressure(found, grade, "found"))
                    .as("all press 1.6 times as hard")
                    .isGreaterThan(pressure(found, grade, "taught"));
            assertThat(pressure(found, grade, "used")).isEqualTo(pressure(found, grade, "taught"));
        });
        String grade = drawn.get(drawn.size() - 1);
        List<Object> usual = draft();

        assertThat(put(teacher, "/api/progress/classes/{id}/pressures", Map.of(), first.schoolClass()))
                .hasStatusOk();
        String taken = ofClass("pressures");
        assertThat((Boolean) JsonPath.read(taken, "$.own")).isTrue();
        assertThat(pressure(taken, grade, "used")).isCloseTo(pressure(found, grade, "found"), within(1e-4));
        assertThat(draft()).as("predicted as this class presses").isNotEqualTo(usual);

        assertThat(send(
                        teacher,
                        MockMvcRequestBuilders.delete("/api/progress/classes/{id}/pressures", first.schoolClass())))
                .hasStatusOk();
        assertThat(draft()).isEqualTo(usual);
    }

    /** What a scale for the class would look like. */
    private List<Object> draft() {
        return as(teacher, () -> {
            SheetData any = scale("S07", 5, 20);
            SheetData ours = new SheetData(first.schoolClass(), null, any.paper(), any.pageSize(), any.exercises());
            RunInfo again = printings.print(sheets.create(null, ours).id(), first.schoolClass());
            return printings.plan(again.id()).fields().stream()
                    .map(f -> (Object) f.predictedColour())
                    .toList();
        });
    }

    private PDDocument poster(String path, Object id) throws IOException {
        MvcTestResult answer = get(teacher, path, id);
        assertThat(answer).hasStatusOk();
        return Loader.loadPDF(answer.getResponse().getContentAsByteArray());
    }

    @Test
    void theWallIsPrintedLargeWithNamesOrNumbersOrNothing() throws IOException {
        String ofRun = "/api/progress/runs/{id}/poster.pdf";
        assertThat(get(teacher, ofRun + "?format=A3&labels=NAMES", first.id()))
                .as("nothing has come back")
                .hasStatus(409);
        confirmed(teacher, printedPage(teacher, first.id(), 0), PATCHY, 21);
        confirmed(teacher, printedPage(teacher, first.id(), 2), Hand.EXACT, 22);
        try (PDDocument named = poster(ofRun + "?format=A3&labels=NAMES", first.id())) {
            assertThat(words(named)).contains("Amara Diallo").doesNotContain("Björn");
            assertThat(Math.max(
                            named.getPage(0).getMediaBox().getWidth(),
                            named.getPage(0).getMediaBox().getHeight()))
                    .isCloseTo(420 * 72 / 25.4f, within(1f));
        }
        try (PDDocument numbered = poster(ofRun + "?format=A2&labels=NUMBERS", first.id())) {
            assertThat(words(numbered)).doesNotContain("Amara").contains("3");
        }
        String ofClass = "/api/progress/classes/{id}/poster.pdf";
        try (PDDocument bare = poster(ofClass + "?format=A3&labels=NONE", first.schoolClass())) {
            assertThat(words(bare)).doesNotContain("Amara").contains("even tone");
            assertThat(bare.getPage(0).getResources().getXObjectNames()).isNotEmpty();
        }
        assertThat(get(teacher, ofClass + "?format=A9&labels=NONE", first.schoolClass()))
                .hasStatus4xxClientError();
    }

    private static String words(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf);
    }
}
