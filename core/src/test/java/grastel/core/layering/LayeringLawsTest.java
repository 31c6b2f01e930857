package grastel.core.layering;

import static grastel.core.layering.Demo.BLENDER;
import static grastel.core.layering.Demo.BROWN;
import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.WHITE;
import static grastel.core.layering.Demo.burnished;
import static grastel.core.layering.Demo.byTurns;
import static grastel.core.layering.Demo.change;
import static grastel.core.layering.Demo.chroma;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.lifted;
import static grastel.core.layering.Demo.lightness;
import static grastel.core.layering.Demo.pencil;
import static grastel.core.layering.PressureGrade.FIRM;
import static grastel.core.layering.PressureGrade.FULL;
import static grastel.core.layering.PressureGrade.LIGHT;
import static grastel.core.layering.PressureGrade.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What practitioners show of light layers, covering, burnishing and greying, for every shipped pencil that the law can apply to.
 * Limits are for drawing cartridge unless another paper is named.
 */
class LayeringLawsTest {
    /** A pencil nearer to the paper than this has few steps to go between them, ΔE00. */
    private static final double PALE = 24;

    private static final double SHARP = 0.9;

    /** The figures of a law over all its cases. */
    private record Figures(List<Double> sorted) {
        static Figures of(String law, Stream<Double> all) {
            Figures figures = new Figures(all.sorted().toList());
            Sample.note(
                    "law: %s: least %.2f, median %.2f, most %.2f of %d",
                    law, figures.least(), figures.median(), figures.most(), figures.sorted.size());
            return figures;
        }

        double least() {
            return sorted.get(0);
        }

        double most() {
            return sorted.get(sorted.size() - 1);
        }

        double median() {
            return Sample.median(sorted);
        }

        double shareWithin(double low, double high) {
            return sorted.stream().filter(v -> v >= low && v <= high).count() / (double) sorted.size();
        }
    }

    /** (g) Light layers close the paper. */
    @Test
    void lightLayersCloseThePaper() {
        assertThat(each(
                                "paper showing after light × 8",
                                darkening(),
                                p -> laid(CARTRIDGE, p, LIGHT, 8).specks())
                        .most())
                .isLessThan(0.15);
        assertThat(each(
                                "paper showing after light × 16",
                                darkening(),
                                p -> laid(CARTRIDGE, p, LIGHT, 16).specks())
                        .most())
                .isLessThan(0.05);
    }

    @Test
    void sixteenLightLayersComeNearToOnePressedHard() {
        Figures lighter = each(
                "L* of light × 16 over full × 1",
                darkening(),
                p -> lightness(laid(CARTRIDGE, p, LIGHT, 16)) - lightness(laid(CARTRIDGE, p, FULL, 1)));
        assertThat(lighter.least()).isPositive();
        assertThat(lighter.most()).isLessThan(6);
        assertThat(lighter.median()).isBetween(1.0, 4.0);
        assertThat(each(
                                "L* of light × 16 over full × 2",
                                darkening(),
                                p -> lightness(laid(CARTRIDGE, p, LIGHT, 16)) - lightness(laid(CARTRIDGE, p, FULL, 2)))
                        .least())
                .isPositive();
    }

    /** Pencils near the colour of the paper have less to add, and are left out. */
    @Test
    void everyLightLayerShowsAndAddsLessThanTheOneBefore() {
        List<Double> added = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        visible().forEach(p -> {
            Swatch swatch = laid(CARTRIDGE, p, LIGHT, 1);
            double before = Double.POSITIVE_INFINITY;
            while (swatch.toothLeft() > 0.4) {
                double more = change(swatch, Pass.of(p, LIGHT));
                added.add(more);
                shares.add(more / before);
                before = more;
                swatch = swatch.with(Pass.of(p, LIGHT));
            }
        });
        assertThat(Figures.of("ΔE00 of the next light layer while tooth is over 40 %", added.stream())
                        .least())
                .isGreaterThan(0.8);
        assertThat(Figures.of("a light layer against the one before", shares.stream())
                        .most())
                .isLessThan(1.05);
    }

