package grastel.app.platform.paper;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A table as CSV. Figures have a point and no thousands. */
public final class CsvTable {
    /** Begins a file, so that spreadsheets take its letters for what they are. */
    private static final String UTF_8 = "\ufeff";

    private CsvTable() {}

    /** What writes the rows; cells that a spreadsheet would run as a formula it makes harmless. */
    public interface Rows {
        void to(CsvWriter csv);
    }

    public static String forSpreadsheets(Rows rows) {
        return UTF_8 + plain(rows);
    }

    /** Without a mark at its beginning. */
    public static String plain(Rows rows) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(out)) {
            rows.to(csv);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    public static ResponseEntity<byte[]> download(String name, Rows rows) {
        return download(
                name,
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                forSpreadsheets(rows).getBytes(StandardCharsets.UTF_8));
    }

    public static ResponseEntity<byte[]> download(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(content);
    }

    public static String number(double value, int digits) {
        return String.format(Locale.ROOT, "%." + digits + "f", value);
    }
}
