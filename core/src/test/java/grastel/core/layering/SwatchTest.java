package grastel.core.layering;

import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.pencil;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SwatchTest {
    @Test
    void noLayerIsThePaper() {
        for (Paper paper : Demo.PAPERS) {
            Swatch bare = Stack.on(paper).swatch();

            assertThat(ColourDifference.ciede2000(bare.colour(), paper.ground().toLab()))
                    .isLessThan(1e-6);
            assertThat(bare.specks()).isEqualTo(1);
            assertThat(bare.toothLeft()).isEqualTo(1);
        }
    }

    /** Any stack of any media: energy is kept, shares add up, and the same stack gives the same swatch. */
    @Test
    void anyStackStaysPhysical() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            Stack stack = anyStack(random);
            Swatch swatch = stack.swatch();
            for (double r : swatch.spectrum().toArray()) {
                assertThat(r).isBetween(0.0, 1.0);
            }
            assertThat(swatch.specks()).isBetween(0.0, 1.0);
            assertThat(swatch.toothLeft()).isBetween(0.0, 1.0);
            SwatchParts makeup = SwatchParts.of(swatch);
            double covered = makeup.layerShares().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            assertThat(covered + makeup.paperShare()).isCloseTo(1, within(1e-9));
            assertThat(makeup.layerShares()).allMatch(share -> share >= -1e-12);
            assertThat(makeup.mud()).isBetween(0.0, 1.0);
            assertThat(stack.swatch().spectrum()).isEqualTo(swatch.spectrum());
        }
    }

    /** No film reflects more than the lightest thing in it: nothing adds light. */
    @Test
    void colouredFilmsNeverOutshinePaperAndHaze() {
        for (Pencil pencil : Demo.darkening().toList()) {
            Spectrum seen = laid(CARTRIDGE, pencil, PressureGrade.FIRM, 2).spectrum();
            for (int i = 0; i < Spectrum.SAMPLES; i++) {
                double most =
                        Math.max(CARTRIDGE.ground().at(i), pencil.masstone().at(i));
                assertThat(seen.at(i)).isLessThanOrEqualTo(most + 0.02);
            }
        }
    }

    @Test
    void layingLeavesTheSwatchBeforeUntouched() {
        Swatch before = laid(CARTRIDGE, pencil("S07"), PressureGrade.MEDIUM, 2);
        Spectrum kept = before.spectrum();
        before.with(new Layer.Burnish(Demo.WHITE, 2));
        before.with(new Layer.Solvent());
        before.with(new Layer.Lift(1));

        assertThat(before.spectrum()).isEqualTo(kept);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.4, 0.65})
    void severalPassesAtOnceAreThePassesOneByOne(double pressure) {
        Pass pass = new Pass(pencil("S16"), pressure, 0.6, Stroke.CIRCLES);
        Swatch once = Swatch.bare(CARTRIDGE).with(pass, 3);
        Swatch oneByOne = Swatch.bare(CARTRIDGE).with(pass).with(pass).with(pass);

        assertThat(ColourDifference.ciede2000(once.colour(), oneByOne.colour())).isLessThan(1e-6);
        assertThat(once.specks()).isCloseTo(oneByOne.specks(), within(1e-12));
    }

    @Test
    void workingTheFilmsKeepsEveryGrainOfThem() {
        Swatch swatch = laid(CARTRIDGE, pencil("S07"), PressureGrade.FIRM, 1)
                .with(Pass.of(pencil("S16"), PressureGrade.MEDIUM), 2);

        Swatch dissolved = swatch.with(new Layer.Solvent());

        assertThat(dissolved.meanThickness()).isCloseTo(swatch.meanThickness(), within(1e-12));
        assertThat(dissolved.films()).hasSizeLessThanOrEqualTo(3);
    }

    @Test
    void clearWaxHidesNoPaper() {
        Swatch blenderOnly = laid(CARTRIDGE, Demo.BLENDER, PressureGrade.FULL, 2);

        assertThat(blenderOnly.specks()).isEqualTo(1);
        assertThat(ColourDifference.ciede2000(
                        blenderOnly.colour(), CARTRIDGE.ground().toLab()))
                .isLessThan(1.5);
    }

    @Test
    void roughPaperKeepsMoreSpecksThanSmooth() {
        List<Double> specks = List.of("Ledger Smooth", "Harbour Cartridge", "Shingle Rough").stream()
                .map(name -> laid(Demo.paper(name), pencil("S07"), PressureGrade.MEDIUM, 1)
                        .specks())
                .toList();

        assertThat(specks.get(1)).isGreaterThan(specks.get(0) + 0.03);
        assertThat(specks.get(2)).isGreaterThan(specks.get(1) + 0.03);
    }

    @Test
    void grainAveragesToThePredictedColour() {
        Swatch swatch = laid(CARTRIDGE, pencil("S16"), PressureGrade.MEDIUM, 1);
        GrainLight grain = swatch.grainLight();
        LinearRgb mean =
                new LinearRgb(mean(grain, LinearRgb::red), mean(grain, LinearRgb::green), mean(grain, LinearRgb::blue));

        assertThat(ColourDifference.ciede2000(Lab.of(mean.toXyz()), swatch.colour()))
                .isLessThan(0.01);
    }

    private static double mean(GrainLight grain, ToDoubleFunction<LinearRgb> channel) {
        return grain.classes().stream()
                .mapToDouble(c -> c.covered() * channel.applyAsDouble(c.light())
                        + (1 - c.covered()) * channel.applyAsDouble(grain.bare()))
                .average()
                .orElseThrow();
    }

    @Test
    void heightsAreThoseOfTheBetaDistribution() {
        // F(z) = 3z² − 2z³ for Beta(2,2)
        for (int i = 0; i < 8; i++) {
            double z = Deposit.HEIGHTS[i];
            assertThat(3 * z * z - 2 * z * z * z).isCloseTo((i + 0.5) / 8, within(1e-12));
        }
    }

    @Test
    void namesWhatCannotBe() {
        Pass pass = Pass.of(pencil("S07"), PressureGrade.LIGHT);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Pass(pencil("S07"), 7, 0.5, Stroke.CIRCLES))
                .withMessageContaining("pressure")
                .withMessageContaining("7");
        assertThatIllegalArgumentException().isThrownBy(() -> new Pass(pencil("S07"), Double.NaN, 0.5, Stroke.CIRCLES));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Layer.Colour(pass, 0))
                .withMessageContaining("0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Layer.Lift(Double.NaN));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Stack(CARTRIDGE, Optional.empty(), Collections.nCopies(500, new Layer.Solvent())))
                .withMessageContaining("500");
        assertThatIllegalArgumentException().isThrownBy(() -> Stack.on(null)).withMessageContaining("paper");
    }

    private static Stack anyStack(Random random) {
        Paper paper = Demo.PAPERS.get(random.nextInt(Demo.PAPERS.size()));
        Optional<UnderLayer> under = random.nextInt(4) == 0
                ? Optional.of(
                        new UnderLayer(UnderLayer.Kind.MARKER, anyPencil(random).masstone(), 1))
                : Optional.empty();
        List<Layer> layers = new ArrayList<>();
        int count = 1 + random.nextInt(7);
        for (int i = 0; i < count; i++) {
            layers.add(
                    switch (random.nextInt(8)) {
                        case 0 -> new Layer.Burnish(anyPencil(random), 1 + random.nextInt(3));
                        case 1 -> new Layer.Solvent();
                        case 2 -> new Layer.Lift(0.05 + 0.95 * random.nextDouble());
                        default ->
                            new Layer.Colour(
                                    new Pass(
                                            anyPencil(random),
                                            random.nextDouble(),
                                            random.nextDouble(),
                                            Stroke.values()[random.nextInt(3)]),
                                    1 + random.nextInt(4));
                    });
        }
        return new Stack(paper, under, layers);
    }

    private static Pencil anyPencil(Random random) {
        return Demo.ALL.get(random.nextInt(Demo.ALL.size()));
    }
}
