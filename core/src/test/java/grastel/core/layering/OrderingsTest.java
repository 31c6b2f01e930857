package grastel.core.layering;

import static grastel.core.layering.Demo.BLENDER;
import static grastel.core.layering.Demo.BROWN;
import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.WHITE;
import static grastel.core.layering.Demo.burnished;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.pencil;
import static grastel.core.layering.PressureGrade.FIRM;
import static grastel.core.layering.PressureGrade.FULL;
import static grastel.core.layering.PressureGrade.LIGHT;
import static grastel.core.layering.PressureGrade.MEDIUM;
import static grastel.core.layering.PressureGrade.WHISPER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What every hand finds: orderings that hold for every pencil of the demo kit they apply to. */
class OrderingsTest {
    private static final String DARKENING_ON_PAPERS = "grastel.core.layering.Demo#darkeningOnPapers";
    private static final String DARKENING = "grastel.core.layering.Demo#darkening";
    private static final String DEEP = "grastel.core.layering.Demo#deep";
    private static final String CHROMATIC = "grastel.core.layering.Demo#chromatic";

    @ParameterizedTest
    @MethodSource(DARKENING_ON_PAPERS)
    void morePressureIsDarkerWithFewerSpecks(Pencil pencil, Paper paper) {
        Swatch before = Swatch.bare(paper);
        for (PressureGrade grade : PressureGrade.values()) {
            Swatch after = laid(paper, pencil, grade, 1);
            assertThat(lightness(after)).isLessThan(lightness(before));
            assertThat(after.specks()).isLessThan(before.specks());
            assertThat(after.toothLeft()).isLessThan(before.toothLeft());
            before = after;
        }
    }

    @ParameterizedTest
    @MethodSource(DARKENING_ON_PAPERS)
    void sharperPointReachesTheValleys(Pencil pencil, Paper paper) {
        Swatch dull = Swatch.bare(paper).with(new Pass(pencil, 0.4, 0.1, Stroke.CIRCLES));
        Swatch sharp = Swatch.bare(paper).with(new Pass(pencil, 0.4, 0.9, Stroke.CIRCLES));

        assertThat(sharp.specks()).isLessThan(dull.specks());
        assertThat(lightness(sharp)).isLessThan(lightness(dull));
    }

    @ParameterizedTest
    @MethodSource(DARKENING_ON_PAPERS)
    void circlesLeaveFewerSpecksThanOneWay(Pencil pencil, Paper paper) {
        double circles = stroked(paper, pencil, Stroke.CIRCLES).specks();
        double crossed = stroked(paper, pencil, Stroke.CROSSED).specks();
        double oneWay = stroked(paper, pencil, Stroke.ONE_WAY).specks();

        assertThat(circles).isLessThan(crossed);
        assertThat(crossed).isLessThan(oneWay);
    }

    @ParameterizedTest
    @MethodSource(DARKENING_ON_PAPERS)
    void eachFurtherPassOfMediumPressureDarkensByLess(Pencil pencil, Paper paper) {
        Swatch swatch = laid(paper, pencil, MEDIUM, 1);
        double step = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            Swatch next = swatch.with(Pass.of(pencil, MEDIUM));
            double darker = lightness(swatch) - lightness(next);
            assertThat(darker).isPositive().isLessThan(step);
            step = darker;
            swatch = next;
        }
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void theNextColourTakesOnALightLayerAndAfterSolventButHardlyAfterBurnishing(Pencil pencil) {
        Pass next = Pass.of(farthestFrom(pencil), MEDIUM);
        Swatch solid = laid(CARTRIDGE, pencil, FIRM, 2);

        double onLight = change(laid(CARTRIDGE, pencil, LIGHT, 1), next);
        double onHard = change(laid(CARTRIDGE, pencil, FULL, 1), next);
        double onSolid = change(solid, next);
        double onBurnished = change(burnished(solid, BLENDER), next);
        double onDissolved = change(solid.with(new Layer.Solvent()), next);

        assertThat(onHard).isLessThan(onLight);
        assertThat(onBurnished).isLessThan(4.5).isLessThan(onSolid / 4);
        assertThat(onDissolved).isGreaterThan(0.7 * onSolid);
    }

