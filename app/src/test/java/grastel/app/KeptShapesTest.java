package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.rows.SheetJson;
import grastel.core.reading.PageReading;
import grastel.core.scanner.hand.Hand;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/**
 * What is kept as JSON for years: files in {@code src/test/resources/kept}, a number for each shape it has had. All are read by
 * the program as it is now, and the last of each has the shape that is written now. Where a shape changes on purpose, add a file
 * by {@code -DargLine=-Dkept.update=true}; the older ones stay.
 */
class KeptShapesTest extends DeskTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "kept");
    private static final int BOXES = 5;

    @Autowired
    private SheetJson sheetJson;

    /** How many fields a kept text holds, as read by the program. */
    private Map<String, ToIntFunction<String>> readers() {
        return Map.of(
                "plan", text -> sheetJson.plan(text).fields().size(),
                "layout", text -> sheetJson.pages(text).get(0).fields().size(),
                "reading",
                        text -> json.readValue(text, PageReading.class).fields().size());
    }

    private static List<Path> kept(String name) {
        try (Stream<Path> files = Files.list(KEPT)) {
            return files.filter(f -> f.getFileName().toString().startsWith(name + "-"))
                    .sorted(Comparator.comparingInt(KeptShapesTest::number))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int number(Path file) {
        return Integer.parseInt(file.getFileName().toString().replaceAll("\\D", ""));
    }

    private Map<String, String> writtenNow() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        String ofSheet = " from sheet_version where sheet_id = ?";
        return Map.of(
                "plan", jdbc.queryForObject("select plan" + ofSheet, String.class, run.sheet()),
                "layout", jdbc.queryForObject("select layout" + ofSheet, String.class, run.sheet()),
                "reading", jdbc.queryForObject("select reading from returned_page where id = ?", String.class, page));
    }

    @Test
    void everyShapeThereHasBeenIsRead() throws IOException {
        for (var reader : readers().entrySet()) {
            List<Path> files = kept(reader.getKey());
            assertThat(files).as(reader.getKey()).isNotEmpty();
            for (Path file : files) {
                assertThat(reader.getValue().applyAsInt(Files.readString(file)))
                        .as(file.toString())
                        .isEqualTo(BOXES);
            }
        }
    }

    @Test
    void theLastShapeIsTheOneThatIsWritten() throws IOException {
        for (var written : writtenNow().entrySet()) {
            List<Path> files = kept(written.getKey());
            SortedSet<String> now = shape(written.getValue());
            boolean same = !files.isEmpty()
                    && shape(Files.readString(files.get(files.size() - 1))).equals(now);
            if (!same && Boolean.getBoolean("kept.update")) {
                int next = files.isEmpty() ? 1 : number(files.get(files.size() - 1)) + 1;
                Files.writeString(KEPT.resolve(written.getKey() + "-" + next + ".json"), written.getValue());
            } else {
                assertThat(same)
                        .as("%s is written as before; now: %s", written.getKey(), now)
                        .isTrue();
            }
        }
    }

    /** Every place that has a value, however often. */
    private SortedSet<String> shape(String text) {
        SortedSet<String> places = new TreeSet<>();
        collect(json.readTree(text), "", places);
        return places;
    }

    private static void collect(JsonNode node, String at, SortedSet<String> places) {
        if (node.isObject()) {
            node.properties().forEach(p -> collect(p.getValue(), at + "." + p.getKey(), places));
        } else if (node.isArray()) {
            node.forEach(one -> collect(one, at + "[]", places));
        } else {
            places.add(at);
        }
    }
}
