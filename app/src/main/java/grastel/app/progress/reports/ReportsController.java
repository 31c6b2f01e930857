package grastel.app.progress.reports;

import grastel.app.platform.paper.PdfAnswer;
import grastel.app.progress.reports.Reports.Draft;
import grastel.app.progress.reports.Reports.Seen;
import grastel.app.progress.reports.Reports.Wanted;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/progress/classes/{id}")
class ReportsController {
    private final Reports reports;

    ReportsController(Reports reports) {
        this.reports = reports;
    }

    /** A field as it was drawn. @param read which reading its picture belongs to */
    record DrawnView(
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull String field,
            @NotNull Instant received) {
        static @Nullable DrawnView of(@Nullable Seen seen) {
            return seen == null
                    ? null
                    : new DrawnView(
                            seen.of().weakest().page(),
                            seen.read(),
                            seen.of().weakest().field(),
                            seen.of().received());
        }
    }

    /** Proposed words. @param first then and latest now of what grew most; both null where nothing can be shown */
    record ReportDraftView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull String secure,
            @NotNull String grew,
            @NotNull String next,
            @Nullable DrawnView first,
            @Nullable DrawnView latest) {
        static ReportDraftView of(Draft d) {
            return new ReportDraftView(
                    d.student().id(),
                    d.student().name(),
                    d.secure(),
                    d.grew(),
                    d.next(),
                    DrawnView.of(d.first()),
                    DrawnView.of(d.latest()));
        }
    }

    /** Words as a teacher wants them; an empty one is left out of the page. */
    record ReportRequest(
            @NotNull UUID student,
            @NotNull @Size(max = 900) String secure,
            @NotNull @Size(max = 900) String grew,
            @NotNull @Size(max = 900) String next) {
        Wanted wanted() {
            return new Wanted(student, secure, grew, next);
        }
    }

    /** @param named false for numbers in place of names */
    record ReportsRequest(
            @NotNull Boolean named,
            @NotNull @Size(min = 1, max = 60) List<@NotNull @Valid ReportRequest> reports) {}

    /** What would be said of each student who has something confirmed. */
    @GetMapping("/reports")
    List<ReportDraftView> drafts(@PathVariable UUID id) {
        return reports.drafts(id).stream().map(ReportDraftView::of).toList();
    }

    /** A page for each student. */
    @PostMapping(path = "/reports.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @Valid @RequestBody ReportsRequest request) {
        return PdfAnswer.of(
                reports.pdf(
                        id,
                        request.reports().stream().map(ReportRequest::wanted).toList(),
                        request.named()),
                "reports.pdf");
    }

    /** A page on the class, for its teacher. */
    @GetMapping(path = "/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> ofClass(@PathVariable UUID id) {
        return PdfAnswer.of(reports.ofClass(id), "class.pdf");
    }
}