    @Test
    void lightLayersLeaveRoomForMoreAndAHardOneHardlyAny() {
        assertThat(each(
                                "layers left after full × 1",
                                visible(),
                                p -> laid(CARTRIDGE, p, FULL, 1).layersLeft(p))
                        .most())
                .isLessThanOrEqualTo(2);
        Figures left = each(
                "layers left after light × 3",
                visible(),
                p -> laid(CARTRIDGE, p, LIGHT, 3).layersLeft(p));
        assertThat(left.least()).isGreaterThanOrEqualTo(5);
        assertThat(left.median()).isGreaterThanOrEqualTo(6);
    }

    /** (h) What covers and what does not. */
    @Test
    void yellowHardlyCoversBlack() {
        Swatch black = laid(CARTRIDGE, pencil("S36"), FULL, 1);
        assertThat(each(
                                "L* that yellow full adds over black full",
                                Stream.of("S03", "S04", "F02", "F03").map(Demo::pencil),
                                p -> lifted(black, Pass.of(p, FULL)))
                        .most())
                .isLessThan(10);
    }

    @Test
    void onlyOpaqueLightPencilsLightenADarkOne() {
        Stream<Pencil> clear = pencils().filter(p -> lightness(p) > 70 && !opaque(p));
        assertThat(pairs(
                                "L* that a light pencil adds over a dark one, both full",
                                clear,
                                dark(),
                                (light, dark) -> lifted(laid(CARTRIDGE, dark, FULL, 1), Pass.of(light, FULL)))
                        .most())
                .isLessThan(14);
        Figures opaque = pairs(
                "L* that an opaque light pencil adds over a dark one",
                pencils().filter(LayeringLawsTest::opaque),
                dark(),
                (light, dark) -> lifted(laid(CARTRIDGE, dark, FULL, 1), Pass.of(light, FULL)));
        assertThat(opaque.most()).isLessThan(22);
        assertThat(opaque.least()).isGreaterThan(3);
        assertThat(pairs(
                                "the same over a burnished dark",
                                pencils().filter(LayeringLawsTest::opaque),
                                dark(),
                                (light, dark) -> lifted(
                                        burnished(laid(CARTRIDGE, dark, FULL, 1), BLENDER, 1), Pass.of(light, FULL)))
                        .most())
                .isLessThan(6.5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"S01", "F01"})
    void whiteOnBrownPaperFollowsThePressure(String white) {
        double paper = BROWN.ground().toLab().lightness();
        assertThat(lightness(laid(BROWN, pencil(white), LIGHT, 1)) - paper).isGreaterThan(2);
        assertThat(lightness(laid(BROWN, pencil(white), FIRM, 1)) - paper).isGreaterThan(11);
        assertThat(lightness(laid(BROWN, pencil(white), FULL, 2))).isGreaterThan(78);
    }

    /** (i) Burnishing veils and closes, it does not bleach. */
    @Test
    void aWhiteBurnishVeils() {
        List<Pencil> middle = pencils().filter(p -> lightness(p) < 55).toList();
        Figures lighter = each(
                "L* that three rounds of white add to firm",
                middle.stream(),
                p -> lightness(burnished(laid(CARTRIDGE, p, FIRM, 1), WHITE, 3))
                        - lightness(laid(CARTRIDGE, p, FIRM, 1)));
        assertThat(lighter.least()).isGreaterThan(2);
        assertThat(lighter.most()).isLessThan(11);
        assertThat(each(
                                "share of chroma that three rounds of white leave",
                                middle.stream().filter(p -> chroma(p) > 12),
                                p -> chroma(burnished(laid(CARTRIDGE, p, FIRM, 1), WHITE, 3))
                                        / chroma(laid(CARTRIDGE, p, FIRM, 1)))
                        .least())
                .isGreaterThan(0.65);
        assertThat(each(
                                "L* that a white burnish adds to light",
                                middle.stream(),
                                p -> lightness(burnished(laid(CARTRIDGE, p, LIGHT, 1), WHITE, 3))
                                        - lightness(laid(CARTRIDGE, p, LIGHT, 1)))
                        .most())
                .isLessThan(8);
    }

