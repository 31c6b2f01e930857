package grastel.core.media.colourfile;

import grastel.core.colour.ChromaticAdaptation;
import grastel.core.colour.Illuminant;
import grastel.core.colour.Lab;
import grastel.core.colour.ReferenceWhite;
import grastel.core.colour.Spectrum;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Rows under named columns, however the file wrote them, and what they mean as colours. */
record ColourTable(List<String> columns, List<Row> rows, Illuminant light, List<ColourFileProblem> problems) {
    private static final Pattern WAVELENGTH = Pattern.compile("(?:SPECTRAL_NM_?|SPECTRAL_|NM_?|R_)?(\\d{3})(?:NM)?");
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CODE = 20;
    /** Reflectances are factors; a file in per cent has values over this. */
    private static final double PERCENT_FROM = 2;

    record Row(int line, List<String> cells) {}

    static ColourTable broken(ColourFileProblem problem) {
        return new ColourTable(List.of(), List.of(), Illuminant.D65, List.of(problem));
    }

    ColourFile refused() {
        return new ColourFile(List.of(), problems);
    }

    ColourFile samples() {
        int code = column("SAMPLE_ID", "CODE", "SAMPLE_NAME", "NAME");
        int name = column("SAMPLE_NAME", "NAME", "SAMPLE_ID", "CODE");
        Map<Integer, Integer> bands = bands();
        int[] lab = {column("LAB_L", "L", "L*"), column("LAB_A", "A", "A*"), column("LAB_B", "B", "B*")};
        boolean hasLab = lab[0] >= 0 && lab[1] >= 0 && lab[2] >= 0;
        if (bands.size() < 10 && !hasLab) {
            return ColourFile.refused(Code.NO_COLOUR_COLUMNS, String.join(" ", columns));
        }
        List<ColourSample> samples = new ArrayList<>();
        List<ColourFileProblem> wrong = new ArrayList<>();
        double scale = bands.size() >= 10 && largest(bands) > PERCENT_FROM ? 100 : 1;
        for (Row row : rows) {
            if (row.cells().size() != columns.size()) {
                wrong.add(new ColourFileProblem(
                        row.line(), Code.WRONG_COUNT, row.cells().size() + " / " + columns.size()));
                continue;
            }
            Reader reader = new Reader(row, wrong);
            String codeWord = reader.word(code, LONGEST_CODE);
            String nameWord = reader.word(name, LONGEST_NAME);
            Optional<Spectrum> spectrum =
                    bands.size() >= 10 ? reader.spectrum(bands, scale) : Optional.<Spectrum>empty();
            Optional<Lab> colour =
                    spectrum.map(Spectrum::toLab).or(() -> hasLab ? reader.lab(lab, light.white()) : Optional.empty());
            if (codeWord != null && nameWord != null) {
                colour.ifPresent(c -> samples.add(new ColourSample(codeWord, nameWord, spectrum, c)));
            }
        }
        return new ColourFile(wrong.isEmpty() ? samples : List.of(), wrong);
    }

    private int column(String... names) {
        for (String name : names) {
            int at = columns.indexOf(name);
            if (at >= 0) {
                return at;
            }
        }
        return -1;
    }

    /** Column of each wavelength in nm. */
    private Map<Integer, Integer> bands() {
        Map<Integer, Integer> bands = new TreeMap<>();
        for (int i = 0; i < columns.size(); i++) {
            Matcher m = WAVELENGTH.matcher(columns.get(i));
            if (m.matches()) {
                bands.put(Integer.parseInt(m.group(1)), i);
            }
        }
        return bands;
    }

    private double largest(Map<Integer, Integer> bands) {
        double largest = 0;
        for (Row row : rows) {
            for (int column : bands.values()) {
                if (column < row.cells().size()) {
                    try {
                        largest =
                                Math.max(largest, Double.parseDouble(row.cells().get(column)));
                    } catch (NumberFormatException e) {
                        // said when the row itself is read
                    }
                }
            }
        }
        return largest;
    }

    /** Reads one row and says what is wrong in it. */
    private record Reader(Row row, List<ColourFileProblem> wrong) {
        String word(int column, int longest) {
            String word = column < 0 ? "" : row.cells().get(column).strip();
            if (word.isEmpty()) {
                wrong.add(new ColourFileProblem(row.line(), Code.NAME_MISSING, ""));
                return null;
            }
            return word.length() > longest ? word.substring(0, longest) : word;
        }

        Optional<Lab> lab(int[] columns, ReferenceWhite white) {
            double l = number(columns[0], 0, 100);
            double a = number(columns[1], -150, 150);
            double b = number(columns[2], -150, 150);
            return Double.isNaN(l + a + b)
                    ? Optional.empty()
                    : Optional.of(ChromaticAdaptation.adapt(new Lab(l, a, b, white), ReferenceWhite.D65));
        }

        /** On the 36 samples of a spectrum: straight lines between bands, level beyond the ends. */
        Optional<Spectrum> spectrum(Map<Integer, Integer> bands, double scale) {
            TreeMap<Integer, Double> measured = new TreeMap<>();
            bands.forEach((nm, column) -> measured.put(nm, number(column, 0, 1.2 * scale) / scale));
            if (measured.values().stream().anyMatch(v -> v.isNaN())) {
                return Optional.empty();
            }
            double[] r = new double[Spectrum.SAMPLES];
            for (int i = 0; i < r.length; i++) {
                r[i] = Math.min(1, at(measured, Spectrum.FIRST_NM + Spectrum.STEP_NM * i));
            }
            return Optional.of(Spectrum.of(r));
        }

        private static double at(TreeMap<Integer, Double> measured, int nm) {
            Map.Entry<Integer, Double> low = measured.floorEntry(nm);
            Map.Entry<Integer, Double> high = measured.ceilingEntry(nm);
            if (low == null) {
                return high.getValue();
            }
            if (high == null || high.getKey().equals(low.getKey())) {
                return low.getValue();
            }
            double share = (nm - low.getKey()) / (double) (high.getKey() - low.getKey());
            return low.getValue() + share * (high.getValue() - low.getValue());
        }

        private double number(int column, double least, double most) {
            String word = row.cells().get(column).strip();
            try {
                double value = Double.parseDouble(word.replace(',', '.').toLowerCase(Locale.ROOT));
                if (value >= least && value <= most) {
                    return value;
                }
                wrong.add(new ColourFileProblem(row.line(), Code.OUT_OF_RANGE, word));
            } catch (NumberFormatException e) {
                wrong.add(new ColourFileProblem(row.line(), Code.NOT_A_NUMBER, word));
            }
            return Double.NaN;
        }
    }
}
