package grastel.core.colour;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/**
 * CIE 1931 2° observer under illuminant D65 as weights on the 36 samples of a {@link Spectrum}. The sums at 10 nm are
 * scaled per channel (by under 0.1 %) so that the perfect diffuser is exactly {@link ReferenceWhite#D65}.
 */
final class Observer {
    /** Weights [channel X, Y, Z][sample]; XYZ is the product with a reflectance. */
    private static final double[][] WEIGHTS = weights();

    private Observer() {}

    static Xyz xyzOf(double[] reflectance) {
        return new Xyz(dot(WEIGHTS[0], reflectance), dot(WEIGHTS[1], reflectance), dot(WEIGHTS[2], reflectance));
    }

    static double weight(int channel, int sample) {
        return WEIGHTS[channel][sample];
    }

    private static double dot(double[] weights, double[] reflectance) {
        double sum = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            sum += weights[i] * reflectance[i];
        }
        return sum;
    }

    private static double[][] weights() {
        List<NamedCsvRecord> rows = table();
        ReferenceWhite white = ReferenceWhite.D65;
        return new double[][] {
            channel(rows, "x", white.x()), channel(rows, "y", white.y()), channel(rows, "z", white.z())
        };
    }

    private static double[] channel(List<NamedCsvRecord> rows, String name, double whiteSum) {
        double[] raw = rows.stream()
                .mapToDouble(r -> number(r, name) * number(r, "d65"))
                .toArray();
        double sum = 0;
        for (double v : raw) {
            sum += v;
        }
        for (int i = 0; i < raw.length; i++) {
            raw[i] *= whiteSum / sum;
        }
        return raw;
    }

    private static double number(NamedCsvRecord row, String column) {
        return Double.parseDouble(row.getField(column));
    }

    static List<NamedCsvRecord> table() {
        var in = Objects.requireNonNull(
                Observer.class.getResourceAsStream("/grastel/core/colour/observer-1931-d65.csv"));
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .ofNamedCsvRecord(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return csv.stream().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
