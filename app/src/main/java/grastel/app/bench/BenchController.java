package grastel.app.bench;

import grastel.app.bench.LookViews.LookRequest;
import grastel.app.bench.LookViews.LookView;
import grastel.app.bench.LookViews.WhatIfRequest;
import grastel.app.bench.LookViews.WhatIfView;
import grastel.app.bench.LookViews.Zoom;
import grastel.app.platform.Revised;
import grastel.core.layering.Stroke;
import grastel.core.layering.picture.SwatchPicture;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

@RestController
@RequestMapping("/api/bench")
class BenchController {
    private final Bench bench;
    private final Looking looking;

    BenchController(Bench bench, Looking looking) {
        this.bench = bench;
        this.looking = looking;
    }

    /** @param version of the stack this was made on; left out for a new one */
    record StackRequest(
            @NotBlank @Size(max = 80) String name,
            @NotNull @Size(max = 600) String note,
            @NotNull @Valid StackData stack,
            Integer version) {}

    record StackView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull String note,
            @NotNull StackData stack,
            @NotNull Instant changedAt,
            @NotNull int version) {
        static StackView of(SavedStack s) {
            return new StackView(s.id(), s.name(), s.note(), s.stack(), s.changedAt(), s.version());
        }
    }

    record CardRequest(
            @NotBlank @Size(max = 80) String name,
            @NotNull @Size(max = 600) String note,
            @NotNull @Valid StackData stack) {}

    /** What a stack gives. Nothing is kept. */
    @PostMapping("/look")
    LookView look(@Valid @RequestBody LookRequest request) {
        return looking.look(bench.laid(request.stack()), request, bench.methodOf(request.schoolClass()));
    }

    /**
     * The grain of a paper under a stroke: for each pixel, row by row, which of a swatch's 256 tones it shows. The same for ever,
     * so a browser asks once and shows every swatch on it.
     *
     * @param grainMm 0.05…3
     * @param width and height 40…800 px
     */
    @GetMapping(path = "/grain", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> grain(
            @RequestParam @DecimalMin("0.05") @DecimalMax("3") double grainMm,
            @RequestParam Stroke stroke,
            @RequestParam Zoom zoom,
            @RequestParam @Min(40) @Max(800) int width,
            @RequestParam @Min(40) @Max(800) int height) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(SwatchPicture.heights(grainMm, stroke, width, height, zoom.pxPerMm(), Looking.SEED));
    }

    /** What else could be done. Nothing is kept. */
    @PostMapping("/what-if")
    List<WhatIfView> whatIf(@Valid @RequestBody WhatIfRequest request) {
        return looking.whatIf(bench.laid(request.stack()), Optional.ofNullable(request.goal()));
    }

    /** A card for demonstrating: steps in order, predicted swatch, cut through the tooth. */
    @PostMapping(path = "/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] card(@Valid @RequestBody CardRequest request) {
        return new BenchCard(
                        request.name().strip(),
                        request.note().strip(),
                        bench.laid(request.stack()).stack())
                .pdf();
    }

    @GetMapping("/stacks")
    List<StackView> all() {
        return bench.all().stream().map(StackView::of).toList();
    }

    @PostMapping("/stacks")
    @ResponseStatus(HttpStatus.CREATED)
    StackView keep(@Valid @RequestBody StackRequest r) {
        return StackView.of(bench.keep(r.name().strip(), r.note().strip(), r.stack()));
    }

    @PutMapping("/stacks/{id}")
    StackView change(@PathVariable UUID id, @Valid @RequestBody StackRequest r) {
        int version = Revised.seen(r.version());
        return StackView.of(bench.change(id, version, r.name().strip(), r.note().strip(), r.stack()));
    }

    @DeleteMapping("/stacks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        bench.remove(id);
    }
}
