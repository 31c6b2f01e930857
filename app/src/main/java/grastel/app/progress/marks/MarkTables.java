package grastel.app.progress.marks;

import grastel.app.platform.paper.CsvTable;
import grastel.app.progress.marks.Book.Given;
import grastel.app.progress.marks.Book.OfStudent;
import grastel.app.returns.api.Confirmed;
import grastel.core.media.colourfile.CsvCell;
import grastel.core.progress.MarkScale.Mark;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Marks as CSV. Cells that a spreadsheet would run as a formula are made harmless. */
final class MarkTables {
    private MarkTables() {}

    /** A student a line with its id, an exercise with the day it was printed a column. */
    static String marks(Book book, ZoneId zone) {
        return CsvTable.forSpreadsheets(csv -> {
            List<String> head = new ArrayList<>(List.of("student_id", "student"));
            book.work()
                    .forEach(w ->
                            head.add(CsvCell.harmless(w.title() + ", " + LocalDate.ofInstant(w.printedAt(), zone))));
            csv.writeRecord(head);
            for (OfStudent row : book.students()) {
                List<String> cells = new ArrayList<>(List.of(
                        row.student().id().toString(),
                        CsvCell.harmless(row.student().name())));
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
        return mark.name().isEmpty() ? CsvTable.number(mark.value(), 2) : CsvCell.harmless(mark.name());
    }

    /** A goal of an attempt a line. */
    static String attempts(Book book, ZoneId zone) {
        return CsvTable.forSpreadsheets(csv -> {
            csv.writeRecord(
                    "student_id",
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
                row.student().id().toString(),
                CsvCell.harmless(row.student().name()),
                LocalDate.ofInstant(goal.received(), zone).toString(),
                CsvCell.harmless(given.work().title()),
                goal.kind(),
                goal.goal().label(),
                String.valueOf(goal.level().ordinal()),
                goal.figure() == null ? "" : CsvTable.number(goal.figure(), 3),
                goal.plusMinus() == null ? "" : CsvTable.number(goal.plusMinus(), 3),
                goal.goal().unit(),
                goal.cause() == null ? "" : goal.cause().sign(),
                goal.field() == null ? "" : CsvCell.harmless(goal.field()));
    }
}
