package grastel.app.progress.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.jayway.jsonpath.JsonPath;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import grastel.app.ApplicationTest;
import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.platform.JsonFormat;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.scanner.hand.Hand;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

/** Marks by a teacher's own scale, and what other programs are given of them. */
@Tag("database")
class MarksTest extends ApplicationTest {
    private static final String PATH = "/api/progress/classes/{id}/marks";
    private static final List<Map<String, Object>> LETTERS = List.of(
            Map.of("value", 0, "name", "U"),
            Map.of("value", 40, "name", "D"),
            Map.of("value", 55, "name", "C"),
            Map.of("value", 70, "name", "B"),
            Map.of("value", 100, "name", "A"));

    private SignedIn teacher;
    private UUID schoolClass;

    @BeforeEach
    void aClassOfWhichOneGaveInAndOneIsNotConfirmed() {
        teacher = newTeacher();
        RunInfo run = as(teacher, () -> {
            Classes.ClassInfo made = classes.create(
                    "9 Marks", GradeBand.DEVELOPING, List.of("@Amara Diallo", "Björn Sæther"), CalendarData.NONE);
            schoolClass = made.id();
            return printings.print(sheets.create("=Scale", scale("S07", 5, 20)).id(), made.id());
        });
        List<Printings.PageInfo> pages = as(teacher, () -> printings.pages(run.id()));
        for (int i = 0; i < 2; i++) {
            UUID page = upload(
                            teacher,
                            "m" + i + ".jpg",
                            scan(teacher, pages.get(i).id(), Hand.EXACT, i))
                    .get(0);
            awaitRead(teacher, page);
            if (i == 0) {
                assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                        .hasStatusOk();
            }
        }
    }

    private static Map<String, Object> scale(
            Integer revision, List<Map<String, Object>> steps, Map<String, Object> weights) {
        Map<String, Object> request = new HashMap<>();
        request.put("revision", revision);
        request.put("scale", Map.of("weights", weights, "steps", steps, "classCode", "9M"));
        return request;
    }

    private static List<Map<String, Object>> falling() {
        return IntStream.range(0, 5).mapToObj(i -> LETTERS.get(4 - i)).toList();
    }

    private String export(String format) {
        return new String(file(format), StandardCharsets.UTF_8);
    }

    private byte[] file(String format) {
        MockHttpServletResponse answer =
                get(teacher, PATH + "/export?format=" + format, schoolClass).getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        return answer.getContentAsByteArray();
    }

