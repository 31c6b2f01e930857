package grastel.app.kit;

import grastel.core.media.Pencil;
import grastel.core.media.colourfile.ColourFileWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Masstones as a file for other programs. */
public enum ColourExport {
    CGATS("text/plain", "txt"),
    CSV("text/csv", "csv"),
    GPL("text/plain", "gpl");

    private final String type;
    private final String ending;

    ColourExport(String type, String ending) {
        this.type = type;
        this.ending = ending;
    }

    /** @param name of the file without its ending; @param title of a palette */
    public ResponseEntity<byte[]> of(List<Pencil> pencils, String name, String title) {
        String text = switch (this) {
            case CGATS -> ColourFileWriter.cgats(pencils);
            case CSV -> ColourFileWriter.csv(pencils);
            case GPL -> ColourFileWriter.palette(title, pencils);
        };
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + "." + ending)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
