package grastel.core.media.colourfile;

import grastel.core.media.colourfile.ColourFileProblem.Code;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A file of colour measurements, read whole: CGATS.17 text (ISO 28178), CSV with a head row, or a palette of sRGB colours. Problems are collected with
 * their lines; where there is one, no sample counts.
 *
 * @param samples in the order of the file
 * @param problems what is wrong
 */
public record ColourFile(List<ColourSample> samples, List<ColourFileProblem> problems) {
    public static final int MOST_BYTES = 2_000_000;
    public static final int MOST_SAMPLES = 500;
    private static final int MOST_PROBLEMS = 50;

    public ColourFile {
        samples = List.copyOf(samples);
        problems = problems.stream().limit(MOST_PROBLEMS).toList();
    }

    /** Never throws for what is in the file: what cannot be read is among the problems. */
    public static ColourFile read(byte[] file) {
        if (file.length > MOST_BYTES) {
            return refused(Code.TOO_LARGE, String.valueOf(file.length));
        }
        return FileText.of(file).map(t -> read(t.text())).orElseGet(() -> refused(Code.NOT_TEXT, ""));
    }

    private static ColourFile read(String plain) {
        if (plain.startsWith(PaletteReader.HEAD)) {
            return checked(PaletteReader.read(plain));
        }
        ColourTable table = plain.toUpperCase(Locale.ROOT).contains("BEGIN_DATA_FORMAT")
                ? CgatsReader.read(plain)
                : CsvTable.read(plain);
        return checked(table.problems().isEmpty() ? table.samples() : table.refused());
    }

    private static ColourFile checked(ColourFile read) {
        if (!read.problems.isEmpty()) {
            return read;
        }
        if (read.samples.isEmpty()) {
            return refused(Code.NO_DATA, "");
        }
        if (read.samples.size() > MOST_SAMPLES) {
            return refused(Code.TOO_MANY, String.valueOf(read.samples.size()));
        }
        Map<String, Integer> seen = new HashMap<>();
        for (ColourSample sample : read.samples) {
            if (seen.merge(sample.code(), 1, Integer::sum) > 1) {
                return refused(Code.NAME_TWICE, sample.code());
            }
        }
        return read;
    }

    static ColourFile refused(Code code, String detail) {
        return new ColourFile(List.of(), List.of(new ColourFileProblem(0, code, detail)));
    }
}
