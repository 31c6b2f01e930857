package grastel.app.course.paper;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.course.CourseTestBase;
import grastel.app.kit.Kit;
import grastel.app.kit.KitChanges;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;

class CoursePapersTest extends CourseTestBase {
    @Autowired
    private KitChanges kitChanges;

    /** What a PDF says, and how many pages it has. */
    private record Printed(String words, int pages) {}

    private Printed printed(String uri, Object... variables) {
        try (PDDocument pdf =
                Loader.loadPDF(get(teacher, uri, variables).getResponse().getContentAsByteArray())) {
            return new Printed(new PDFTextStripper().getText(pdf), pdf.getNumberOfPages());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String lesson(String lane, int at) {
        return JsonPath.read(lane, "$.lessons[" + at + "].id");
    }

    private void own(String range, int copies) {
        Kit.KitSet set = as(teacher, () -> kit.sets()).stream()
                .filter(s -> s.name().startsWith(range))
                .findFirst()
                .orElseThrow();
        as(teacher, () -> {
            kitChanges.give(set.id(), schoolClass, copies);
            return null;
        });
    }

    @Test
    void theTermIsOnePageWithEveryPeriodAndLesson() {
        String lane = firstSteps();
        Printed term = printed("/api/courses/{class}/term.pdf", schoolClass);
        assertThat(term.pages()).isEqualTo(1);
        List<String> titles = JsonPath.read(lane, "$.lessons[*].title");
        assertThat(term.words()).contains(titles).contains("Tue 1 Sep, 11:05").contains("Tue 15 Dec, 11:05");
    }

    @Test
    void aPlanSaysWhatTheLessonNeedsFromAimToMarking() {
        String lane = firstSteps();
        Printed plan = printed("/api/courses/{class}/lessons/{lesson}/plan.pdf", schoolClass, lesson(lane, 0));
        assertThat(plan.words())
                .contains(JsonPath.<String>read(lane, "$.lessons[0].title"))
                .contains("lesson 1 of 6", "Tue 1 Sep, 11:05", "Room 4")
                .contains(
                        "Materials", "Show and explain", "Students do", "Common mistakes", "Marking", "Watch out for");
    }

    @Test
    void withEnoughPencilsNobodyWaits() {
        String lane = firstSteps();
        String rota = content(get(teacher, "/api/courses/{class}/lessons/{lesson}/rota", schoolClass, lesson(lane, 0)));
        assertThat(sum(rota, "$.tables[*].waiting")).isZero();
        int students = JsonPath.read(lane, "$.students");
        List<List<Integer>> numbers = JsonPath.read(rota, "$.tables[*].numbers");
        assertThat(numbers.stream().mapToInt(List::size).sum()).isEqualTo((students + 3) / 4);
    }

    @Test
    void whatATableHasNoCopyOfIsSaidAndItsCardSaysItToo() {
        String lane = firstSteps();
        own("Fathom", 10);
        String rota = content(get(teacher, "/api/courses/{class}/lessons/{lesson}/rota", schoolClass, lesson(lane, 0)));
        assertThat(JsonPath.<List<Object>>read(rota, "$.tables[*].missing[*]")).isNotEmpty();
        assertThat(JsonPath.<List<Object>>read(rota, "$.tables[*].seats[*]")).isEmpty();
        Printed cards = printed("/api/courses/{class}/lessons/{lesson}/rota.pdf", schoolClass, lesson(lane, 0));
        assertThat(cards.words()).contains("There is no");
    }

    @Test
    void oneCopyForATableIsWaitedForAndWhatWouldHelpIsSaid() {
        String lane = firstSteps();
        own("Skerry", 1);
        String rota = content(get(teacher, "/api/courses/{class}/lessons/{lesson}/rota", schoolClass, lesson(lane, 0)));
        double waiting = JsonPath.read(rota, "$.tables[0].waiting");
        assertThat(waiting).isPositive();
        List<Double> saved = JsonPath.read(rota, "$.tables[0].remedies[*].saves");
        assertThat(saved).isNotEmpty().allSatisfy(s -> assertThat(s).isBetween(0.5, waiting));
    }

    @Test
    void everythingForAPeriodIsOneDocument() {
        String lane = firstSteps();
        int plan = printed("/api/courses/{class}/lessons/{lesson}/plan.pdf", schoolClass, lesson(lane, 0))
                .pages();
        String period = JsonPath.read(lane, "$.periods[0].key");
        int before = printed("/api/today/papers.pdf?schoolClass={class}&period={key}", schoolClass, period)
                .pages();
        assertThat(before).isGreaterThanOrEqualTo(plan);
        String sheet = JsonPath.read(lane, "$.lessons[0].sheets[0]");
        content(post(teacher, "/api/sheets/{id}/runs", Map.of("schoolClass", schoolClass), sheet));
        int after = printed("/api/today/papers.pdf?schoolClass={class}&period={key}", schoolClass, period)
                .pages();
        int students = JsonPath.read(lane, "$.students");
        assertThat(after - before).isGreaterThanOrEqualTo(students);
    }

    @Test
    void aLessonThatIsNotThereIsSaid() {
        assertThat(get(teacher, "/api/courses/{class}/lessons/{lesson}/plan.pdf", schoolClass, "none"))
                .hasStatus(HttpStatus.NOT_FOUND);
    }
}
