package grastel.core.media.colourfile;

import grastel.core.colour.Illuminant;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import grastel.core.media.colourfile.ColourTable.Row;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** CGATS.17 keyword text: a data format, then a table of data. L*a*b* is under D50 unless a weighting function says D65. */
final class CgatsReader {
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");

    private CgatsReader() {}

    static ColourTable read(String text) {
        List<String> columns = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        Illuminant light = Illuminant.D50;
        boolean inFormat = false;
        boolean inData = false;
        boolean ended = false;
        int number = 0;
        for (String raw : (Iterable<String>) text.lines()::iterator) {
            number++;
            String line = raw.strip();
            String upper = line.toUpperCase(Locale.ROOT);
            if (line.isEmpty() || line.startsWith("#") || ended) {
                continue;
            }
            switch (upper) {
                case "BEGIN_DATA_FORMAT" -> inFormat = true;
                case "END_DATA_FORMAT" -> inFormat = false;
                case "BEGIN_DATA" -> inData = true;
                case "END_DATA" -> ended = true;
                default -> {
                    if (inFormat) {
                        words(upper).forEach(columns::add);
                    } else if (inData) {
                        rows.add(new Row(number, words(line)));
                    } else if (upper.startsWith("WEIGHTING_FUNCTION") && upper.contains("D65")) {
                        light = Illuminant.D65;
                    }
                }
            }
        }
        if (!ended) {
            return ColourTable.broken(new ColourFileProblem(number, Code.NO_DATA, "END_DATA"));
        }
        return new ColourTable(columns, rows, light, List.of());
    }

    private static List<String> words(String line) {
        List<String> words = new ArrayList<>();
        Matcher m = WORD.matcher(line);
        while (m.find()) {
            words.add(m.group(1) != null ? m.group(1) : m.group(2));
        }
        return words;
    }
}