    @ParameterizedTest
    @MethodSource(DEEP)
    void whiteLastLightensWhiteFirstDoesLittle(Pencil pencil) {
        Pass white = Pass.of(WHITE, FIRM);
        double last = lightness(laid(CARTRIDGE, pencil, FIRM, 2).with(white));
        double first = lightness(laid(CARTRIDGE, WHITE, FIRM, 1).with(Pass.of(pencil, FIRM), 2));

        assertThat(last - first).isGreaterThan(2);
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void colourlessBurnishKeepsTheValue(Pencil pencil) {
        Swatch solid = laid(CARTRIDGE, pencil, FIRM, 2);
        Swatch polished = burnished(solid, BLENDER);

        assertThat(Math.abs(lightness(polished) - lightness(solid))).isLessThan(4);
        assertThat(polished.specks()).isLessThan(solid.specks());
    }

    /** Greys (chroma under 5 as laid) have no chroma to raise. */
    @ParameterizedTest
    @MethodSource(DARKENING)
    void colourlessBurnishRaisesChroma(Pencil pencil) {
        Swatch solid = laid(CARTRIDGE, pencil, FIRM, 2);
        assumeTrue(solid.colour().chroma() >= 5, "a grey");

        assertThat(burnished(solid, BLENDER).colour().chroma())
                .isGreaterThan(solid.colour().chroma());
    }

    /** Three rounds of white veil and close; they do not bleach. */
    @ParameterizedTest
    @MethodSource(DEEP)
    void whiteBurnishLightensAndFillsTheGrain(Pencil pencil) {
        Swatch solid = laid(CARTRIDGE, pencil, FIRM, 2);
        Swatch white = solid.with(new Layer.Burnish(WHITE, 3));

        assertThat(lightness(white) - lightness(solid)).isBetween(2.0, 11.5);
        assertThat(white.specks()).isLessThan(0.02);
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void burnishingClosesTheToothSolventLeavesIt(Pencil pencil) {
        Swatch solid = laid(CARTRIDGE, pencil, FIRM, 2);

        assertThat(burnished(solid, BLENDER).toothLeft()).isLessThan(solid.toothLeft() / 2);
        assertThat(solid.with(new Layer.Solvent()).toothLeft()).isGreaterThan(0.8 * solid.toothLeft());
    }

    /** Only where the kit has an opposite that is no lighter: a lighter one cannot darken. */
    @ParameterizedTest
    @MethodSource(CHROMATIC)
    void aWhisperOfTheComplementDarkensAndKeepsTheHue(Pencil pencil) {
        Optional<Pencil> complement = Demo.complement(pencil);
        assumeTrue(complement.isPresent(), "no complement as dark");
        Lab alone = laid(CARTRIDGE, pencil, MEDIUM, 2).colour();
        Lab over = laid(CARTRIDGE, complement.get(), WHISPER, 1)
                .with(Pass.of(pencil, MEDIUM), 2)
                .colour();

        assertThat(over.lightness()).isLessThan(alone.lightness());
        double turned = Math.abs(over.hueDegrees() - alone.hueDegrees());
        assertThat(Math.min(turned, 360 - turned)).isLessThan(10);
    }

    /** Against the purer of the two: where it is much the stronger, the mixture keeps its hue. */
    @ParameterizedTest
    @MethodSource(CHROMATIC)
    void equalPartsOfTheComplementLoseAQuarterOfTheChroma(Pencil pencil) {
        Optional<Pencil> complement = Demo.complement(pencil);
        assumeTrue(complement.isPresent(), "no complement as dark");
        Swatch mixed = Swatch.bare(CARTRIDGE);
        for (int i = 0; i < 3; i++) {
            mixed = mixed.with(Pass.of(complement.get(), MEDIUM)).with(Pass.of(pencil, MEDIUM));
        }

        double own = laid(CARTRIDGE, pencil, MEDIUM, 3).colour().chroma();
        double other = laid(CARTRIDGE, complement.get(), MEDIUM, 3).colour().chroma();

        assertThat(mixed.colour().chroma()).isLessThan(0.75 * Math.max(own, other));
    }

    @Test
    void deepBrownWithDeepBlueIsADarkerNeutralThanMiddleComplements() {
        Lab brownAndBlue = Demo.byTurns(pencil("S30"), pencil("S15")).colour();
        Lab redAndGreen = Demo.byTurns(pencil("S07"), pencil("S21")).colour();
        Lab orangeAndBlue = Demo.byTurns(pencil("S06"), pencil("S17")).colour();

        assertThat(brownAndBlue.lightness())
                .isLessThan(redAndGreen.lightness() - 8)
                .isLessThan(orangeAndBlue.lightness() - 8);
        assertThat(brownAndBlue.chroma()).as("a neutral").isLessThan(12);
    }

    @ParameterizedTest
    @EnumSource(PressureGrade.class)
    void whiteShowsMoreOnTonedPaperTheHarderItIsPressed(PressureGrade grade) {
        double before = grade == WHISPER
                ? BROWN.ground().toLab().lightness()
                : lightness(laid(BROWN, WHITE, PressureGrade.values()[grade.ordinal() - 1], 1));

        assertThat(lightness(laid(BROWN, WHITE, grade, 1))).isGreaterThan(before);
    }

    @Test
    void blackCrossedWithWhiteIsGreyerThanTheTonedPaper() {
        double paper = BROWN.ground().toLab().chroma();
        Pencil black = pencil("S36");

        assertThat(laid(BROWN, black, MEDIUM, 1)
                        .with(Pass.of(WHITE, MEDIUM))
                        .colour()
                        .chroma())
                .isLessThan(paper - 4);
        assertThat(laid(BROWN, WHITE, MEDIUM, 1)
                        .with(Pass.of(black, MEDIUM))
                        .colour()
                        .chroma())
                .isLessThan(paper - 4);
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void orderOfTwoLayersMatters(Pencil pencil) {
        Pencil other = farthestFrom(pencil);
        Lab one = laid(CARTRIDGE, pencil, FIRM, 1).with(Pass.of(other, FIRM)).colour();
        Lab two = laid(CARTRIDGE, other, FIRM, 1).with(Pass.of(pencil, FIRM)).colour();

        assertThat(ColourDifference.ciede2000(one, two)).isGreaterThan(1);
        assumeTrue(pencil.hiding() >= 0.45 || Demo.lightness(pencil) < Demo.lightness(other), "clear over dark");
        double oneToPencil = ColourDifference.ciede2000(one, pencil.masstone().toLab());
        double twoToPencil = ColourDifference.ciede2000(two, pencil.masstone().toLab());
        assertThat(twoToPencil).as("the last colour speaks loudest").isLessThan(oneToPencil + 0.5);
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void puttyLiftsButNeverBackToPaper(Pencil pencil) {
        Swatch solid = laid(CARTRIDGE, pencil, MEDIUM, 3);
        Swatch half = solid.with(new Layer.Lift(0.5));
        Swatch most = solid.with(new Layer.Lift(1));

        assertThat(lightness(half)).isGreaterThan(lightness(solid));
        assertThat(lightness(most)).isGreaterThan(lightness(half));
        assertThat(most.specks()).isLessThan(0.9);
        assertThat(most.toothLeft()).isGreaterThan(solid.toothLeft());
    }

    @ParameterizedTest
    @MethodSource(DARKENING)
    void anUnderLayerShiftsEveryColourOverIt(Pencil pencil) {
        UnderLayer wash = new UnderLayer(UnderLayer.Kind.WASH, pencil("S20").masstone(), 0.5);
        Swatch onWash = Swatch.bare(CARTRIDGE, Optional.of(wash)).with(Pass.of(pencil, MEDIUM), 2);
        Swatch onWhite = laid(CARTRIDGE, pencil, MEDIUM, 2);

        assertThat(lightness(onWash)).isLessThan(lightness(onWhite));
        assertThat(ColourDifference.ciede2000(onWash.colour(), onWhite.colour()))
                .isGreaterThan(2);
        assertThat(onWash.toothLeft()).isEqualTo(onWhite.toothLeft());
    }

    private static Swatch stroked(Paper paper, Pencil pencil, Stroke stroke) {
        return Swatch.bare(paper).with(new Pass(pencil, 0.4, 0.7, stroke));
    }

    private static Pencil farthestFrom(Pencil pencil) {
        return Demo.deep()
                .max(Comparator.comparingDouble(q -> ColourDifference.ciede2000(
                        pencil.masstone().toLab(), q.masstone().toLab())))
                .orElseThrow();
    }

    private static double change(Swatch swatch, Pass next) {
        return ColourDifference.ciede2000(swatch.colour(), swatch.with(next).colour());
    }

    private static double lightness(Swatch swatch) {
        return swatch.colour().lightness();
    }
}