    @Test
    void aBlenderClosesThePaperAndDeepensTheColour() {
        assertThat(each(
                                "share of paper that a blender leaves over light",
                                darkening(),
                                p -> burnished(laid(CARTRIDGE, p, LIGHT, 1), BLENDER, 1)
                                                .specks()
                                        / laid(CARTRIDGE, p, LIGHT, 1).specks())
                        .most())
                .isLessThan(0.5);
        Figures deeper = each(
                "L* that a blender adds to firm",
                darkening(),
                p -> lightness(burnished(laid(CARTRIDGE, p, FIRM, 1), BLENDER, 1))
                        - lightness(laid(CARTRIDGE, p, FIRM, 1)));
        assertThat(deeper.least()).isGreaterThan(-9.5);
        assertThat(deeper.most()).isNegative();
        assertThat(each(
                                "chroma that a blender adds to firm",
                                darkening().filter(p -> chroma(p) > 12),
                                p -> chroma(burnished(laid(CARTRIDGE, p, FIRM, 1), BLENDER, 1))
                                        - chroma(laid(CARTRIDGE, p, FIRM, 1)))
                        .least())
                .isPositive();
        assertThat(each(
                                "paper that a blender leaves over firm",
                                darkening(),
                                p -> burnished(laid(CARTRIDGE, p, FIRM, 1), BLENDER, 1)
                                        .specks())
                        .most())
                .isLessThan(0.02);
    }

    /** (j) A sharp hard accent bites into a burnish, a light one slides. */
    @Test
    void sharpAccentsBiteIntoABurnish() {
        List<Pencil> fields = pencils().filter(p -> lightness(p) > 45).toList();
        assertThat(accents(FIRM, fields).least()).isGreaterThan(6.5);
        Figures medium = accents(MEDIUM, fields);
        assertThat(medium.least()).isGreaterThan(2.2);
        assertThat(medium.median()).isGreaterThan(4);
        assertThat(accents(LIGHT, fields).most()).isLessThan(3.2);
        Figures share =
                pairs("a medium accent on a burnish against one without", fields.stream(), dark(), (field, dark) -> {
                    Swatch plain = laid(CARTRIDGE, field, FIRM, 1);
                    return change(burnished(plain, BLENDER, 1), sharp(dark, MEDIUM))
                            / change(plain, sharp(dark, MEDIUM));
                });
        assertThat(share.most()).isLessThan(0.6);
        assertThat(share.median()).isLessThan(0.45);
    }

    private Figures accents(PressureGrade grade, List<Pencil> fields) {
        return pairs(
                "ΔE00 of a sharp dark accent, " + grade + ", on a burnish",
                fields.stream(),
                dark(),
                (field, dark) -> change(burnished(laid(CARTRIDGE, field, FIRM, 1), BLENDER, 1), sharp(dark, grade)));
    }

    @Test
    void roughPaperNeedsMoreThanOneBurnish() {
        List<Pencil> firm = pencils().filter(p -> lightness(p) < 60).toList();
        Figures tooth = each(
                "tooth left on brown paper after one burnish",
                firm.stream(),
                p -> burnished(laid(BROWN, p, FIRM, 1), BLENDER, 1).toothLeft());
        assertThat(tooth.least()).isGreaterThan(0.15);
        assertThat(each(
                                "paper showing there",
                                firm.stream(),
                                p -> burnished(laid(BROWN, p, FIRM, 1), BLENDER, 1)
                                        .specks())
                        .median())
                .isGreaterThan(0.04);
        assertThat(each(
                                "paper showing after three",
                                firm.stream(),
                                p -> burnished(laid(BROWN, p, FIRM, 1), BLENDER, 3)
                                        .specks())
                        .most())
                .isLessThan(0.005);
    }

    /** (k) A light layer of a dark, under or over, shades a hue and leaves its colour. */
    @Test
    void aLightLayerOfADarkShades() {
        List<Pencil> hues = pencils()
                .filter(p -> lightness(p) >= 40 && lightness(p) < 70 && chroma(p) > 25)
                .toList();
        List<Double> darker = new ArrayList<>();
        List<Double> chroma = new ArrayList<>();
        for (Pencil hue : hues) {
            Swatch alone = laid(CARTRIDGE, hue, FIRM, 1);
            for (Pencil dark : pencils().filter(p -> lightness(p) < 30).toList()) {
                for (Swatch shaded : List.of(
                        laid(CARTRIDGE, dark, LIGHT, 1).with(Pass.of(hue, FIRM)), alone.with(Pass.of(dark, LIGHT)))) {
                    darker.add(lightness(shaded) - lightness(alone));
                    chroma.add(chroma(shaded) / chroma(alone));
                }
            }
        }
        assertThat(Figures.of("L* that a light layer of a dark adds to a hue", darker.stream())
                        .shareWithin(-12, -3))
                .isGreaterThan(0.9);
        assertThat(Figures.of("share of chroma it leaves", chroma.stream()).shareWithin(0.65, 2))
                .isGreaterThan(0.9);
    }

