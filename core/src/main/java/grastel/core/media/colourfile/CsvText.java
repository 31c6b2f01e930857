package grastel.core.media.colourfile;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A spreadsheet's text and what stands between its cells: what a first line {@code sep=;} says, else a tab or a semicolon where
 * the first line has one, else a comma.
 *
 * @param table the text from its first row on
 * @param separator one character
 * @param linesBefore the table
 */
public record CsvText(String table, String separator, int linesBefore) {
    private static final Pattern SAID = Pattern.compile("(?i)\"?sep=(.)\"?\\R");

    public static CsvText of(String text) {
        Matcher said = SAID.matcher(text);
        if (said.lookingAt()) {
            return new CsvText(text.substring(said.end()), said.group(1), 1);
        }
        String first = text.lines().findFirst().orElse("");
        return new CsvText(
                text, Stream.of("\t", ";").filter(first::contains).findFirst().orElse(","), 0);
    }
}
