package grastel.app.course.screen;

import grastel.app.course.paper.CoursePapers;
import grastel.app.course.rota.RotaViews.RotaView;
import grastel.app.platform.paper.PdfAnswer;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What of a course is printed, and who takes which pencil when. */
@RestController
@RequestMapping("/api/courses/{schoolClass}")
class PaperController {
    private final CoursePapers papers;

    PaperController(CoursePapers papers) {
        this.papers = papers;
    }

    /** The term on a page. */
    @GetMapping(path = "/term.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> term(@PathVariable UUID schoolClass) {
        return PdfAnswer.of(papers.term(schoolClass), "term.pdf");
    }

    /** A lesson's plan. */
    @GetMapping(path = "/lessons/{lesson}/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> plan(@PathVariable UUID schoolClass, @PathVariable String lesson) {
        return PdfAnswer.of(papers.plan(schoolClass, lesson), "lesson.pdf");
    }

    /** Who takes which part of a lesson when. @param period only what is done of it there; all of it where left out */
    @GetMapping("/lessons/{lesson}/rota")
    RotaView rota(
            @PathVariable UUID schoolClass,
            @PathVariable String lesson,
            @RequestParam(required = false) LocalDateTime period) {
        return papers.rota(schoolClass, lesson, period);
    }

    /** The same as cards for the tables. */
    @GetMapping(path = "/lessons/{lesson}/rota.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @PathVariable UUID schoolClass,
            @PathVariable String lesson,
            @RequestParam(required = false) LocalDateTime period) {
        return PdfAnswer.of(papers.cards(schoolClass, lesson, period), "rota.pdf");
    }
}