    private static List<NamedCsvRecord> rows(String csv) {
        try (var read = CsvReader.builder().ofNamedCsvRecord(csv.replace("\ufeff", ""))) {
            return read.stream().toList();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void aScaleIsSeenOnRealMarksBeforeItIsKept() {
        String usual = content(get(teacher, PATH, schoolClass));
        assertThat(JsonPath.<Integer>read(usual, "$.revision")).isEqualTo(-1);
        double level =
                JsonPath.<Number>read(usual, "$.students[0].marks[0].level").doubleValue();
        assertThat(JsonPath.<Number>read(usual, "$.students[0].marks[0].value").doubleValue())
                .isEqualTo(level);
        assertThat(JsonPath.<List<Integer>>read(usual, "$.students[0].marks[0].goals[*].level"))
                .isNotEmpty();
        assertThat(JsonPath.<List<Object>>read(usual, "$.students[1].marks"))
                .as("not confirmed")
                .isEmpty();

        String seen = content(post(teacher, PATH + "/preview", scale(null, LETTERS, Map.of()), schoolClass));
        assertThat(JsonPath.<String>read(seen, "$.students[0].marks[0].name")).isIn("A", "B", "C");
        assertThat(JsonPath.<Integer>read(content(get(teacher, PATH, schoolClass)), "$.revision"))
                .as("nothing kept")
                .isEqualTo(-1);

        assertThat(put(teacher, PATH, scale(-1, LETTERS, Map.of("NEAT_EDGE", 0)), schoolClass))
                .hasStatusOk();
        String kept = content(get(teacher, PATH, schoolClass));
        assertThat(JsonPath.<List<Number>>read(kept, "$.weights[?(@.goal == 'NEAT_EDGE')].weight"))
                .allMatch(w -> w.doubleValue() == 0);
        assertThat(put(teacher, PATH, scale(7, LETTERS, Map.of()), schoolClass)).hasStatus(409);
        assertThat(put(teacher, PATH, scale(0, falling(), Map.of()), schoolClass))
                .as("a scale may fall")
                .hasStatusOk();
    }

    @Test
    void whatIsNoScaleIsRefusedAndNothingKept() {
        List<Map<String, Object>> zigzag =
                List.of(LETTERS.get(0), LETTERS.get(2), LETTERS.get(1), LETTERS.get(3), LETTERS.get(4));
        assertThat(put(teacher, PATH, scale(-1, zigzag, Map.of()), schoolClass)).hasStatus(422);
        assertThat(put(teacher, PATH, scale(-1, LETTERS.subList(0, 3), Map.of()), schoolClass))
                .hasStatus(422);
        assertThat(put(teacher, PATH, scale(-1, LETTERS, Map.of("ORDER", 11)), schoolClass))
                .hasStatus(422);
        assertThat(JsonPath.<Integer>read(content(get(teacher, PATH, schoolClass)), "$.revision"))
                .isEqualTo(-1);
    }

    @Test
    void spreadsheetsGetMarksAndFiguresAndNoFormulas() {
        put(teacher, PATH, scale(-1, LETTERS, Map.of()), schoolClass);
        List<NamedCsvRecord> marks = rows(export("MARKS"));
        assertThat(marks).hasSize(2);
        assertThat(marks.get(0).getField("student")).isEqualTo("'@Amara Diallo");
        assertThat(marks.get(0).getHeader())
                .hasSize(3)
                .startsWith("student_id", "student")
                .last()
                .asString()
                .matches("'=Scale, \\d{4}-\\d\\d-\\d\\d");
        assertThat(UUID.fromString(marks.get(0).getField("student_id"))).isNotNull();
        assertThat(marks.get(0).getField(2)).isIn("A", "B", "C");
        assertThat(marks.get(1).getField(2)).isEmpty();

        String view = content(get(teacher, PATH, schoolClass));
        List<NamedCsvRecord> attempts = rows(export("ATTEMPTS"));
        assertThat(attempts.stream()
                        .map(r -> Integer.valueOf(r.getField("level")))
                        .toList())
                .isEqualTo(JsonPath.<List<Integer>>read(view, "$.students[0].marks[0].goals[*].level"));
        assertThat(attempts).allMatch(r -> r.getField("kind").equals("pressure-scale"));
        assertThat(attempts.get(0).getField("figure")).matches("-?\\d+\\.\\d{3}");
    }

    @Test
    void anotherSystemGetsLineItemsAndResultsOfWhatWasConfirmed() throws IOException {
        put(teacher, PATH, scale(-1, LETTERS, Map.of()), schoolClass);
        Map<String, String> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file("ONEROSTER")))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(files).containsOnlyKeys("manifest.csv", "categories.csv", "lineItems.csv", "results.csv");
        Map<String, String> manifest = new HashMap<>();
        rows(files.get("manifest.csv")).forEach(r -> manifest.put(r.getField("propertyName"), r.getField("value")));
        assertThat(manifest)
                .containsEntry("oneroster.version", "1.2")
                .containsEntry("file.lineItems", "bulk")
                .containsEntry("file.users", "absent");
        List<NamedCsvRecord> items = rows(files.get("lineItems.csv"));
        assertThat(items).hasSize(1);
        assertThat(items.get(0).getHeader().subList(0, 12))
                .containsExactly(
                        "sourcedId",
                        "status",
                        "dateLastModified",
                        "title",
                        "description",
                        "assignDate",
                        "dueDate",
                        "classSourcedId",
                        "categorySourcedId",
                        "gradingPeriodSourcedId",
                        "resultValueMin",
                        "resultValueMax");
        assertThat(items.get(0).getField("classSourcedId")).isEqualTo("9M");
        assertThat(items.get(0).getField("categorySourcedId"))
                .isEqualTo(rows(files.get("categories.csv")).get(0).getField("sourcedId"));
        List<NamedCsvRecord> results = rows(files.get("results.csv"));
        assertThat(results).hasSize(1);
        assertThat(results.get(0).getHeader().subList(0, 9))
                .containsExactly(
                        "sourcedId",
                        "status",
                        "dateLastModified",
                        "lineItemSourcedId",
                        "studentSourcedId",
                        "scoreStatus",
                        "score",
                        "scoreDate",
                        "comment");
        assertThat(results.get(0).getField("lineItemSourcedId"))
                .isEqualTo(items.get(0).getField("sourcedId"));
        assertThat(results.get(0).getField("scoreStatus")).isEqualTo("fully graded");
        double value = JsonPath.<Number>read(content(get(teacher, PATH, schoolClass)), "$.students[0].marks[0].value")
                .doubleValue();
        assertThat(Double.parseDouble(results.get(0).getField("score"))).isCloseTo(value, within(0.005));
        assertThat(results.get(0).getField("scoreDate")).matches("\\d{4}-\\d{2}-\\d{2}");
    }

    @Test
    void theJsonFileHoldsAllOfItAndItsSchemaIsTrue() {
        String text = export("JSON");
        assertThat(JsonPath.<Integer>read(text, "$.grastelMarks")).isEqualTo(1);
        assertThat(JsonPath.<List<String>>read(text, "$.students[*].name")).contains("@Amara Diallo");
        JsonFormat<MarksFile> format = new JsonFormat<>(
                json, MarksFile.class, "marks.schema.json", "marks", "a file of marks", "grastelMarks", 1);
        assertThat(format.parsed(text)).isNotNull();
    }
}
