package grastel.app.classes;

import static grastel.core.words.Words.say;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import grastel.app.classes.RosterColumns.Column;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.media.colourfile.CsvCell;
import grastel.core.media.colourfile.CsvText;
import grastel.core.media.colourfile.FileText;
import grastel.core.page.Typeface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A class list as pasted or uploaded: one student a line, or CSV with a head row ({@link RosterColumns}; OneRoster users.csv
 * among them), or without one, family name before given name. Rows of teachers and guardians and of those who have left are
 * passed over. Problems are collected with their line, and nothing is taken while there is one.
 *
 * @param names in the order of the list
 * @param problems what is wrong, path {@code lines[n]}, n counted from 1
 * @param notes what was passed over without harm, for example empty lines, and what wants a look
 */
record Roster(List<String> names, List<FieldProblem> problems, List<String> notes) {
    static final int LONGEST_NAME = 120;
    static final int MOST_STUDENTS = 60;
    /** Titles and dates may stand above the heads, so many lines. */
    private static final int MOST_ABOVE = 8;

    Roster {
        names = List.copyOf(names);
        problems = List.copyOf(problems);
        notes = List.copyOf(notes);
    }

    /** A file of unknown coding; where that was guessed, the names that show it are named. */
    static Roster ofFile(byte[] file) {
        return FileText.of(file)
                .map(t -> t.guessed() ? of(t.text()).withGuess() : of(t.text()))
                .orElseGet(() -> refused("NOT_TEXT", say("problem.this-is-not-a")));
    }

    private Roster withGuess() {
        List<String> accented = names.stream()
                .filter(n -> n.chars().anyMatch(c -> c > 127))
                .limit(3)
                .toList();
        List<String> more = new ArrayList<>(notes);
        if (!accented.isEmpty()) {
            more.add(0, say("problem.the-file-does-not", String.join("; ", accented)));
        }
        return new Roster(names, problems, more);
    }

