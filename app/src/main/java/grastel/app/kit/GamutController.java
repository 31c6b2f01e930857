package grastel.app.kit;

import grastel.app.kit.Gamuts.State;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.KitViews.PencilView;
import grastel.core.checks.Require;
import grastel.core.colour.PaintersWheel;
import grastel.core.colour.Srgb;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.recipe.SetGamut;
import grastel.core.recipe.Substitutes;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a set can and cannot make, and what stands in for a missing pencil. */
@RestController
@RequestMapping("/api/kit")
class GamutController {
    private static final int MOST_SUBSTITUTES = 6;

    private final Kit kit;
    private final Gamuts reaches;

    GamutController(Kit kit, Gamuts reaches) {
        this.kit = kit;
        this.reaches = reaches;
    }

    record ReachStepView(
            @NotNull String pencil,
            @NotNull PressureGrade grade,
            @NotNull int passes) {}

    /** @param value Munsell 0…9; @param hue null for greys */
    record ReachCellView(
            @NotNull int value,
            PaintersWheel.@Nullable Name hue,
            @NotNull String colour,
            @NotNull double chroma,
            @NotNull List<ReachStepView> steps) {}

    /** @param progress 0…1; @param cells empty until it is done */
    record ReachView(
            @NotNull State state,
            @NotNull double progress,
            @NotNull int tried,
            @NotNull List<ReachCellView> cells) {}

    record SubstituteView(
            @NotNull PencilView pencil,
            @NotNull double error,
            @NotNull double deltaValue,
            @NotNull double deltaHue) {}

    /** Starts working a set's reach out, unless it is at work or known. */
    @PostMapping("/sets/{id}/reach")
    ReachView start(@PathVariable UUID id, @RequestParam UUID paper) {
        return view(reaches.start(kit.setOf(id), kit.paper(paper).paper()));
    }

    @GetMapping("/sets/{id}/reach")
    ReachView reach(@PathVariable UUID id, @RequestParam UUID paper) {
        return view(reaches.of(kit.setOf(id), kit.paper(paper).paper()));
    }

    @DeleteMapping("/sets/{id}/reach")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable UUID id, @RequestParam UUID paper) {
        reaches.cancel(kit.setOf(id), kit.paper(paper).paper());
    }

    /** Pencils nearest to one, value first, from the kit or a set. */
    @GetMapping("/pencils/{id}/substitutes")
    List<SubstituteView> substitutes(@PathVariable UUID id, @RequestParam(required = false) UUID set) {
        KitPencil missing = kit.pencil(id);
        Map<Pencil, KitPencil> among = (set == null ? kit.pencils() : kit.pencilsOf(set))
                .stream().collect(Collectors.toMap(KitPencil::pencil, Function.identity(), (one, other) -> one));
        Map<UUID, Integer> copies = kit.copies();
        return Substitutes.of(missing.pencil(), List.copyOf(among.keySet()), MOST_SUBSTITUTES).stream()
                .map(s -> new SubstituteView(
                        PencilView.of(Require.key(among, s.pencil()), copies), s.error(), s.deltaValue(), s.deltaHue()))
                .toList();
    }

    private static ReachView view(Gamuts.Standing standing) {
        List<ReachCellView> cells = standing.found() == null
                ? List.of()
                : standing.found().cells().stream().map(GamutController::cell).toList();
        int tried = standing.found() == null ? 0 : standing.found().tried();
        return new ReachView(standing.state(), standing.progress(), tried, cells);
    }

    private static ReachCellView cell(SetGamut.Cell c) {
        return new ReachCellView(
                c.value(),
                c.hue(),
                Srgb.of(c.colour()).hex(),
                c.colour().chroma(),
                c.steps().stream()
                        .map(s -> new ReachStepView(s.pencil().title(), s.grade(), s.passes()))
                        .toList());
    }
}
