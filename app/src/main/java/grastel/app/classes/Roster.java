package grastel.app.classes;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import grastel.app.platform.ApiProblem.FieldProblem;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A class list as pasted or uploaded: one student a line, or CSV with a column of names (a head row with "name", or "first
 * name" and "last name", is understood). Problems are collected with their line, and nothing is taken while there is one.
 *
 * @param names in the order of the list
 * @param problems what is wrong, path {@code lines[n]}, n counted from 1
 * @param notes what was passed over without harm, for example empty lines
 */
record Roster(List<String> names, List<FieldProblem> problems, List<String> notes) {
    static final int LONGEST_NAME = 120;
    static final int MOST_STUDENTS = 60;
    /** A spreadsheet would run a cell that begins with one of these. */
    private static final String FORMULA_STARTS = "=+-@";

    Roster {
        names = List.copyOf(names);
        problems = List.copyOf(problems);
        notes = List.copyOf(notes);
    }

    /** A file of unknown encoding: UTF-8 (with or without mark) or UTF-16 with mark; others are refused with a hint. */
    static Roster ofFile(byte[] file) {
        Charset charset = StandardCharsets.UTF_8;
        if (file.length >= 2
                && ((file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe
                        || (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff)) {
            charset = StandardCharsets.UTF_16;
        }
        try {
            return of(charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString());
        } catch (CharacterCodingException e) {
            return refused(
                    "ENCODING",
                    "The file is not UTF-8. In the spreadsheet choose “CSV UTF-8” when saving, or paste the names.");
        }
    }

    static Roster of(String text) {
        String plain = text.startsWith("\ufeff") ? text.substring(1) : text;
        if (plain.indexOf('\0') >= 0) {
            return refused("NOT_TEXT", "This is not a text file.");
        }
        try (CsvReader<CsvRecord> csv = CsvReader.builder()
                .fieldSeparator(separator(plain))
                .skipEmptyLines(false)
                .allowUnclosedQuote(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(plain)) {
            return read(csv.stream().toList());
        } catch (CsvParseException e) {
            return refused("BROKEN_QUOTES", "A quotation mark is opened and not closed.");
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Roster refused(String code, String message) {
        return new Roster(List.of(), List.of(new FieldProblem("file", code, message)), List.of());
    }

    /** The separator that stands most often in the first line; pasted names may hold a single comma ("Silva, Ana"). */
    private static String separator(String text) {
        String first = text.lines().findFirst().orElse("");
        for (String candidate : List.of("\t", ";")) {
            if (first.contains(candidate)) {
                return candidate;
            }
        }
        return ",";
    }

    private static Roster read(List<CsvRecord> rows) {
        List<String> names = new ArrayList<>();
        List<FieldProblem> problems = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Map<String, Long> seen = new HashMap<>();
        int[] columns = {-1, -1};
        boolean first = true;
        for (CsvRecord row : rows) {
            long line = row.getStartingLineNumber();
            if (first && isHead(row, columns)) {
                first = false;
                continue;
            }
            first = false;
            String name = nameOf(row, columns);
            if (name.isBlank()) {
                notes.add("Line " + line + " is empty and was passed over.");
                continue;
            }
            String problem = problemOf(name);
            Long before = seen.putIfAbsent(name.toLowerCase(Locale.ROOT), line);
            if (problem != null) {
                problems.add(new FieldProblem("lines[" + line + "]", problem, message(problem, line, name)));
            } else if (before != null) {
                problems.add(new FieldProblem(
                        "lines[" + line + "]",
                        "DUPLICATE",
                        "Line " + line + " repeats line " + before
                                + ". Add something to tell the two apart, or remove one."));
            } else {
                names.add(name);
            }
        }
        if (names.size() > MOST_STUDENTS) {
            problems.add(new FieldProblem(
                    "lines",
                    "TOO_MANY",
                    "A class has at most " + MOST_STUDENTS + " students; the list has " + names.size() + "."));
        }
        if (names.isEmpty() && problems.isEmpty()) {
            problems.add(new FieldProblem("lines", "EMPTY", "The list has no names."));
        }
        return new Roster(problems.isEmpty() ? names : List.of(), problems, notes);
    }

    /** Finds the columns of a head row; false if the row is a student. */
    private static boolean isHead(CsvRecord row, int[] columns) {
        for (int i = 0; i < row.getFieldCount(); i++) {
            switch (row.getField(i).strip().toLowerCase(Locale.ROOT)) {
                case "name", "student", "full name", "student name" -> {
                    columns[0] = i;
                    return true;
                }
                case "first name", "firstname", "given name", "givenname" -> columns[0] = i;
                case "last name", "lastname", "surname", "family name", "familyname" -> columns[1] = i;
                default -> {
                    // other columns are not needed and not kept
                }
            }
        }
        return columns[0] >= 0 && columns[1] >= 0;
    }

    private static String nameOf(CsvRecord row, int[] columns) {
        if (columns[0] >= 0) {
            String last = columns[1] >= 0 ? " " + field(row, columns[1]) : "";
            return (field(row, columns[0]) + last).strip();
        }
        return (row.getFieldCount() == 2 ? field(row, 1) + " " + field(row, 0) : field(row, 0)).strip();
    }

    private static String field(CsvRecord row, int i) {
        return i < row.getFieldCount() ? row.getField(i).strip() : "";
    }

    private static String problemOf(String name) {
        if (name.length() > LONGEST_NAME) {
            return "TOO_LONG";
        }
        if (FORMULA_STARTS.indexOf(name.charAt(0)) >= 0) {
            return "FORMULA";
        }
        return name.chars().anyMatch(Character::isISOControl) ? "CONTROL_CHARACTER" : null;
    }

    private static String message(String problem, long line, String name) {
        return switch (problem) {
            case "TOO_LONG" ->
                "Line " + line + " has " + name.length() + " characters; a name has at most " + LONGEST_NAME + ".";
            case "FORMULA" -> "Line " + line + " begins like a spreadsheet formula (" + name.charAt(0) + ").";
            default -> "Line " + line + " holds a control character.";
        };
    }
}
