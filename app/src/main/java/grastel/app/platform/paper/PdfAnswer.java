package grastel.app.platform.paper;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A document as a browser shows it. */
public final class PdfAnswer {
    private PdfAnswer() {}

    /** @param name of the file where it is kept */
    public static ResponseEntity<byte[]> of(byte[] document, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(document);
    }
}
