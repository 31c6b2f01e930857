package grastel.app.kit;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.Kit.KitSet;
import grastel.app.kit.Kit.PaperData;
import grastel.app.kit.Kit.PencilData;
import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.colour.Spectrum;
import grastel.core.colour.Srgb;
import grastel.core.media.ColourFamily;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** What the kit looks like at the edge. Colours are CIELAB under D65, lengths mm, value Munsell value. */
final class KitViews {
    private KitViews() {}

    record LabView(
            @NotNull @DecimalMin("0") @DecimalMax("100") double l,
            @NotNull @DecimalMin("-150") @DecimalMax("150") double a,
            @NotNull @DecimalMin("-150") @DecimalMax("150") double b) {
        static LabView of(Lab lab) {
            return new LabView(lab.lightness(), lab.a(), lab.b());
        }

        Lab toLab() {
            return new Lab(l, a, b);
        }
    }

    /**
     * @param colour for a screen, {@code #rrggbb}
     * @param value Munsell, 0…10
     * @param place on the painter's wheel, degrees
     * @param copies there are of it, those in sets and those besides
     * @param extra besides those in sets; negative where so many of the sets' are broken or lost
     */
    record PencilView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String range,
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull double value,
            @NotNull LabView lab,
            @NotNull double chroma,
            @NotNull double place,
            @NotNull ColourFamily family,
            @NotNull Pencil.Binder binder,
            @NotNull double hiding,
            @NotNull double softness,
            @NotNull boolean colourless,
            @NotNull ColourSource source,
            @NotNull int copies,
            @NotNull int extra,
            @NotNull int leadMm) {
        static PencilView of(KitPencil p, Map<UUID, Integer> copies) {
            Lab lab = p.masstone();
            Pencil pencil = p.pencil();
            return new PencilView(
                    p.id(),
                    p.revision(),
                    p.range(),
                    pencil.code(),
                    pencil.name(),
                    Srgb.of(lab).hex(),
                    lab.value(),
                    LabView.of(lab),
                    lab.chroma(),
                    PaintersWheel.placeOf(lab.hueDegrees()),
                    ColourFamily.of(lab),
                    pencil.binder(),
                    pencil.hiding(),
                    pencil.softness(),
                    pencil.colourless(),
                    p.source(),
                    copies.getOrDefault(p.id(), 0),
                    p.extra(),
                    p.leadMm());
        }
    }

    /** @param tooth depth relative to drawing cartridge = 1 */
    record PaperView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String name,
            @NotNull String colour,
            @NotNull LabView lab,
            @NotNull double tooth,
            @NotNull double grainMm) {
        static PaperView of(KitPaper p) {
            Tooth tooth = p.paper().tooth();
            return new PaperView(
                    p.id(),
                    p.revision(),
                    p.paper().name(),
                    Srgb.of(p.ground()).hex(),
                    LabView.of(p.ground()),
                    tooth.depth(),
                    tooth.grainMm());
        }
    }

    record SetUseView(
            @NotNull UUID schoolClass,
            @NotNull @Min(1) @Max(60) int howMany) {}

    record SetView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String name,
            @NotNull List<UUID> pencils,
            @NotNull List<SetUseView> users) {
        static SetView of(KitSet s) {
            return new SetView(
                    s.id(),
                    s.revision(),
                    s.name(),
                    s.pencils(),
                    s.users().entrySet().stream()
                            .map(e -> new SetUseView(e.getKey(), e.getValue()))
                            .toList());
        }
    }

    record KitView(
            @NotNull List<PencilView> pencils,
            @NotNull List<PaperView> papers,
            @NotNull List<SetView> sets) {}

    /**
     * A pencil to keep.
     *
     * @param revision of the pencil that a change was made on; null for whichever is there
     * @param spectrum 36 reflectance factors, 380–730 nm, where one was measured; its colour then counts
     * instead of {@code lab}
     */
    record PencilRequest(
            Integer revision,
            @NotBlank @Size(max = 60) String range,
            @NotBlank @Size(max = 20) String code,
            @NotBlank @Size(max = 80) String name,
            @NotNull Pencil.Binder binder,
            @NotNull ColourSource source,
            @NotNull @Valid LabView lab,

            @Size(min = Spectrum.SAMPLES, max = Spectrum.SAMPLES)
            List<@NotNull @DecimalMin("0") @DecimalMax("1") Double> spectrum,

            @NotNull @DecimalMin("0") @DecimalMax("1") double hiding,
            @NotNull @DecimalMin("0.3") @DecimalMax("2") double softness,
            @NotNull @Min(-500) @Max(500) int extra,
            @NotNull @Min(0) @Max(300) int leadMm) {
        /** @param colourless stays as it was: a blender is not made of a pencil */
        PencilData data(boolean colourless) {
            Optional<Spectrum> measured = Optional.ofNullable(spectrum)
                    .map(s -> Spectrum.of(
                            s.stream().mapToDouble(Double::doubleValue).toArray()));
            return new PencilData(
                    range.strip(),
                    code.strip(),
                    name.strip(),
                    binder,
                    source,
                    measured.map(Spectrum::toLab).orElseGet(lab::toLab),
                    measured,
                    hiding,
                    softness,
                    colourless,
                    extra,
                    leadMm);
        }
    }

    /** @param revision of the paper that a change was made on; null for whichever is there */
    record PaperRequest(
            Integer revision,
            @NotBlank @Size(max = 80) String name,
            @NotNull @Valid LabView lab,
            @NotNull @DecimalMin("0.1") @DecimalMax("4") double tooth,
            @NotNull @DecimalMin("0.05") @DecimalMax("3") double grainMm) {
        PaperData data() {
            return new PaperData(name.strip(), lab.toLab(), new Tooth(tooth, grainMm));
        }
    }

    /** @param revision of the set that a change was made on; null for whichever is there */
    record SetRequest(
            Integer revision,
            @NotBlank @Size(max = 60) String name,
            @NotNull @Size(min = 1, max = 200) List<@NotNull UUID> pencils,
            @NotNull List<@NotNull @Valid SetUseView> users) {
        Map<UUID, Integer> userMap() {
            return users.stream()
                    .collect(Collectors.toMap(SetUseView::schoolClass, SetUseView::howMany, (one, other) -> other));
        }
    }
}
