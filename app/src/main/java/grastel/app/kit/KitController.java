package grastel.app.kit;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.KitViews.KitView;
import grastel.app.kit.KitViews.PaperRequest;
import grastel.app.kit.KitViews.PaperView;
import grastel.app.kit.KitViews.PencilRequest;
import grastel.app.kit.KitViews.PencilView;
import grastel.app.kit.KitViews.SetRequest;
import grastel.app.kit.KitViews.SetView;
import grastel.app.platform.Png;
import grastel.app.platform.Revised;
import grastel.core.colour.ColourVision;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Pencil;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pencils, papers and sets as they are kept. */
@RestController
@RequestMapping("/api/kit")
class KitController {
    private static final List<PressureGrade> SHOWN =
            List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM, PressureGrade.FULL);
    private static final int STRIPE_WIDTH = 20;
    private static final int STRIPE_HEIGHT = 28;
    private static final double STRIPE_PX_PER_MM = 5;

    /** @param severity 0 usual … 1 a cone is missing */
    record EyesView(
            @NotNull ColourVision vision,
            @NotNull double severity,
            @NotNull double[] matrix) {}

    private final Kit kit;
    private final KitChanges changes;

    KitController(Kit kit, KitChanges changes) {
        this.kit = kit;
        this.changes = changes;
    }

    @GetMapping
    KitView kit() {
        Map<UUID, Integer> copies = kit.copies();
        return new KitView(
                kit.pencils().stream().map(p -> PencilView.of(p, copies)).toList(),
                kit.papers().stream().map(PaperView::of).toList(),
                kit.sets().stream().map(SetView::of).toList());
    }

    /** How other eyes see: for each kind what the red, green and blue of a screen become, row by row, in linear light. */
    @GetMapping("/eyes")
    ResponseEntity<List<EyesView>> eyes() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(Stream.of(ColourVision.values())
                        .map(v -> new EyesView(v, v.severity(), v.matrix()))
                        .toList());
    }

    @PostMapping("/pencils")
    @ResponseStatus(HttpStatus.CREATED)
    PencilView add(@Valid @RequestBody PencilRequest request) {
        return view(changes.add(request.data(false)));
    }

    @PutMapping("/pencils/{id}")
    PencilView change(@PathVariable UUID id, @Valid @RequestBody PencilRequest request) {
        boolean colourless = kit.pencil(id).pencil().colourless();
        return view(changes.change(id, Revised.seen(request.revision()), request.data(colourless)));
    }

    /** @param leadMm left of each copy: a stub's length for worn out, a new pencil's for replaced */
    record LeadRequest(@NotNull @Min(0) @Max(300) Integer leadMm) {}

    /** Notes how much is left of a pencil. */
    @PostMapping("/pencils/{id}/lead")
    PencilView seeLead(@PathVariable UUID id, @Valid @RequestBody LeadRequest request) {
        return view(changes.seeLead(id, request.leadMm()));
    }

    /** @param copies there are of it now, those of sets among them */
    record CountRequest(@NotNull @Min(0) @Max(500) Integer copies) {}

    /** Notes how many there are of a pencil: bought singly, broken or lost. */
    @PostMapping("/pencils/{id}/copies")
    PencilView count(@PathVariable UUID id, @Valid @RequestBody CountRequest request) {
        return view(changes.count(id, request.copies()));
    }

    private PencilView view(KitPencil pencil) {
        return PencilView.of(pencil, kit.copies());
    }

    @DeleteMapping("/pencils/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        changes.removePencil(id);
    }

    /** A pencil at light, medium and full pressure on a paper, side by side, with its grain. */
    @GetMapping(path = "/pencils/{id}/swatch.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> swatch(@PathVariable UUID id, @RequestParam UUID paper) {
        KitPencil pencil = kit.pencil(id);
        KitPaper on = kit.paper(paper);
        BufferedImage strip = new BufferedImage(STRIPE_WIDTH * SHOWN.size(), STRIPE_HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = strip.createGraphics();
        for (int i = 0; i < SHOWN.size(); i++) {
            g.drawImage(stripe(pencil.pencil(), on, SHOWN.get(i), i), i * STRIPE_WIDTH, 0, null);
        }
        g.dispose();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(Png.of(strip));
    }

    private static BufferedImage stripe(Pencil pencil, KitPaper on, PressureGrade grade, int place) {
        Swatch swatch = Swatch.bare(on.paper()).with(Pass.of(pencil, grade), grade == PressureGrade.FULL ? 2 : 1);
        return SwatchPicture.paint(
                swatch, on.paper().tooth().grainMm(), STRIPE_WIDTH, STRIPE_HEIGHT, STRIPE_PX_PER_MM, place);
    }

    @PostMapping("/papers")
    @ResponseStatus(HttpStatus.CREATED)
    PaperView addPaper(@Valid @RequestBody PaperRequest request) {
        return PaperView.of(changes.addPaper(request.data()));
    }

    @PutMapping("/papers/{id}")
    PaperView changePaper(@PathVariable UUID id, @Valid @RequestBody PaperRequest request) {
        return PaperView.of(changes.changePaper(id, Revised.seen(request.revision()), request.data()));
    }

    @PostMapping("/sets")
    @ResponseStatus(HttpStatus.CREATED)
    SetView addSet(@Valid @RequestBody SetRequest request) {
        return SetView.of(changes.addSet(request.name().strip(), request.pencils(), request.userMap()));
    }

    @PutMapping("/sets/{id}")
    SetView changeSet(@PathVariable UUID id, @Valid @RequestBody SetRequest request) {
        return SetView.of(changes.changeSet(
                id, Revised.seen(request.revision()), request.name().strip(), request.pencils(), request.userMap()));
    }

    @DeleteMapping("/sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeSet(@PathVariable UUID id) {
        changes.removeSet(id);
    }
}
