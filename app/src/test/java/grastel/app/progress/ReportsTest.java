package grastel.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What families and the teacher are told of two tries. */
class ReportsTest extends ApplicationTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.3, 0.3, 2, 0, 20, 0);
    private static final String PDF = "/api/progress/classes/{id}/reports.pdf";

    private SignedIn teacher;
    private UUID schoolClass;

    @BeforeEach
    void oneStudentGrewFromTheFirstTryToTheSecond() {
        teacher = newTeacher();
        RunInfo first = printed(teacher);
        schoolClass = first.schoolClass();
        confirmed(teacher, printedPage(teacher, first.id(), 0), PATCHY, 1);
        RunInfo second = as(teacher, () -> printings.print(first.sheet(), schoolClass));
        confirmed(teacher, printedPage(teacher, second.id(), 0), Hand.EXACT, 2);
    }

    private String drafts() {
        return content(get(teacher, "/api/progress/classes/{id}/reports", schoolClass));
    }

    private Map<String, Object> wanted(boolean named, String secure) {
        String drafts = drafts();
        Map<String, Object> one = new HashMap<>();
        for (String part : List.of("student", "grew", "next")) {
            one.put(part, JsonPath.read(drafts, "$[0]." + part));
        }
        one.put("secure", secure);
        return Map.of("named", named, "reports", List.of(one));
    }

    private static String words(MvcTestResult answer, int pages) throws IOException {
        assertThat(answer).hasStatusOk();
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(pages);
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void familiesAreToldInPlainWordsWhatGoesWellWhatGrewAndWhatIsNext() throws IOException {
        String drafts = drafts();
        assertThat(JsonPath.<List<String>>read(drafts, "$[*].name"))
                .as("who has nothing confirmed is not spoken of")
                .containsExactly("Amara Diallo");
        assertThat(JsonPath.<String>read(drafts, "$[0].grew")).contains("fill a shape smoothly");
        assertThat(JsonPath.<String>read(drafts, "$[0].first.page"))
                .isNotEqualTo(JsonPath.<String>read(drafts, "$[0].latest.page"));
        assertThat(drafts).doesNotContain("L*", "ΔE", "%", "level", "class");

        String page = words(post(teacher, PDF, wanted(true, "Amara’s own words.\nAnd a second line."), schoolClass), 1);
        assertThat(page)
                .contains("Amara Diallo", "What goes well", "Amara’s own words. And a second line.", "What comes next");
        assertThat(page).doesNotContain("Björn", "L*", "%");
    }

    @Test
    void namesAreOffInOnePressInTheWordsToo() throws IOException {
        String page = words(post(teacher, PDF, wanted(false, "Amara can shade."), schoolClass), 1);
        assertThat(page).contains("Student 1", "Student 1 can shade.").doesNotContain("Amara", "Diallo");
    }

    @Test
    void anEmptyPartIsLeftOutAndAStrangersStudentIsRefused() throws IOException {
        assertThat(words(post(teacher, PDF, wanted(true, ""), schoolClass), 1)).doesNotContain("What goes well");
        Map<String, Object> stranger = Map.of(
                "named",
                true,
                "reports",
                List.of(Map.of("student", UUID.randomUUID(), "secure", "", "grew", "", "next", "")));
        assertThat(post(teacher, PDF, stranger, schoolClass)).hasStatus(404);
        assertThat(post(teacher, PDF, Map.of("named", true, "reports", List.of()), schoolClass))
                .hasStatus(422);
    }

    @Test
    void theClassHasAPageForItsTeacher() throws IOException {
        String page = words(get(teacher, "/api/progress/classes/{id}/report.pdf", schoolClass), 1);
        assertThat(page).contains("1 of 3 students", "fill a shape smoothly", "of 1");
        UUID empty = newClass(teacher).id();
        assertThat(get(teacher, "/api/progress/classes/{id}/report.pdf", empty)).hasStatus(409);
    }
}
