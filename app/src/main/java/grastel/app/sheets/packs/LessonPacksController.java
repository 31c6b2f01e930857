package grastel.app.sheets.packs;

import grastel.app.sheets.packs.LessonPacks.Preview;
import grastel.app.sheets.planning.Planner;
import grastel.app.sheets.screen.SheetViews;
import grastel.app.sheets.screen.SheetViews.SheetView;
import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sheets/packs")
class LessonPacksController {
    private final LessonPacks packs;
    private final Planner planner;

    LessonPacksController(LessonPacks packs, Planner planner) {
        this.packs = packs;
        this.planner = planner;
    }

    /** @param pack the file's text */
    record PackRequest(@NotNull @Size(max = 2_000_000) String pack) {}

    /** @param pencils what stands in for missing pencils, by the pack's keys; @param papers likewise */
    record TakePackRequest(
            @NotNull @Size(max = 2_000_000) String pack,
            @NotNull Map<String, @NotNull UUID> pencils,
            @NotNull Map<String, @NotNull UUID> papers) {}

    /** @param deltaValue Munsell value, substitute less missing; @param deltaHue degrees of CIELAB hue */
    record StandInView(
            @NotNull UUID pencil,
            @NotNull String name,
            @NotNull String colour,
            @NotNull double deltaValue,
            @NotNull double deltaHue) {}

    record MissingPencilView(
            @NotNull String key,
            @NotNull String name,
            @NotNull String colour,
            @NotNull List<StandInView> standIns) {}

    record MissingPaperView(@NotNull String key, @NotNull String name) {}

    record PackView(
            @NotNull List<String> titles,
            @NotNull List<MissingPencilView> pencils,
            @NotNull List<MissingPaperView> papers) {}

    /** One or many sheets as a lesson pack. */
    @GetMapping
    ResponseEntity<String> export(@RequestParam List<UUID> sheets) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("lesson-pack.json", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(packs.export(sheets));
    }

    /** What a pack holds and what it lacks here. Nothing is kept. */
    @PostMapping("/preview")
    PackView preview(@Valid @RequestBody PackRequest request) {
        Preview preview = packs.preview(request.pack());
        Map<Pencil, UUID> ids = planner.ids();
        return new PackView(
                preview.pack().sheets().stream()
                        .map(LessonPack.PackSheet::title)
                        .toList(),
                preview.pencils().stream()
                        .map(m -> new MissingPencilView(
                                m.pencil().key(),
                                m.pencil().name(),
                                Srgb.of(m.pencil().lab().toLab()).hex(),
                                m.substitutes().stream()
                                        .map(s -> new StandInView(
                                                Planner.idOf(s.pencil(), ids),
                                                s.pencil().code() + " "
                                                        + s.pencil().name(),
                                                Srgb.of(s.pencil().masstone().toLab())
                                                        .hex(),
                                                s.deltaValue(),
                                                s.deltaHue()))
                                        .toList()))
                        .toList(),
                preview.papers().stream()
                        .map(p -> new MissingPaperView(p.key(), p.name()))
                        .toList());
    }

    /** Takes all sheets of a pack in, or none. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<SheetView> take(@Valid @RequestBody TakePackRequest request) {
        return packs.take(request.pack(), request.pencils(), request.papers()).stream()
                .map(SheetViews::of)
                .toList();
    }
}
