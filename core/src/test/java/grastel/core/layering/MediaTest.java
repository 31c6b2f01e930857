package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.layering.advice.Advice;
import grastel.core.layering.advice.Advice.Code;
import grastel.core.layering.advice.Advice.Warning;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Orderings that hands find when pencils meet other media. */
class MediaTest {
    private static final Lab RED = new Lab(44, 60, 38);
    private static final Lab YELLOW = new Lab(84, 6, 80);

    private static Pencil of(Binder binder, Lab colour) {
        return Pencil.of("M" + binder.ordinal(), binder.name(), binder, colour, 0.5, 1);
    }

    private static Layer.Colour laid(Pencil pencil, PressureGrade grade) {
        return new Layer.Colour(Pass.of(pencil, grade), 1);
    }

    private static Swatch seen(Layer... layers) {
        return Stack.on(Shipped.CARTRIDGE, layers).swatch();
    }

    private static double shift(Swatch before, Swatch after) {
        return ColourDifference.ciede2000(before.colour(), after.colour());
    }

    private static List<Code> warnings(Layer... layers) {
        return Advice.on(Stack.on(Shipped.CARTRIDGE, layers), Optional.empty(), Advice.Intention.COLOUR, true).stream()
                .map(Warning::code)
                .toList();
    }

    @Test
    void bothSortsOfPencilAreLaidAlike() {
        assertThat(seen(laid(of(Binder.WAX, RED), PressureGrade.FIRM)).colour())
                .isEqualTo(seen(laid(of(Binder.OIL, RED), PressureGrade.FIRM)).colour());
    }

