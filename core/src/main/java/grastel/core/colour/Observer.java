package grastel.core.colour;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import grastel.core.checks.Require;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * CIE 1931 2° observer under an illuminant as weights on the 36 samples of a {@link Spectrum}. The sums at 10 nm are
 * scaled per channel (by under 0.2 %) so that the perfect diffuser is exactly the illuminant's white.
 */
final class Observer {
    private static final Map<Illuminant, Observer> ALL = all();
    static final Observer D65 = of(Illuminant.D65);

    /** Weights [channel X, Y, Z][sample]; XYZ is the product with a reflectance. */
    private final double[][] weights;

    private Observer(double[][] weights) {
        this.weights = weights;
    }

    static Observer of(Illuminant illuminant) {
        return Require.key(ALL, illuminant);
    }

    Xyz xyzOf(double[] reflectance) {
        return new Xyz(dot(weights[0], reflectance), dot(weights[1], reflectance), dot(weights[2], reflectance));
    }

    double weight(int channel, int sample) {
        return weights[channel][sample];
    }

    private static double dot(double[] weights, double[] reflectance) {
        double sum = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            sum += weights[i] * reflectance[i];
        }
        return sum;
    }

    private static Map<Illuminant, Observer> all() {
        List<NamedCsvRecord> rows = table();
        Map<Illuminant, Observer> all = new EnumMap<>(Illuminant.class);
        for (Illuminant light : Illuminant.values()) {
            ReferenceWhite white = light.white();
            all.put(light, new Observer(new double[][] {
                channel(rows, "x", light, white.x()),
                channel(rows, "y", light, white.y()),
                channel(rows, "z", light, white.z())
            }));
        }
        return all;
    }

    private static double[] channel(List<NamedCsvRecord> rows, String name, Illuminant light, double whiteSum) {
        double[] raw = rows.stream()
                .mapToDouble(r -> number(r, name) * number(r, light.column()))
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
        var in = Objects.requireNonNull(Observer.class.getResourceAsStream("/grastel/core/colour/observer-1931.csv"));
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .ofNamedCsvRecord(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return csv.stream().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
