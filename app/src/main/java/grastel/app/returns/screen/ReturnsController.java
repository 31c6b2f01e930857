package grastel.app.returns.screen;

import static grastel.core.words.Words.say;

import grastel.app.decoding.Decoder;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ConstraintViolation;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.platform.colleagues.Right;
import grastel.app.returns.feedback.Phrase;
import grastel.app.returns.feedback.Phrases;
import grastel.app.returns.intake.Intake;
import grastel.app.returns.page.Archive;
import grastel.app.returns.page.PageImage;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.screen.ReturnViews.ConfirmRequest;
import grastel.app.returns.screen.ReturnViews.DrawingView;
import grastel.app.returns.screen.ReturnViews.MatchRequest;
import grastel.app.returns.screen.ReturnViews.NoteRequest;
import grastel.app.returns.screen.ReturnViews.OutcomeView;
import grastel.app.returns.screen.ReturnViews.PageDetail;
import grastel.app.returns.screen.ReturnViews.PageRow;
import grastel.app.returns.screen.ReturnViews.PhraseRequest;
import grastel.app.returns.screen.ReturnViews.PhraseView;
import grastel.app.returns.screen.ReturnViews.Point;
import grastel.app.returns.screen.ReturnViews.ReopenRequest;
import grastel.app.returns.screen.ReturnViews.SwapRequest;
import grastel.app.returns.work.Corners;
import grastel.app.returns.work.Jpeg;
import grastel.app.returns.work.PageSorting;
import grastel.app.returns.work.RereadGoalView;
import grastel.app.returns.work.Rereading;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import jakarta.validation.Valid;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
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
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/returns")
class ReturnsController {
    private final PageRows rows;
    private final PageSorting sorting;
    private final ShownPages views;
    private final Intake intake;
    private final Rereading rereading;
    private final Marking marking;
    private final Phrases phrases;
    private final ReturnEvents events;
    private final Decoder decoder;
    private final Archive archive;

    ReturnsController(
            PageRows rows,
            PageSorting sorting,
            ShownPages views,
            Intake intake,
            Rereading rereading,
            Marking marking,
            Phrases phrases,
            ReturnEvents events,
            Decoder decoder,
            Archive archive) {
        this.rows = rows;
        this.sorting = sorting;
        this.views = views;
        this.intake = intake;
        this.rereading = rereading;
        this.marking = marking;
        this.phrases = phrases;
        this.events = events;
        this.decoder = decoder;
        this.archive = archive;
    }

    /** Takes files in; each has its own outcome, and one that cannot be taken does not keep the others out. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<OutcomeView> upload(@RequestPart List<MultipartFile> files) {
        return Uploads.take(intake, files, ScanFile.Source.UPLOAD, null);
    }

    /** Changes of pages as they happen: events named {@code page} whose data names the page and its run. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events() {
        return events.listen();
    }

    /** Pages of a run. */
    @ForColleagues(value = About.RUN, by = "run")
    @GetMapping("/runs/{run}/pages")
    List<PageRow> pages(@PathVariable UUID run) {
        return views.ofRun(run);
    }

    /** Pages that belong to no printed page yet. */
    @GetMapping("/unplaced")
    List<PageRow> unplaced() {
        return views.unplaced();
    }

    @ForColleagues(About.PAGE)
    @GetMapping("/pages/{id}")
    PageDetail page(@PathVariable UUID id) {
        return views.detail(id);
    }

    /**
     * The straightened, light-corrected page, or with {@code part} one of its boxes.
     *
     * @param read which reading it belongs to, as the page tells it; without it the picture is not kept by the browser
     */
    @ForColleagues(About.PAGE)
    @GetMapping(path = "/pages/{id}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable UUID id,
            @RequestParam(defaultValue = PageImage.WHOLE) String part,
            @RequestParam(required = false) String read) {
        return picture(MediaType.IMAGE_JPEG, rereading.picture(id, part), read != null);
    }

    enum OverlayKind {
        /** What was taken for paper, white, and what for pencil, grey. */
        SPECKS,
        /** The light on the paper in steps of 5 %. */
        LIGHT,
        /** Of pictures: middle grey as planned, lighter and darker by up to 25 L*. */
        PLAN
    }

