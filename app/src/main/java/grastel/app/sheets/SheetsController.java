package grastel.app.sheets;

import grastel.app.sheets.SheetViews.DraftView;
import grastel.app.sheets.SheetViews.PrintRequest;
import grastel.app.sheets.SheetViews.PrintedPageView;
import grastel.app.sheets.SheetViews.RunView;
import grastel.app.sheets.SheetViews.SheetRequest;
import grastel.app.sheets.SheetViews.SheetView;
import grastel.core.exercise.GradeBand;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sheets")
class SheetsController {
    private final Sheets sheets;

    SheetsController(Sheets sheets) {
        this.sheets = sheets;
    }

    /** The page and what it asks, without keeping anything. */
    @PostMapping("/preview")
    DraftView preview(@Valid @RequestBody SheetRequest request) {
        GradeBand band = request.band() == null ? GradeBand.DEVELOPING : request.band();
        return SheetViews.of(sheets.draft(request.title(), request.parameters(), band));
    }

    @GetMapping
    List<SheetView> all() {
        return sheets.all().stream().map(SheetViews::of).toList();
    }

    @GetMapping("/{id}")
    SheetView one(@PathVariable UUID id) {
        return SheetViews.of(sheets.one(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SheetView create(@Valid @RequestBody SheetRequest request) {
        return SheetViews.of(sheets.create(request.title(), request.parameters()));
    }

    @PutMapping("/{id}")
    SheetView change(@PathVariable UUID id, @Valid @RequestBody SheetRequest request) {
        return SheetViews.of(sheets.change(id, request.title(), request.parameters()));
    }

    @PostMapping("/{id}/runs")
    @ResponseStatus(HttpStatus.CREATED)
    RunView print(@PathVariable UUID id, @Valid @RequestBody PrintRequest request) {
        return SheetViews.of(sheets.print(id, request.schoolClass()));
    }

    @GetMapping("/runs")
    List<RunView> runs() {
        return sheets.runs().stream().map(SheetViews::of).toList();
    }

    /** The pages of a run and whose they are, in the order of the class list. */
    @GetMapping("/runs/{id}/pages")
    List<PrintedPageView> pages(@PathVariable UUID id) {
        return sheets.pagesWithNames(id);
    }

    @GetMapping(path = "/runs/{id}/pages.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable UUID id) {
        String name = sheets.run(id).title() + ".pdf";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(sheets.pdf(id));
    }
}
