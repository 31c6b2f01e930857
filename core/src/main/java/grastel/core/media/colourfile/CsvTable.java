package grastel.core.media.colourfile;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import grastel.core.colour.Illuminant;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import grastel.core.media.colourfile.ColourTable.Row;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;

/** CSV with a head row: code, name, and L, a, b (under D65) or wavelengths in nm. */
final class CsvTable {
    private CsvTable() {}

    static ColourTable read(String text) {
        CsvText csvText = CsvText.of(text);
        try (CsvReader<CsvRecord> csv = CsvReader.builder()
                .fieldSeparator(csvText.separator())
                .skipEmptyLines(true)
                .allowUnclosedQuote(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(csvText.table())) {
            List<CsvRecord> all = csv.stream().toList();
            if (all.size() < 2) {
                return ColourTable.broken(new ColourFileProblem(0, Code.NO_DATA, ""));
            }
            List<String> columns = all.get(0).getFields().stream()
                    .map(c -> c.strip().toUpperCase(Locale.ROOT))
                    .toList();
            List<Row> rows = all.stream()
                    .skip(1)
                    .map(r -> new Row(
                            (int) r.getStartingLineNumber() + csvText.linesBefore(),
                            r.getFields().stream().map(CsvCell::original).toList()))
                    .toList();
            return new ColourTable(columns, rows, Illuminant.D65, null, List.of());
        } catch (CsvParseException e) {
            return ColourTable.broken(new ColourFileProblem(0, Code.UNKNOWN_FORMAT, "\""));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
