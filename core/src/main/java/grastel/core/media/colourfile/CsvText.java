package grastel.core.media.colourfile;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A spreadsheet's text and what stands between its cells: what a first line {@code sep=;} says, else a tab or a semicolon where
 * most of the first lines have one, else a comma.
 *
 * @param table the text from its first row on
 * @param separator one character
 * @param linesBefore the table
 */
public record CsvText(String table, String separator, int linesBefore) {
    private static final Pattern SAID = Pattern.compile("(?i)\"?sep=(.)\"?\\R");

    /** So many lines tell what stands between cells: a title above may hold a comma. */
    private static final int LOOKED_AT = 10;

    public static CsvText of(String text) {
        Matcher said = SAID.matcher(text);
        if (said.lookingAt()) {
            return new CsvText(text.substring(said.end()), said.group(1), 1);
        }
        List<String> lines =
                text.lines().filter(l -> !l.isBlank()).limit(LOOKED_AT).toList();
        return new CsvText(
                text,
                Stream.of("\t", ";")
                        .filter(separator -> lines.stream()
                                                .filter(l -> l.contains(separator))
                                                .count()
                                        * 2
                                > lines.size())
                        .findFirst()
                        .orElse(","),
                0);
    }
}
