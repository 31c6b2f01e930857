package grastel.app.progress.marks;

import de.siegmar.fastcsv.writer.CsvWriter;
import grastel.app.progress.marks.Book.Given;
import grastel.app.progress.marks.Book.OfStudent;
import grastel.app.returns.api.Confirmed;
import grastel.core.media.colourfile.CsvCell;
import grastel.core.progress.MarkScale.Mark;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Marks as CSV. Cells that a spreadsheet would run as a formula are made harmless; figures have a point and no thousands. */
final class MarkTables {
    /** Begins the file, so that spreadsheets take its letters for what they are. */
    private static final String UTF_8 = "\ufeff";

    private MarkTables() {}

    /** A student a line, an exercise a column. */
    static String marks(Book book) {
        return table(csv -> {
            List<String> head = new ArrayList<>(List.of("student"));
            book.work().forEach(w -> head.add(CsvCell.harmless(w.title())));
            csv.writeRecord(head);
            for (OfStudent row : book.students()) {
                List<String> cells =
                        new ArrayList<>(List.of(CsvCell.harmless(row.student().name())));
                book.work().forEach(w -> cells.add(mark(row.given().get(w))));
                csv.writeRecord(cells);
            }
        });
    }

    private static String mark(@Nullable Given given) {
        return given == null ? "" : given.mark().map(MarkTables::words).orElse("");
    }

    /** The name where the scale has names, else the value. */
    private static String words(Mark mark) {
        return mark.name().isEmpty() ? number(mark.value(), 2) : CsvCell.harmless(mark.name());
    }

    /** A goal of an attempt a line. */
    static String attempts(Book book, ZoneId zone) {
        return table(csv -> {
            csv.writeRecord(
                    "student",
                    "date",
                    "exercise",
                    "kind",
                    "goal",
                    "level",
                    "figure",
                    "plus_minus",
                    "unit",
                    "reason",
                    "field");
            for (OfStudent row : book.students()) {
                for (Given given : row.given().values()) {
                    for (Confirmed goal : given.goals()) {
                        csv.writeRecord(cells(row, given, goal, zone).toList());
                    }
                }
            }
        });
    }

    private static Stream<String> cells(OfStudent row, Given given, Confirmed goal, ZoneId zone) {
        return Stream.of(
                CsvCell.harmless(row.student().name()),
                LocalDate.ofInstant(goal.received(), zone).toString(),
                CsvCell.harmless(given.work().title()),
                goal.kind(),
                goal.goal().label(),
                String.valueOf(goal.level().ordinal()),
                goal.figure() == null ? "" : number(goal.figure(), 3),
                goal.plusMinus() == null ? "" : number(goal.plusMinus(), 3),
                goal.goal().unit(),
                goal.cause() == null ? "" : goal.cause().sign(),
                goal.field() == null ? "" : CsvCell.harmless(goal.field()));
    }

    private interface Rows {
        void to(CsvWriter csv);
    }

    private static String table(Rows rows) {
        return UTF_8 + csv(rows);
    }

    private static String csv(Rows rows) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(out)) {
            rows.to(csv);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** Rows of a file without a mark at its beginning. */
    static String plain(List<List<String>> rows) {
        return csv(csv -> rows.forEach(csv::writeRecord));
    }

    static String number(double value, int digits) {
        return String.format(Locale.ROOT, "%." + digits + "f", value);
    }
}
