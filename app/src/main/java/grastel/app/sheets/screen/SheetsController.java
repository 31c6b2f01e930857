package grastel.app.sheets.screen;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.decoding.Decoder;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.Revised;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.platform.paper.PdfAnswer;
import grastel.app.sheets.Printings;
import grastel.app.sheets.SheetPapers;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.planning.Planner;
import grastel.app.sheets.screen.DraftViews.DraftView;
import grastel.app.sheets.screen.DraftViews.DrawnLinesView;
import grastel.app.sheets.screen.SheetViews.ChangedSheetView;
import grastel.app.sheets.screen.SheetViews.KindView;
import grastel.app.sheets.screen.SheetViews.MethodEffectRequest;
import grastel.app.sheets.screen.SheetViews.PrintRequest;
import grastel.app.sheets.screen.SheetViews.PrintedPageView;
import grastel.app.sheets.screen.SheetViews.RunView;
import grastel.app.sheets.screen.SheetViews.SheetRequest;
import grastel.app.sheets.screen.SheetViews.SheetView;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.reading.lines.LineDrawing;
import grastel.core.reading.lines.LineDrawing.Crossing;
import grastel.core.recipe.Method;
import jakarta.validation.Valid;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/sheets")
class SheetsController {
    private static final int THOUSAND = 1000;

    private final Sheets sheets;
    private final Printings printings;
    private final SheetPapers papers;
    private final Classes classes;
    private final Planner planner;
    private final Decoder decoder;

    SheetsController(
            Sheets sheets, Printings printings, SheetPapers papers, Classes classes, Planner planner, Decoder decoder) {
        this.decoder = decoder;
        this.sheets = sheets;
        this.printings = printings;
        this.papers = papers;
        this.classes = classes;
        this.planner = planner;
    }

    /** All kinds of exercise, in the order they are taught. */
    @GetMapping("/kinds")
    List<KindView> kinds() {
        return ExerciseKinds.all().stream().map(KindView::of).toList();
    }

    /** The pages and what they ask, without keeping anything. What cannot be is said, not refused. */
    @PostMapping("/preview")
    DraftView preview(@Valid @RequestBody SheetRequest request) {
        UUID of = request.data().schoolClass();
        return DraftViews.of(
                sheets.draft(request.title(), request.data()),
                planner.ids(),
                of == null ? null : classes.one(of).calendar());
    }

    /** The straight lines of a drawing in a frame, from a picture of it; nothing is kept. */
    @PostMapping(path = "/drawn-lines", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    DrawnLinesView drawnLines(@RequestPart MultipartFile file) throws IOException {
        List<Crossing> lines = LineDrawing.of(decoder.taken(UUID.randomUUID(), file.getBytes()))
                .lines();
        if (lines.isEmpty()) {
            throw new ApiProblem(HttpStatus.UNPROCESSABLE_CONTENT, "NO_LINES", say("problem.no-straight-line-from"));
        }
        return new DrawnLinesView(lines.stream().map(SheetsController::inWords).toList());
    }

    private static String inWords(Crossing line) {
        return DoubleStream.of(line.fromX(), line.fromY(), line.toX(), line.toY())
                .mapToObj(share -> String.valueOf(Math.round(THOUSAND * share)))
                .collect(Collectors.joining(" "));
    }

    /** Which sheets of a class another method would change, before it does. */
    @PostMapping("/method-effect")
    List<ChangedSheetView> methodEffect(@Valid @RequestBody MethodEffectRequest request) {
        Method method = ApiProblem.taken("schools", () -> new Method(request.schools()));
        return sheets.changedBy(method, request.schoolClass()).stream()
                .map(c -> new ChangedSheetView(c.sheet(), c.title(), c.fields(), c.problem()))
                .toList();
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
        return SheetViews.of(sheets.create(request.title(), request.data()));
    }

    @PutMapping("/{id}")
    SheetView change(@PathVariable UUID id, @Valid @RequestBody SheetRequest request) {
        return SheetViews.of(sheets.change(id, Revised.seen(request.revision()), request.title(), request.data()));
    }

    @PostMapping("/{id}/runs")
    @ResponseStatus(HttpStatus.CREATED)
    RunView print(@PathVariable UUID id, @Valid @RequestBody PrintRequest request) {
        return SheetViews.of(printings.print(
                id,
                request.schoolClass(),
                Boolean.TRUE.equals(request.card()),
                Boolean.TRUE.equals(request.variants())));
    }

    @ForColleagues(About.LIST)
    @GetMapping("/runs")
    List<RunView> runs() {
        return printings.runs().stream()
                .filter(run -> Ownership.isShown(run.schoolClass()))
                .map(SheetViews::of)
                .toList();
    }

    /** The pages of a run and whose they are, in the order of the class list. */
    @ForColleagues(About.RUN)
    @GetMapping("/runs/{id}/pages")
    List<PrintedPageView> pages(@PathVariable UUID id) {
        Map<UUID, String> names = classes.one(printings.run(id).schoolClass()).names();
        return printings.pages(id).stream()
                .map(p -> new PrintedPageView(p.id(), p.number(), p.part() + 1, names.getOrDefault(p.student(), "")))
                .toList();
    }

    /** Answers, figures, rubric and notes of the latest version. */
    @GetMapping(path = "/{id}/teacher.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> teacherPdf(@PathVariable UUID id) {
        return PdfAnswer.of(
                papers.teacherPdf(id),
                say("paper.for-the-teacher-pdf", sheets.one(id).title()));
    }

    /** A page of the latest version without a student on it. */
    @GetMapping(path = "/{id}/pages/{number}.svg", produces = "image/svg+xml")
    ResponseEntity<String> svg(@PathVariable UUID id, @PathVariable int number) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        disposition(sheets.one(id).title() + " " + number + ".svg"))
                .body(papers.svg(id, number));
    }

    /** @param student whose pages alone: of one who was absent or lost theirs; left out, everyone's */
    @GetMapping(path = "/runs/{id}/pages.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID student,
            @RequestParam(defaultValue = "false") boolean backs) {
        return PdfAnswer.of(papers.pdf(id, student, backs), printings.run(id).title() + ".pdf");
    }

    private static String disposition(String name) {
        return ContentDisposition.inline()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
