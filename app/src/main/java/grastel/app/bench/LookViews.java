package grastel.app.bench;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.colour.Srgb;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.SwatchParts;
import grastel.core.layering.advice.Advice;
import grastel.core.layering.advice.WhatIf;
import grastel.core.layering.picture.SwatchPicture;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A stack looked at, as it goes over the wire. Colours CIELAB under D65, value Munsell value, shares 0…1. */
public final class LookViews {
    private LookViews() {}

    /** How near the eye is, in px/mm of the picture. */
    enum Zoom {
        ARM(4),
        NEAR(9),
        LOUPE(22);

        private final double pxPerMm;

        Zoom(double pxPerMm) {
            this.pxPerMm = pxPerMm;
        }

        double pxPerMm() {
            return pxPerMm;
        }
    }

    record AimData(
            @NotNull @DecimalMin("0") @DecimalMax("100") double l,
            @NotNull @DecimalMin("-150") @DecimalMax("150") double a,
            @NotNull @DecimalMin("-150") @DecimalMax("150") double b) {
        Lab toLab() {
            return new Lab(l, a, b);
        }
    }

    /** @param goal what distances are also given to, if any */
    record WhatIfRequest(
            @NotNull @Valid StackData stack, @Valid AimData goal) {}

    /**
     * @param steps of the value ladder
     * @param schoolClass by whose method it is judged; null for no class
     * @param intention what the stack is meant to be; a colour where it is left out
     */
    record LookRequest(
            @NotNull @Valid StackData stack,
            @Valid AimData goal,
            @NotNull @Min(3) @Max(11) int steps,
            @Nullable UUID schoolClass,
            Advice.@Nullable Intention intention) {}

    public record ColourView(
            @NotNull String colour,
            @NotNull double l,
            @NotNull double a,
            @NotNull double b,
            @NotNull double value,
            @NotNull double chroma,
            @NotNull double place) {
        public static ColourView of(Lab lab) {
            return new ColourView(
                    Srgb.of(lab).hex(),
                    lab.lightness(),
                    lab.a(),
                    lab.b(),
                    lab.value(),
                    lab.chroma(),
                    PaintersWheel.placeOf(lab.hueDegrees()));
        }
    }

    /** After one layer. @param share of the final colour that is this layer's; @param own the pencil's masstone, if any */
    record LayerLook(
            @NotNull double share,
            @NotNull String colourAfter,
            @NotNull double toothAfter,
            @Nullable ColourView own) {}

    /** @param layer the one that brought most of it; @param thickness relative */
    public record ToothBandView(
            @NotNull int layer,
            @NotNull double thickness,
            @NotNull String colour) {}

    public record ToothColumnView(
            @NotNull double depth, @NotNull List<ToothBandView> bands) {
        static ToothColumnView of(SwatchParts.Column c) {
            return new ToothColumnView(
                    c.depth(),
                    c.bands().stream()
                            .map(b -> new ToothBandView(
                                    b.layer(),
                                    b.thickness(),
                                    Srgb.of(b.colour()).hex()))
                            .toList());
        }
    }

    /** What can be seen of a stack. @param tones, grainMm, stroke as of {@link LookView}; @param paper its colour; @param section a cut through the tooth */
    public record SwatchView(
            @NotNull byte[] tones,
            @NotNull double grainMm,
            @NotNull Stroke stroke,
            @NotNull ColourView colour,
            @NotNull double specks,
            @NotNull String paper,
            @NotNull List<ToothColumnView> section) {
        public static SwatchView of(Stack stack) {
            Swatch swatch = stack.swatch();
            return new SwatchView(
                    SwatchPicture.tones(swatch),
                    stack.paper().tooth().grainMm(),
                    swatch.stroke(),
                    ColourView.of(swatch.colour()),
                    swatch.specks(),
                    Srgb.of(stack.paper().ground().toLab()).hex(),
                    SwatchParts.of(swatch).section().stream()
                            .map(ToothColumnView::of)
                            .toList());
        }
    }

    record WarningView(
            @NotNull Advice.Code code,
            @NotNull Advice.Severity severity,
            @Nullable Integer layer,
            @NotNull double figure,
            @NotNull double limit,
            @NotNull Advice.Remedy remedy,
            @Nullable StackData remedied) {}

    /** @param deltaE ΔE00 to the stack; @param deltaValue its value less the stack's; @param toGoal ΔE00 to the goal */
    record WhatIfView(
            @NotNull WhatIf.Kind kind,
            @NotNull StackData stack,
            @NotNull String picture,
            @NotNull ColourView colour,
            @NotNull double deltaE,
            @NotNull double deltaValue,
            @Nullable Double toGoal) {}

    record AimView(
            @NotNull ColourView colour,
            @NotNull double deltaE,
            @NotNull double deltaValue) {}

    record RungView(@NotNull String colour, @NotNull double value) {}

    /**
     * @param tones of the swatch from the paper's peaks to its valleys: 256 times red, green, blue
     * @param grainMm of the paper; with the stroke it says which heights the tones are shown on
     * @param step on the teacher's ladder, 1 lightest
     * @param layersLeft how many more light layers of the top pencil will still show; null where there is no pencil on top
     * @param minutes a student of the developing band takes for 25 cm²
     */
    record LookView(
            @NotNull byte[] tones,
            @NotNull double grainMm,
            @NotNull Stroke stroke,
            @NotNull ColourView colour,
            @NotNull int step,
            @NotNull List<RungView> ladder,
            @NotNull double specks,
            @NotNull double toothLeft,
            @Nullable Integer layersLeft,
            @NotNull double mud,
            @NotNull double minutes,
            @NotNull double paperShare,
            @NotNull List<LayerLook> layers,
            @NotNull List<ToothColumnView> section,
            @NotNull List<WarningView> warnings,
            @Nullable AimView goal) {}
}