    static Roster of(String text) {
        String plain = text.startsWith("\ufeff") ? text.substring(1) : text;
        if (plain.indexOf('\0') >= 0) {
            return refused("NOT_TEXT", say("problem.this-is-not-a-text"));
        }
        CsvText written = CsvText.of(plain);
        try (CsvReader<CsvRecord> csv = CsvReader.builder()
                .fieldSeparator(written.separator())
                .skipEmptyLines(false)
                .allowUnclosedQuote(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(written.table())) {
            return read(csv.stream().toList(), written.linesBefore());
        } catch (CsvParseException e) {
            return refused("BROKEN_QUOTES", say("problem.a-quotation-mark-is"));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Roster refused(String code, String message) {
        return new Roster(List.of(), List.of(new FieldProblem("file", code, message)), List.of());
    }

    private static Roster read(List<CsvRecord> all, int linesBefore) {
        int head = head(all);
        RosterColumns heads =
                head < 0 ? RosterColumns.NONE : RosterColumns.of(all.get(head)).orElse(RosterColumns.NONE);
        List<CsvRecord> rows = all.subList(head + 1, all.size());
        List<CsvRecord> filled = rows.stream().filter(r -> !isEmpty(r)).toList();
        List<Integer> columns = heads.isHeaded() ? List.of() : RosterColumns.unheaded(filled);
        if (columns.size() > 2) {
            return refused("HEADS_MISSING", say("problem.these-lines-have-columns", columns.size()));
        }
        Reading reading = new Reading(heads, columns, linesBefore);
        all.subList(0, Math.max(0, head)).forEach(reading::isAbove);
        reading.look(filled);
        rows.forEach(reading::take);
        return reading.done();
    }

    /** The row of heads; −1 where there is none. */
    private static int head(List<CsvRecord> all) {
        for (int i = 0; i < Math.min(all.size(), MOST_ABOVE + 1); i++) {
            if (RosterColumns.of(all.get(i)).isPresent()) {
                return i;
            }
        }
        return -1;
    }

    private static boolean isEmpty(CsvRecord row) {
        return row.getFields().stream().allMatch(String::isBlank);
    }

    private static String cell(CsvRecord row, int i) {
        return i < row.getFieldCount() ? row.getField(i).strip() : "";
    }

    /** Takes row by row and collects what is wrong. */
    private static final class Reading {
        private final RosterColumns heads;
        private final List<Integer> columns;
        private final int linesBefore;
        private boolean counted;
        private boolean turned;
        private final List<String> names = new ArrayList<>();
        private final List<FieldProblem> problems = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        private final Map<String, Long> seen = new HashMap<>();

        Reading(RosterColumns heads, List<Integer> columns, int linesBefore) {
            this.heads = heads;
            this.columns = columns;
            this.linesBefore = linesBefore;
        }

        /** A line above the heads. */
        void isAbove(CsvRecord row) {
            if (!isEmpty(row)) {
                notes.add(say("problem.line-above-heads", line(row)));
            }
        }

        /** How the list writes its names: what all or nearly all have in common is its habit. */
        void look(List<CsvRecord> rows) {
            List<String> written = rows.stream()
                    .map(this::nameOf)
                    .filter(n -> !n.isBlank() && !RosterName.isSum(n))
                    .toList();
            counted = !written.isEmpty() && written.stream().allMatch(RosterName::isCounted);
            turned = heads.isFamilyFirst()
                    || written.size() > 1
                            && written.stream().filter(RosterName::isTurned).count() * 10 >= written.size() * 9L;
        }

        private long line(CsvRecord row) {
            return row.getStartingLineNumber() + linesBefore;
        }

        void take(CsvRecord row) {
            long line = line(row);
            Optional<String> over = heads.passedOver(row);
            String name = nameOf(row);
            if (over.isPresent()) {
                notes.add(say("problem.line-is-and-was", line, over.get()));
            } else if (name.isBlank()) {
                notes.add(say("problem.line-is-empty-and", line));
            } else if (RosterName.isSum(name)) {
                notes.add(say("problem.line-is-and-was", line, "“" + name + "”"));
            } else {
                RosterName said = RosterName.of(name, counted, turned);
                said.done().forEach(done -> notes.add(say("problem.line-was-changed", line, said.name(), done)));
                take(said.name(), line);
            }
        }

        private void take(String name, long line) {
            String problem = problemOf(name);
            Long before = seen.putIfAbsent(name.toLowerCase(Locale.ROOT), line);
            if (problem != null) {
                problems.add(new FieldProblem("lines[" + line + "]", problem, message(problem, line, name)));
            } else if (before != null) {
                String other = twin(name);
                notes.add(say("problem.line-repeats-line", line, before, other));
                names.add(other);
            } else {
                names.add(name);
                String missing = Typeface.missing(name);
                if (!missing.isEmpty()) {
                    notes.add(say("problem.line-printed-sheets-cannot", line, missing, name));
                }
            }
        }

        /** Two students of one name are told apart by a number. */
        private String twin(String name) {
            int number = 2;
            while (seen.putIfAbsent((name + " " + number).toLowerCase(Locale.ROOT), 0L) != null) {
                number++;
            }
            return name + " " + number;
        }

        private String nameOf(CsvRecord row) {
            if (heads.isHeaded()) {
                return heads.name(row);
            }
            if (columns.size() == 2) {
                return (cell(row, columns.get(1)) + " " + cell(row, columns.get(0))).strip();
            }
            return columns.isEmpty() ? "" : cell(row, columns.get(0));
        }

        Roster done() {
            if (names.size() > MOST_STUDENTS) {
                problems.add(new FieldProblem(
                        "lines", "TOO_MANY", say("problem.a-class-has-at-most", MOST_STUDENTS, names.size())));
            }
            if (names.isEmpty() && problems.isEmpty()) {
                problems.add(new FieldProblem("lines", "EMPTY", say("problem.the-list-has-no")));
            }
            if (heads.isHeaded() && heads.has(Column.STATUS) && !heads.has(Column.ROLE)) {
                notes.add(say("problem.the-list-does-not"));
            }
            return new Roster(problems.isEmpty() ? names : List.of(), problems, notes);
        }
    }

    private static @Nullable String problemOf(String name) {
        if (name.length() > LONGEST_NAME) {
            return "TOO_LONG";
        }
        if (CsvCell.beginsLikeFormula(name)) {
            return "FORMULA";
        }
        return name.chars().anyMatch(Character::isISOControl) ? "CONTROL_CHARACTER" : null;
    }

    private static String message(String problem, long line, String name) {
        return switch (problem) {
            case "TOO_LONG" -> say("problem.line-has-characters-a", line, name.length(), LONGEST_NAME);
            case "FORMULA" -> say("problem.line-begins-like-a", line, name.charAt(0));
            default -> say("problem.line-holds-a-control", line);
        };
    }
}
