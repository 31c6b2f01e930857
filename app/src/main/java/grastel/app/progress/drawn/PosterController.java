package grastel.app.progress.drawn;

import grastel.app.platform.paper.PdfAnswer;
import grastel.app.progress.drawn.Poster.Format;
import grastel.app.progress.drawn.Posters.Labels;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Walls to hang up. */
@RestController
@RequestMapping("/api/progress")
class PosterController {
    private final Posters posters;

    PosterController(Posters posters) {
        this.posters = posters;
    }

    /** The newest picture of each student in each skill; without levels. */
    @GetMapping(path = "/classes/{id}/poster.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> ofClass(@PathVariable UUID id, @RequestParam Format format, @RequestParam Labels labels) {
        return PdfAnswer.of(posters.ofClass(id, labels).pdf(format), "wall.pdf");
    }

    /** Every field of a printing as each student drew it; without levels. */
    @GetMapping(path = "/runs/{id}/poster.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> ofRun(@PathVariable UUID id, @RequestParam Format format, @RequestParam Labels labels) {
        return PdfAnswer.of(posters.ofRun(id, labels).pdf(format), "wall.pdf");
    }
}