    /** What the page's figures were read from, worked out anew, to be laid over its picture. */
    @ForColleagues(About.PAGE)
    @GetMapping(path = "/pages/{id}/overlay", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> overlay(
            @PathVariable UUID id, @RequestParam OverlayKind of, @RequestParam(required = false) String read)
            throws IOException {
        BufferedImage over = switch (of) {
            case SPECKS -> rereading.overlays(id).specks();
            case LIGHT -> rereading.overlays(id).light();
            case PLAN -> rereading.againstPlan(id);
        };
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(over, "png", png);
        return picture(MediaType.IMAGE_PNG, png.toByteArray(), read != null);
    }

    /** The page as it came in. */
    @ForColleagues(About.PAGE)
    @GetMapping("/pages/{id}/original")
    ResponseEntity<byte[]> original(@PathVariable UUID id) {
        ReturnedPage page = rows.find(id);
        String kind = archive.kind(page.file()).orElseThrow(() -> ApiProblem.notFound(say("thing.file")));
        byte[] content = archive.file(page.file()).orElseThrow(() -> ApiProblem.notFound(say("thing.file")));
        boolean shown = List.of(PictureFile.Kind.JPEG.mediaType(), PictureFile.Kind.PNG.mediaType())
                .contains(kind);
        if (shown) {
            return picture(MediaType.parseMediaType(kind), content, true);
        }
        try {
            Picture picture = decoder.decode(UUID.randomUUID(), page.file(), content, page.index());
            return picture(MediaType.IMAGE_JPEG, Jpeg.encode(picture), true);
        } catch (UnreadablePage e) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND).build();
        }
    }

    @ForColleagues(value = About.PAGE, right = Right.MARK)
    @PostMapping("/pages/{id}/confirmation")
    PageDetail confirm(@PathVariable UUID id, @Valid @RequestBody ConfirmRequest request) {
        return marking.confirm(id, request);
    }

    /** Takes the confirmation back. */
    @ForColleagues(value = About.PAGE, right = Right.MARK)
    @PostMapping("/pages/{id}/reopening")
    PageDetail reopen(@PathVariable UUID id, @Valid @RequestBody ReopenRequest request) {
        return marking.reopen(id, request.seen());
    }

    /** Puts the page aside for a second look or back, and words for the student on it. */
    @ForColleagues(value = About.PAGE, right = Right.MARK)
    @PutMapping("/pages/{id}/note")
    PageDetail note(@PathVariable UUID id, @Valid @RequestBody NoteRequest request) {
        return marking.note(id, request);
    }

    /** This page and another were taken for one another's. */
    @PostMapping("/pages/{id}/swap")
    PageDetail swap(@PathVariable UUID id, @Valid @RequestBody SwapRequest request) {
        sorting.swap(id, request.with());
        return views.detail(id);
    }

    /** What reading the page once more would change. Nothing is changed. */
    @GetMapping("/pages/{id}/rereading")
    List<RereadGoalView> rereading(@PathVariable UUID id) {
        return rereading.preview(id);
    }

    /** Takes over what reading the page once more gives; decided marks stay as decided. */
    @PostMapping("/pages/{id}/rereading")
    PageDetail reread(@PathVariable UUID id) {
        rereading.adopt(id);
        return views.detail(id);
    }

    @GetMapping("/phrases")
    List<PhraseView> phrases() {
        return phrases.findAllByOrderByWords().stream()
                .map(p -> new PhraseView(p.id(), p.words()))
                .toList();
    }

    /** Keeps words for another time; those that are kept already are not kept twice. */
    @PostMapping("/phrases")
    List<PhraseView> keep(@Valid @RequestBody PhraseRequest request) {
        String words = request.words().strip();
        if (!phrases.existsByWords(words)) {
            try {
                phrases.save(new Phrase(words));
            } catch (DataIntegrityViolationException e) {
                if (ConstraintViolation.of(e) != ConstraintViolation.DUPLICATE) {
                    throw e;
                }
                // kept at the same moment from elsewhere
            }
        }
        return phrases();
    }

    @DeleteMapping("/phrases/{id}")
    List<PhraseView> forget(@PathVariable UUID id) {
        phrases.delete(phrases.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.phrase"))));
        return phrases();
    }

    @PostMapping("/pages/{id}/match")
    PageDetail match(@PathVariable UUID id, @Valid @RequestBody MatchRequest request) {
        Corners corners = request.corners() == null
                ? null
                : new Corners(
                        request.corners().stream()
                                .map(p -> new double[] {p.x(), p.y()})
                                .toList(),
                        Boolean.TRUE.equals(request.drawing()));
        sorting.match(id, request.printedPage(), corners);
        return views.detail(id);
    }

    /** Whether pages of a run hold a picture, and where one without markers seems to lie: a proposal, none where none is seen. */
    @GetMapping("/pages/{id}/drawing")
    DrawingView drawing(@PathVariable UUID id, @RequestParam UUID run) {
        if (!sorting.holdsPicture(run)) {
            return new DrawingView(false, List.of());
        }
        List<Point> corners = rereading.drawing(id).orElse(List.of()).stream()
                .map(p -> new Point(p[0], p[1]))
                .toList();
        return new DrawingView(true, corners);
    }

    @PostMapping("/pages/{id}/again")
    PageDetail again(@PathVariable UUID id) {
        sorting.again(id);
        return views.detail(id);
    }

    @PostMapping("/pages/{id}/cancellation")
    PageDetail cancel(@PathVariable UUID id) {
        sorting.cancel(id);
        return views.detail(id);
    }

    @DeleteMapping("/pages/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        sorting.delete(id);
    }

    /** @param kept true where what stands at this address never changes */
    private static ResponseEntity<byte[]> picture(MediaType type, byte[] picture, boolean kept) {
        CacheControl cache = kept ? CacheControl.maxAge(Duration.ofHours(1)).cachePrivate() : CacheControl.noStore();
        return ResponseEntity.ok().contentType(type).cacheControl(cache).body(picture);
    }
}
