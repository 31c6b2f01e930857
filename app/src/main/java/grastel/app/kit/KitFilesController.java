package grastel.app.kit;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.Kit.PencilData;
import grastel.app.kit.KitViews.LabView;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import grastel.core.media.colourfile.ColourFile;
import grastel.core.media.colourfile.ColourFileProblem;
import grastel.core.media.colourfile.ColourSample;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Colour measurements in and out. An import is shown first and done when the same file is sent to be taken. */
@RestController
@RequestMapping("/api/kit")
class KitFilesController {
    private static final double USUAL_HIDING = 0.5;
    private static final double USUAL_SOFTNESS = 1;
    private static final int NEW_LEAD_MM = 170;

    private final Kit kit;
    private final KitChanges changes;

    KitFilesController(Kit kit, KitChanges changes) {
        this.kit = kit;
        this.changes = changes;
    }

    /** One pencil the file would add. @param taken true where the range holds the code already; it is passed over */
    record ImportRow(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull LabView lab,
            @NotNull boolean spectrum,
            @NotNull boolean taken) {}

    record ImportView(
            @NotNull List<ImportRow> rows, @NotNull int added) {}

    /** What an import would do; changes nothing. */
    @PostMapping(path = "/imports/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ImportView preview(@RequestParam MultipartFile file, @RequestParam @NotBlank @Size(max = 60) String range)
            throws IOException {
        List<ColourSample> samples = read(file);
        Set<String> held = held(range);
        return view(samples, held, 0);
    }

    /** Adds the pencils of a file whose codes the range does not hold yet. */
    @PostMapping(path = "/imports", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ImportView take(
            @RequestParam MultipartFile file,
            @RequestParam @NotBlank @Size(max = 60) String range,
            @RequestParam Pencil.Binder binder)
            throws IOException {
        List<ColourSample> samples = read(file);
        Set<String> held = held(range);
        List<PencilData> fresh = samples.stream()
                .filter(s -> !held.contains(s.code()))
                .map(s -> data(s, range.strip(), binder))
                .toList();
        changes.addAll(fresh);
        return view(samples, held, fresh.size());
    }

    @GetMapping("/export")
    ResponseEntity<byte[]> export(@RequestParam ColourExport format, @RequestParam(required = false) UUID set) {
        List<KitPencil> chosen = set == null ? kit.pencils() : kit.pencilsOf(set);
        List<Pencil> pencils = chosen.stream()
                .map(KitPencil::pencil)
                .filter(p -> !p.colourless())
                .toList();
        return format.of(pencils, "pencils", say("thing.grastel-kit"));
    }

    private static List<ColourSample> read(MultipartFile file) throws IOException {
        if (file.getSize() > ColourFile.MOST_BYTES) {
            throw new ApiProblem(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "FILE_TOO_LARGE",
                    say("problem.a-file-of-colour", file.getSize() / 1_000_000));
        }
        ColourFile read = ColourFile.read(file.getBytes());
        if (!read.problems().isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "COLOUR_FILE",
                    say("problem.the-file-cannot-be"),
                    read.problems().stream().map(KitFilesController::problem).toList());
        }
        return read.samples();
    }

    private static FieldProblem problem(ColourFileProblem p) {
        String path = p.line() == 0 ? "file" : "lines[" + p.line() + "]";
        String where = p.line() == 0 ? "" : say("problem.line-2", p.line());
        return new FieldProblem(path, p.code().name(), where + words(p));
    }

    private static String words(ColourFileProblem p) {
        return switch (p.code()) {
            case TOO_LARGE -> say("problem.the-file-is-larger");
            case NOT_TEXT -> say("problem.this-is-not-a-text-file");
            case NO_DATA ->
                p.detail().isEmpty() ? say("problem.there-is-no-table") : say("problem.the-table-does-not", p.detail());
            case NO_COLOUR_COLUMNS -> say("problem.no-columns-l-a", p.detail());
            case OTHER_LIGHT -> say("problem.its-colours-are-under", p.detail());
            case OTHER_OBSERVER -> say("problem.its-colours-are-for", p.detail());
            case OTHER_COUNT -> say("problem.it-has-and-says", p.detail());
            case UNKNOWN_FORMAT -> say("problem.a-quotation-mark-is-opened");
            case WRONG_COUNT -> say("problem.has-columns", p.detail());
            case NOT_A_NUMBER -> say("problem.is-not-a-number", p.detail());
            case OUT_OF_RANGE -> say("problem.is-out-of-range", p.detail());
            case NAME_MISSING -> say("problem.has-no-code-or");
            case NAME_TWICE -> say("problem.the-code-stands-twice", p.detail());
            case TOO_MANY -> say("problem.colours-at-most-500", p.detail());
        };
    }

    private Set<String> held(String range) {
        return kit.pencils().stream()
                .filter(p -> p.range().equals(range.strip()))
                .map(p -> p.pencil().code())
                .collect(Collectors.toSet());
    }

    private static ImportView view(List<ColourSample> samples, Set<String> held, int added) {
        return new ImportView(
                samples.stream()
                        .map(s -> new ImportRow(
                                s.code(),
                                s.name(),
                                Srgb.of(s.colour()).hex(),
                                LabView.of(s.colour()),
                                s.spectrum().isPresent(),
                                held.contains(s.code())))
                        .toList(),
                added);
    }

    private static PencilData data(ColourSample s, String range, Pencil.Binder binder) {
        return new PencilData(
                range,
                s.code(),
                s.name(),
                binder,
                s.spectrum().isPresent() ? ColourSource.MEASURED_SPECTRUM : ColourSource.MEASURED_LAB,
                s.colour(),
                s.spectrum(),
                USUAL_HIDING,
                USUAL_SOFTNESS,
                false,
                1,
                NEW_LEAD_MM);
    }
}