    /** Greens come of yellow and blue whichever is laid first; a reddish blue makes a dull one. */
    @ParameterizedTest
    @ValueSource(strings = {"F12", "S18"})
    void yellowAndAGreenLeaningBlueMakeGreen(String blue) {
        for (Lab green : List.of(
                byTurns(pencil("S03"), pencil(blue)).colour(),
                byTurns(pencil(blue), pencil("S03")).colour())) {
            assertThat(green.chroma()).isGreaterThan(25);
            assertThat(green.hueDegrees()).isBetween(95.0, 170.0);
        }
    }

    @Test
    void yellowAndAReddishBlueMakeADullGreen() {
        for (Lab green : List.of(
                byTurns(pencil("S03"), pencil("S16")).colour(),
                byTurns(pencil("S16"), pencil("S03")).colour())) {
            assertThat(green.chroma()).isGreaterThan(9);
            assertThat(green.hueDegrees()).isBetween(95.0, 170.0);
        }
    }

    /** Dark over light is darker than light over dark; greys and the palest colours hardly tell. */
    @Test
    void theOrderOfTwoLayersMatters() {
        Figures order = pairs(
                "ΔE00 between the two orders of a dark and a light",
                dark(),
                pencils().filter(p -> lightness(p) > 55 && lightness(p) < 90 && chroma(p) > 20),
                (dark, light) -> ColourDifference.ciede2000(
                        laid(CARTRIDGE, dark, FIRM, 1)
                                .with(Pass.of(light, FIRM))
                                .colour(),
                        laid(CARTRIDGE, light, FIRM, 1)
                                .with(Pass.of(dark, FIRM))
                                .colour()));
        assertThat(order.least()).isGreaterThan(1.2);
        assertThat(order.median()).isGreaterThan(6);
    }

    /** What is pressed hard first takes away at least half of what a later light layer does on paper that was left open. */
    @Test
    void pressingHardFirstSpoilsWhatFollows() {
        assertThat(pairs(
                                "a medium layer over full × 2 against one over light × 2",
                                pencils().filter(p -> lightness(p) > 55),
                                dark(),
                                (first, next) -> change(laid(CARTRIDGE, first, FULL, 2), Pass.of(next, MEDIUM))
                                        / change(laid(CARTRIDGE, first, LIGHT, 2), Pass.of(next, MEDIUM)))
                        .most())
                .isLessThan(0.5);
    }

    private interface PairFigure {
        double of(Pencil one, Pencil other);
    }

    private static Figures each(String law, Stream<Pencil> pencils, ToDoubleFunction<Pencil> figure) {
        return Figures.of(law, pencils.map(figure::applyAsDouble));
    }

    private static Figures pairs(String law, Stream<Pencil> ones, Stream<Pencil> others, PairFigure figure) {
        List<Pencil> second = others.toList();
        return Figures.of(law, ones.flatMap(one -> second.stream().map(other -> figure.of(one, other))));
    }

    private static Stream<Pencil> pencils() {
        return Demo.ALL.stream().filter(p -> !p.colourless());
    }

    private static Stream<Pencil> darkening() {
        return Demo.darkening();
    }

    /** Pencils that differ enough from the paper for many steps between. */
    private static Stream<Pencil> visible() {
        return darkening()
                .filter(p -> ColourDifference.ciede2000(
                                p.masstone().toLab(), CARTRIDGE.ground().toLab())
                        > PALE);
    }

    private static Stream<Pencil> dark() {
        return pencils().filter(p -> lightness(p) < 30);
    }

    private static boolean opaque(Pencil pencil) {
        return pencil.hiding() >= 0.5 && lightness(pencil) > 88;
    }

    private static Pass sharp(Pencil pencil, PressureGrade grade) {
        return new Pass(pencil, grade.pressure(), SHARP, Stroke.CIRCLES);
    }
}
