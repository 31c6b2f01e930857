package grastel.core.media.colourfile;

import grastel.core.colour.ChromaticAdaptation;
import grastel.core.colour.Illuminant;
import grastel.core.colour.Lab;
import grastel.core.colour.ReferenceWhite;
import grastel.core.colour.Spectrum;
import grastel.core.colour.Xyz;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Rows under named columns, however the file wrote them, and what they mean as colours.
 *
 * @param light that L*a*b* and XYZ are under
 * @param otherLight why they cannot be taken, or null; spectra can
 */
record ColourTable(
        List<String> columns,
        List<Row> rows,
        Illuminant light,
        @Nullable ColourFileProblem otherLight,
        List<ColourFileProblem> problems) {
    private static final Pattern WAVELENGTH =
            Pattern.compile("(?:SPECTRAL_NM_?|SPECTRAL_|SPEC_?|NM_?|R_)?(\\d{3})(?:NM)?");
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CODE = 20;
    /** Reflectances are factors up to this; a file in per cent has larger values. */
    private static final double LARGEST_FACTOR = 1.2;

    private static final double PERCENT = 100;
    private static final double BRIGHTEST = 120;
    private static final int FEWEST_BANDS = 10;

    record Row(int line, List<String> cells) {}

    static ColourTable broken(ColourFileProblem problem) {
        return new ColourTable(List.of(), List.of(), Illuminant.D65, null, List.of(problem));
    }

    ColourFile refused() {
        return new ColourFile(List.of(), problems);
    }

    ColourFile samples() {
        int code = column("SAMPLE_ID", "CODE", "SAMPLE_NAME", "NAME");
        int name = column("SAMPLE_NAME", "NAME", "SAMPLE_ID", "CODE");
        Map<Integer, Integer> bands = bands();
        int[] lab = {column("LAB_L", "L", "L*"), column("LAB_A", "A", "A*"), column("LAB_B", "B", "B*")};
        int[] xyz = {column("XYZ_X", "X"), column("XYZ_Y", "Y"), column("XYZ_Z", "Z")};
        boolean hasLab = isWhole(lab);
        boolean hasBands = bands.size() >= FEWEST_BANDS;
        if (!hasBands && !hasLab && !isWhole(xyz)) {
            return ColourFile.refused(Code.NO_COLOUR_COLUMNS, String.join(" ", columns));
        }
        if (!hasBands && otherLight != null) {
            return new ColourFile(List.of(), List.of(otherLight));
        }
        List<ColourSample> samples = new ArrayList<>();
        List<ColourFileProblem> wrong = new ArrayList<>();
        double scale = hasBands ? scale(bands, hasLab ? lab[0] : -1) : 1;
        for (Row row : rows) {
            if (row.cells().size() != columns.size()) {
                wrong.add(new ColourFileProblem(
                        row.line(), Code.WRONG_COUNT, row.cells().size() + " / " + columns.size()));
                continue;
            }
            Reader reader = new Reader(row, wrong);
            String codeWord = reader.word(code, LONGEST_CODE);
            String nameWord = reader.word(name, LONGEST_NAME);
            Optional<Spectrum> spectrum = hasBands ? reader.spectrum(bands, scale) : Optional.<Spectrum>empty();
            Optional<Lab> colour = hasBands
                    ? spectrum.map(Spectrum::toLab)
                    : hasLab ? reader.lab(lab, light.white()) : reader.xyz(xyz, light.white());
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

    private static boolean isWhole(int[] columns) {
        return Arrays.stream(columns).allMatch(c -> c >= 0);
    }

    /**
     * What reflectances are to be divided by. Where all are small, they are factors of light colours or per cents of dark ones:
     * L* tells, if the file has it.
     */
    private double scale(Map<Integer, Integer> bands, int lightness) {
        List<double[]> means = new ArrayList<>();
        double largest = 0;
        for (Row row : rows) {
            double[] r = bands.values().stream()
                    .mapToDouble(c -> value(row, c))
                    .filter(v -> !Double.isNaN(v))
                    .toArray();
            largest = Math.max(largest, Arrays.stream(r).max().orElse(0));
            double l = lightness < 0 ? Double.NaN : value(row, lightness);
            if (!Double.isNaN(l) && r.length > 0) {
                means.add(new double[] {Arrays.stream(r).average().orElseThrow(), l});
            }
        }
        if (largest > LARGEST_FACTOR) {
            return PERCENT;
        }
        return off(means, PERCENT) < off(means, 1) ? PERCENT : 1;
    }

    private static double off(List<double[]> means, double scale) {
        return means.stream()
                .mapToDouble(m -> Math.abs(Lab.lightnessOf(Math.min(1, m[0] / scale)) - m[1]))
                .sum();
    }

    private static double value(Row row, int column) {
        return column < row.cells().size() ? number(row.cells().get(column)) : Double.NaN;
    }

    /** With a point or a comma; NaN for what is no number. */
    private static double number(String word) {
        try {
            return Double.parseDouble(word.strip().replace(',', '.').toLowerCase(Locale.ROOT));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /** Reads one row and says what is wrong in it. */
    private record Reader(Row row, List<ColourFileProblem> wrong) {
        @Nullable
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
            bands.forEach((nm, column) -> measured.put(nm, number(column, 0, LARGEST_FACTOR * scale) / scale));
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

        /** Y = 100 for the perfect diffuser. */
        Optional<Lab> xyz(int[] columns, ReferenceWhite white) {
            double x = number(columns[0], 0, BRIGHTEST) / PERCENT;
            double y = number(columns[1], 0, BRIGHTEST) / PERCENT;
            double z = number(columns[2], 0, BRIGHTEST) / PERCENT;
            return Double.isNaN(x + y + z)
                    ? Optional.empty()
                    : Optional.of(ChromaticAdaptation.adapt(Lab.of(new Xyz(x, y, z), white), ReferenceWhite.D65));
        }

        private double number(int column, double least, double most) {
            String word = row.cells().get(column).strip();
            double value = ColourTable.number(word);
            if (value >= least && value <= most) {
                return value;
            }
            Code code = Double.isNaN(value) ? Code.NOT_A_NUMBER : Code.OUT_OF_RANGE;
            wrong.add(new ColourFileProblem(row.line(), code, word));
            return Double.NaN;
        }
    }
}