    @Test
    void aCrayonIsBluntAndLeavesMoreSpecksThanAPencil() {
        for (PressureGrade grade : List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM)) {
            assertThat(seen(laid(of(Binder.CRAYON, RED), grade)).specks())
                    .isGreaterThan(seen(laid(of(Binder.WAX, RED), grade)).specks());
        }
    }

    @Test
    void oilPastelIsThick() {
        assertThat(seen(laid(of(Binder.OIL_PASTEL, RED), PressureGrade.FULL)).meanThickness())
                .isGreaterThan(1.5
                        * seen(laid(of(Binder.WAX, RED), PressureGrade.FULL)).meanThickness());
    }

    @Test
    void everyMediumButMarkerDarkensWithPressure() {
        for (Binder binder : Binder.values()) {
            double light =
                    seen(laid(of(binder, RED), PressureGrade.LIGHT)).colour().lightness();
            double full =
                    seen(laid(of(binder, RED), PressureGrade.FULL)).colour().lightness();
            if (binder.followsPressure()) {
                assertThat(full).as(binder.name()).isLessThan(light - 8);
            } else {
                assertThat(full).isCloseTo(light, within(0.2));
            }
        }
    }

    @Test
    void graphiteGreysTheColourOverItUnlessItIsLiftedFirst() {
        Pencil yellow = of(Binder.WAX, YELLOW);
        Pencil graphite = of(Binder.GRAPHITE, new Lab(38, 0, -1));
        Layer.Colour over = laid(yellow, PressureGrade.MEDIUM);
        Swatch clean = seen(over);
        Swatch smeared = seen(laid(graphite, PressureGrade.LIGHT), over);
        Swatch lifted = seen(laid(graphite, PressureGrade.LIGHT), new Layer.Lift(1), over);
        assertThat(smeared.colour().chroma()).isLessThan(clean.colour().chroma() - 5);
        assertThat(shift(clean, lifted)).isLessThan(shift(clean, smeared));
        assertThat(warnings(laid(graphite, PressureGrade.MEDIUM), over)).contains(Code.GRAPHITE_SMEARS);
        assertThat(warnings(laid(graphite, PressureGrade.MEDIUM), new Layer.Lift(1), over))
                .doesNotContain(Code.GRAPHITE_SMEARS);
        assertThat(warnings(over, laid(graphite, PressureGrade.MEDIUM))).doesNotContain(Code.GRAPHITE_SMEARS);
    }

    @Test
    void pencilsSlideOnCrayonAndOilPastelAndTheseDoNotSlideOnThemselves() {
        Layer.Colour pencil = laid(of(Binder.WAX, new Lab(30, 10, -45)), PressureGrade.MEDIUM);
        Swatch overPencil = seen(laid(of(Binder.WAX, YELLOW), PressureGrade.MEDIUM));
        double held = shift(overPencil, overPencil.with(pencil));
        for (Binder binder : List.of(Binder.CRAYON, Binder.OIL_PASTEL)) {
            Layer.Colour under = laid(of(binder, YELLOW), PressureGrade.MEDIUM);
            assertThat(shift(seen(under), seen(under, pencil)))
                    .as(binder.name())
                    .isLessThan(held);
            List<Warning> found = Advice.on(
                    Stack.on(Shipped.CARTRIDGE, under, pencil), Optional.empty(), Advice.Intention.COLOUR, true);
            Warning slides = found.stream()
                    .filter(w -> w.code() == Code.SLIDES_OFF)
                    .findFirst()
                    .orElseThrow();
            assertThat(slides.remedied().orElseThrow().layers()).containsExactly(pencil, under);
            assertThat(warnings(under, laid(of(binder, RED), PressureGrade.MEDIUM)))
                    .doesNotContain(Code.SLIDES_OFF);
        }
    }

    @Test
    void aHardEdgeScrapesOilPastelBackToThePaper() {
        Layer.Colour pastel = new Layer.Colour(Pass.of(of(Binder.OIL_PASTEL, RED), PressureGrade.FIRM), 2);
        Layer.Colour hard = laid(Shipped.pencil("S02"), PressureGrade.FULL);
        Swatch before = seen(pastel);
        assertThat(before.with(hard).meanThickness()).isLessThan(before.meanThickness());
        assertThat(warnings(pastel, hard)).contains(Code.SCRAPES_THROUGH);
        assertThat(warnings(pastel, laid(Shipped.pencil("S02"), PressureGrade.FIRM)))
                .doesNotContain(Code.SCRAPES_THROUGH);
    }

    @Test
    void softPastelMixesWithWhatIsLaidOverItAndAStumpBlendsItMore() {
        Pencil dark = of(Binder.SOFT_PASTEL, new Lab(30, 10, -45));
        Pencil white = of(Binder.SOFT_PASTEL, new Lab(95, 0, 2));
        Layer[] dusty = {laid(dark, PressureGrade.MEDIUM), laid(white, PressureGrade.MEDIUM)};
        Layer[] stumped = {dusty[0], dusty[1], new Layer.Stump()};
        assertThat(warnings(dusty)).contains(Code.PASTEL_DUST);
        assertThat(
                        Advice.on(Stack.on(Shipped.CARTRIDGE, dusty), Optional.empty(), Advice.Intention.COLOUR, true)
                                .stream()
                                .filter(w -> w.code() == Code.PASTEL_DUST)
                                .findFirst()
                                .orElseThrow()
                                .remedied()
                                .orElseThrow()
                                .layers())
                .containsExactly(stumped);
        double pencils = shift(
                seen(
                        laid(of(Binder.WAX, new Lab(30, 10, -45)), PressureGrade.LIGHT),
                        laid(of(Binder.WAX, RED), PressureGrade.LIGHT)),
                seen(
                        laid(of(Binder.WAX, new Lab(30, 10, -45)), PressureGrade.LIGHT),
                        laid(of(Binder.WAX, RED), PressureGrade.LIGHT),
                        new Layer.Stump()));
        assertThat(shift(seen(dusty), seen(stumped))).isGreaterThan(pencils);
    }

    @Test
    void softPastelDoesNotShineAndGraphiteDoes() {
        Lab dark = new Lab(22, 0, 0);
        double pencil = blackest(of(Binder.WAX, dark));
        assertThat(blackest(of(Binder.GRAPHITE, dark))).isGreaterThan(pencil);
        assertThat(blackest(of(Binder.SOFT_PASTEL, dark))).isLessThan(pencil);
    }

    private static double blackest(Pencil pencil) {
        return seen(new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 6))
                .colour()
                .lightness();
    }

    @Test
    void everyReflectanceStaysPossible() {
        for (Binder under : Binder.values()) {
            for (Binder over : Binder.values()) {
                Swatch swatch = seen(
                        laid(of(under, RED), PressureGrade.FULL),
                        laid(of(over, YELLOW), PressureGrade.FULL),
                        new Layer.Stump(),
                        new Layer.Lift(0.7),
                        laid(of(under, YELLOW), PressureGrade.WHISPER));
                assertThat(swatch.spectrum().toArray())
                        .as(under + " under " + over)
                        .satisfies(
                                all -> assertThat(java.util.Arrays.stream(all)).allMatch(r -> r >= 0 && r <= 1));
                assertThat(List.of(swatch.specks(), swatch.toothLeft()).stream()
                                .map(share -> share >= 0 && share <= 1)
                                .collect(Collectors.toSet()))
                        .containsExactly(true);
            }
        }
    }
}
