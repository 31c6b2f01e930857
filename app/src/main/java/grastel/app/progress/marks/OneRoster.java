package grastel.app.progress.marks;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.CsvTable;
import grastel.app.progress.marks.Book.Given;
import grastel.app.progress.marks.Book.OfStudent;
import grastel.app.progress.marks.Book.Work;
import grastel.core.media.colourfile.CsvCell;
import grastel.core.progress.MarkScale.Mark;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * A class's marks as a OneRoster 1.2 gradebook, bulk CSV: manifest, one category, a line item for each exercise, a result for
 * each mark. Only what was confirmed. The columns that version 1.1 has come first and in its order; what 1.2 adds follows.
 */
final class OneRoster {
    private static final String ACTIVE = "active";

    /** Every file the standard knows; those that are not in the archive are named as absent. */
    private static final List<String> FILES = List.of(
            "academicSessions",
            "categories",
            "classes",
            "classResources",
            "courses",
            "courseResources",
            "demographics",
            "enrollments",
            "lineItemLearningObjectiveIds",
            "lineItems",
            "lineItemScoreScales",
            "orgs",
            "resources",
            "resultLearningObjectiveIds",
            "results",
            "resultScoreScales",
            "roles",
            "scoreScales",
            "userProfiles",
            "userResources",
            "users");

    private static final List<String> BULK = List.of("categories", "lineItems", "results");

    private final Book book;
    private final ScaleData scale;
    private final String now;
    private final Clock clock;

    OneRoster(Book book, ScaleData scale, Clock clock) {
        this.book = book;
        this.scale = scale;
        this.clock = clock;
        this.now = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
    }

    byte[] zip() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, "manifest.csv", manifest());
            put(zip, "categories.csv", categories());
            put(zip, "lineItems.csv", lineItems());
            put(zip, "results.csv", results());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, List<List<String>> rows) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(CsvTable.plain(csv -> rows.forEach(csv::writeRecord)).getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private List<List<String>> manifest() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("propertyName", "value"));
        rows.add(List.of("manifest.version", "1.0"));
        rows.add(List.of("oneroster.version", "1.2"));
        FILES.forEach(file -> rows.add(List.of("file." + file, BULK.contains(file) ? "bulk" : "absent")));
        rows.add(List.of("source.systemName", "Grastel"));
        rows.add(List.of("source.systemCode", "grastel"));
        return rows;
    }

    private String category() {
        return UUID.nameUUIDFromBytes(("category " + book.schoolClass().id()).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    private List<List<String>> categories() {
        return List.of(
                List.of("sourcedId", "status", "dateLastModified", "title", "weight"),
                List.of(category(), ACTIVE, now, say("paper.coloured-pencil"), ""));
    }

    private String classId() {
        return scale.classCode().isEmpty() ? book.schoolClass().id().toString() : scale.classCode();
    }

    private List<List<String>> lineItems() {
        List<Double> values =
                scale.steps().stream().map(ScaleData.StepData::value).toList();
        double first = values.get(0);
        double last = values.get(values.size() - 1);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
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
                "resultValueMax",
                "schoolSourcedId"));
        for (Work w : book.work()) {
            String day = day(w.printedAt());
            rows.add(List.of(
                    w.id(),
                    ACTIVE,
                    now,
                    CsvCell.harmless(w.title()),
                    "",
                    day,
                    day,
                    CsvCell.harmless(classId()),
                    category(),
                    "",
                    CsvTable.number(Math.min(first, last), 2),
                    CsvTable.number(Math.max(first, last), 2),
                    ""));
        }
        return rows;
    }

    private List<List<String>> results() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "sourcedId",
                "status",
                "dateLastModified",
                "lineItemSourcedId",
                "studentSourcedId",
                "scoreStatus",
                "score",
                "scoreDate",
                "comment",
                "classSourcedId",
                "textScore"));
        for (OfStudent row : book.students()) {
            row.given().values().forEach(g -> g.mark().ifPresent(mark -> rows.add(result(row, g, mark))));
        }
        return rows;
    }

    private List<String> result(OfStudent row, Given given, Mark mark) {
        String student = row.student().id().toString();
        return List.of(
                given.work().id() + "-" + student,
                ACTIVE,
                now,
                given.work().id(),
                student,
                "fully graded",
                CsvTable.number(mark.value(), 2),
                day(given.received()),
                "",
                CsvCell.harmless(classId()),
                CsvCell.harmless(mark.name()));
    }

    private String day(Instant moment) {
        return LocalDate.ofInstant(moment, clock.getZone()).toString();
    }
}
