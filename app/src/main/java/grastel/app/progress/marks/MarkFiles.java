package grastel.app.progress.marks;

import static grastel.core.words.Words.say;

import grastel.app.platform.JsonFormat;
import grastel.app.platform.paper.CsvTable;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Marks as files for other programs. */
@Component
class MarkFiles {
    private final JsonFormat<MarksFile> format;
    private final Clock clock;

    MarkFiles(JsonMapper json, Clock clock) {
        format = new JsonFormat<>(
                json,
                MarksFile.class,
                "marks.schema.json",
                "marks",
                say("thing.a-file-of-marks"),
                "grastelMarks",
                MarksFile.VERSION);
        this.clock = clock;
    }

    enum Format {
        /** CSV: a student with its id a line, an exercise with its day a column. */
        MARKS("marks.csv", "text/csv"),
        /** CSV: a goal of an attempt a line, with the student's id, the day and the figure. */
        ATTEMPTS("attempts.csv", "text/csv"),
        /** OneRoster 1.2 gradebook: line items and results. */
        ONEROSTER("oneroster.zip", "application/zip"),
        /** All of it, after {@code marks.schema.json}. */
        JSON("marks.json", "application/json");

        private final String ending;
        private final String type;

        Format(String ending, String type) {
            this.ending = ending;
            this.type = type;
        }
    }

    ResponseEntity<byte[]> file(Format as, Book book, ScaleData scale) {
        byte[] content = switch (as) {
            case MARKS -> text(MarkTables.marks(book, clock.getZone()));
            case ATTEMPTS -> text(MarkTables.attempts(book, clock.getZone()));
            case ONEROSTER -> new OneRoster(book, scale, clock).zip();
            case JSON -> text(format.written(MarksFile.of(book, scale)));
        };
        MediaType type = MediaType.parseMediaType(as.type);
        return CsvTable.download(
                book.schoolClass().name() + " " + as.ending,
                as == Format.ONEROSTER ? type : new MediaType(type, StandardCharsets.UTF_8),
                content);
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
