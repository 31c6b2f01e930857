package grastel.core.media.colourfile;

import grastel.core.colour.Srgb;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A palette as {@link ColourFileWriter#palette} writes it: three sRGB codes and a name a line, the code the name's first word. */
final class PaletteReader {
    static final String HEAD = "GIMP Palette";
    private static final Pattern ENTRY = Pattern.compile("\\s*(\\d{1,3})\\s+(\\d{1,3})\\s+(\\d{1,3})\\s*(.*)");
    private static final Pattern SAID = Pattern.compile("(Name|Columns|Channels):.*");
    private static final int LARGEST = 255;
    private static final int LONGEST_CODE = 20;
    private static final int LONGEST_NAME = 80;

    private PaletteReader() {}

    static ColourFile read(String text) {
        List<ColourSample> samples = new ArrayList<>();
        List<ColourFileProblem> wrong = new ArrayList<>();
        int number = 0;
        for (String line : (Iterable<String>) text.lines()::iterator) {
            number++;
            if (number > 1
                    && !line.isBlank()
                    && !line.startsWith("#")
                    && !SAID.matcher(line).matches()) {
                Matcher entry = ENTRY.matcher(line);
                if (entry.matches()) {
                    sample(entry, number, samples, wrong);
                } else {
                    wrong.add(new ColourFileProblem(number, Code.NOT_A_NUMBER, line.strip()));
                }
            }
        }
        return new ColourFile(wrong.isEmpty() ? samples : List.of(), wrong);
    }

    private static void sample(Matcher entry, int line, List<ColourSample> samples, List<ColourFileProblem> wrong) {
        int[] codes = new int[3];
        for (int c = 0; c < codes.length; c++) {
            codes[c] = Integer.parseInt(entry.group(c + 1));
            if (codes[c] > LARGEST) {
                wrong.add(new ColourFileProblem(line, Code.OUT_OF_RANGE, entry.group(c + 1)));
                return;
            }
        }
        String words = entry.group(4).strip();
        if (words.isEmpty()) {
            wrong.add(new ColourFileProblem(line, Code.NAME_MISSING, ""));
            return;
        }
        String[] parts = words.split("\\s+", 2);
        String name = parts.length == 2 ? parts[1] : words;
        samples.add(new ColourSample(
                cut(parts[0], LONGEST_CODE),
                cut(name, LONGEST_NAME),
                Optional.empty(),
                new Srgb(codes[0], codes[1], codes[2]).toLab()));
    }

    private static String cut(String words, int longest) {
        return words.length() > longest ? words.substring(0, longest) : words;
    }
}
