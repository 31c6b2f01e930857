package grastel.core.media.colourfile;

import grastel.core.colour.Illuminant;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import grastel.core.media.colourfile.ColourTable.Row;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * CGATS.17 keyword text: a data format, then a table of data. L*a*b* and XYZ are under D50 for the 2° observer unless the file
 * says otherwise.
 */
final class CgatsReader {
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");

    private static final Pattern LIGHT = Pattern.compile("ILLUMINANT[\"\\s,:_]+([A-Z]+\\d*)");
    private static final Pattern OBSERVER = Pattern.compile("OBSERVER[\"\\s,:_]+(\\d+)");
    private static final Pattern SETS = Pattern.compile("NUMBER_OF_SETS\\s+\"?(\\d{1,6})");
    private static final String USUAL_OBSERVER = "2";

    private CgatsReader() {}

    static ColourTable read(String text) {
        List<String> columns = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        Illuminant light = Illuminant.D50;
        ColourFileProblem otherLight = null;
        int sets = -1;
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
                    } else {
                        Optional<String> named = said(LIGHT, upper);
                        Optional<Illuminant> known = named.flatMap(CgatsReader::illuminant);
                        light = known.orElse(light);
                        if (named.isPresent() && known.isEmpty()) {
                            otherLight = new ColourFileProblem(number, Code.OTHER_LIGHT, named.get());
                        }
                        Optional<String> observer = said(OBSERVER, upper).filter(o -> !o.equals(USUAL_OBSERVER));
                        if (observer.isPresent()) {
                            otherLight = new ColourFileProblem(number, Code.OTHER_OBSERVER, observer.get());
                        }
                        sets = said(SETS, upper).map(Integer::parseInt).orElse(sets);
                    }
                }
            }
        }
        if (!ended) {
            return ColourTable.broken(new ColourFileProblem(number, Code.NO_DATA, "END_DATA"));
        }
        if (sets >= 0 && sets != rows.size()) {
            return ColourTable.broken(new ColourFileProblem(0, Code.OTHER_COUNT, rows.size() + " / " + sets));
        }
        return new ColourTable(columns, rows, light, otherLight, List.of());
    }

    private static Optional<String> said(Pattern what, String line) {
        Matcher m = what.matcher(line);
        return m.find() ? Optional.of(m.group(1)) : Optional.empty();
    }

    private static Optional<Illuminant> illuminant(String name) {
        return Arrays.stream(Illuminant.values())
                .filter(i -> i.name().equals(name))
                .findFirst();
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
