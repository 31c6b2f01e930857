package grastel.app.kit;

import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.colour.Srgb;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/kit")
class KitController {
    private final Kit kit;

    KitController(Kit kit) {
        this.kit = kit;
    }

    /** @param colour for a screen, {@code #rrggbb}; @param value Munsell, 0…10 */
    record PencilView(
            @NotNull UUID id,
            @NotNull String range,
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull double value) {}

    /** @param tooth depth relative to drawing cartridge = 1 */
    record PaperView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull String colour,
            @NotNull double tooth) {}

    record KitView(
            @NotNull List<PencilView> pencils, @NotNull List<PaperView> papers) {}

    @GetMapping
    KitView kit() {
        return new KitView(
                kit.pencils().stream()
                        .map(p -> new PencilView(
                                p.id(),
                                p.range(),
                                p.pencil().code(),
                                p.pencil().name(),
                                Srgb.of(p.masstone()).hex(),
                                MunsellValue.of(Lab.luminanceOf(p.masstone().lightness()))))
                        .toList(),
                kit.papers().stream()
                        .map(p -> new PaperView(
                                p.id(),
                                p.paper().name(),
                                Srgb.of(p.ground()).hex(),
                                p.paper().tooth().depth()))
                        .toList());
    }
}
