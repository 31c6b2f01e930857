package grastel.core.media;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The invented ranges Skerry (wax, 36) and Fathom (oil, 24), a colourless blender, and the four papers every new teacher
 * starts with.
 */
public final class ShippedKit {
    private static final List<RangePencil> PENCILS = readPencils();

    private ShippedKit() {}

    /** A shipped pencil: which range it belongs to, its colour and masstone, and its behaviour. */
    public record RangePencil(
            String range,
            String code,
            String name,
            Pencil.Binder binder,
            Lab colour,
            Spectrum masstone,
            double hiding,
            double softness,
            boolean colourless) {
        public Pencil toPencil() {
            return new Pencil(code, name, binder, masstone, hiding, softness, colourless);
        }
    }

    /** A shipped paper: its measured colour and its tooth. */
    public record StockPaper(String name, Lab ground, Tooth tooth) {
        public Paper toPaper() {
            return Paper.of(name, ground, tooth);
        }
    }

    public static List<RangePencil> pencils() {
        return PENCILS;
    }

    private static List<RangePencil> readPencils() {
        Map<String, Spectrum> measured =
                read("pencil-spectra.csv", row -> Map.entry(row.getField("code"), spectrum(row))).stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return read(
                "pencils.csv",
                row -> new RangePencil(
                        row.getField("range"),
                        row.getField("code"),
                        row.getField("name"),
                        Pencil.Binder.valueOf(row.getField("binder")),
                        lab(row),
                        measured.getOrDefault(row.getField("code"), SmoothReflectance.of(lab(row))),
                        number(row, "hiding"),
                        number(row, "softness"),
                        Boolean.parseBoolean(row.getField("colourless"))));
    }

    private static Spectrum spectrum(NamedCsvRecord row) {
        return Spectrum.of(row.getFields().stream()
                .skip(1)
                .mapToDouble(Double::parseDouble)
                .toArray());
    }

    public static List<StockPaper> papers() {
        return read(
                "papers.csv",
                row -> new StockPaper(
                        row.getField("name"), lab(row), new Tooth(number(row, "depth"), number(row, "grain_mm"))));
    }

    private static Lab lab(NamedCsvRecord row) {
        return new Lab(number(row, "L"), number(row, "a"), number(row, "b"));
    }

    private static double number(NamedCsvRecord row, String column) {
        return Double.parseDouble(row.getField(column));
    }

    private static <T> List<T> read(String file, Function<NamedCsvRecord, T> make) {
        var in = Objects.requireNonNull(ShippedKit.class.getResourceAsStream("/grastel/core/media/" + file), file);
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .commentStrategy(CommentStrategy.SKIP)
                .ofNamedCsvRecord(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return csv.stream().map(make).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
