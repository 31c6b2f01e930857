package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.stored.StoredJson;
import grastel.app.stored.UnknownShapeException;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.SheetPlan;
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
class StoredJsonTest extends ApplicationTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "kept");
    private static final int BOXES = 5;

    @Autowired
    private StoredJson kept;

    /** How many fields a kept text holds, as read by the program. */
    private Map<String, ToIntFunction<String>> readers() {
        return Map.of(
                "plan", text -> kept.plan(text).fields().size(),
                "layout", text -> kept.pages(text).get(0).fields().size(),
                "reading", text -> kept.reading(text).fields().size());
    }

    private static List<Path> kept(String name) {
        try (Stream<Path> files = Files.list(KEPT)) {
            return files.filter(f -> f.getFileName().toString().startsWith(name + "-"))
                    .sorted(Comparator.comparingInt(StoredJsonTest::number))
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

    /** Beside the files, which only say that something is read: what was together in the first shape is where it belongs now. */
    @Test
    void theFirstShapeSaysTheSameAsTheOneOfNow() throws IOException {
        SheetPlan first = kept.plan(Files.readString(KEPT.resolve("plan-1.json")));
        assertThat(kept.plan(kept.plan(first))).isEqualTo(first);
        ExercisePlan scale = first.exercises().get(0);
        assertThat(scale.minutes()).isCloseTo(19.2, within(1e-9));
        assertThat(scale.faults()).hasSize(3);
        assertThat(scale.fields().get(0))
                .returns(30.0, FieldPlan::widthMm)
                .returns(false, FieldPlan::isShape)
                .satisfies(f -> assertThat(f.specks()).isCloseTo(0.927, within(1e-3)));

        PageReading read = kept.reading(Files.readString(KEPT.resolve("reading-1.json")));
        assertThat(kept.reading(kept.reading(read))).isEqualTo(read);
        assertThat(read.fields().get(0).lightness().plusMinus()).isCloseTo(0.907, within(1e-3));
        assertThat(read.fields().get(0).specks().value()).isCloseTo(85.98, within(0.01));
        assertThat(read.fields().get(0).blank()).isFalse();
    }

    @Test
    void whatALaterProgramKeptIsNamed() {
        assertThatThrownBy(() -> kept.plan("{\"shape\":9,\"kept\":{\"exercises\":[]}}"))
                .isInstanceOf(UnknownShapeException.class)
                .hasMessageContaining("plan is kept in shape 9");
    }

    /** What a record can tell of itself is no part of its shape. */
    @Test
    void nothingIsKeptTwice() {
        assertThat(shape(writtenNow().get("plan")))
                .noneMatch(place -> place.endsWith(".shape") && !place.equals(".shape"));
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
