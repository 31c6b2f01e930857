package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.media.Tooth;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SwatchTest {
    private static final Paper CARTRIDGE = ShippedKit.papers().get(0).toPaper();

    static Stream<Pencil> pencils() {
        return ShippedKit.pencils().stream().map(ShippedKit.RangePencil::toPencil);
    }

    /** Whites and tints near the paper's own value cannot darken it; the orderings in value are for the others. */
    static Stream<Pencil> darkeningPencils() {
        return pencils().filter(p -> p.masstone().toLab().lightness() < 80);
    }

    @ParameterizedTest
    @MethodSource("darkeningPencils")
    void morePressureIsDarkerWithFewerSpecks(Pencil pencil) {
        Swatch before = Swatch.bare(CARTRIDGE);
        for (PressureGrade grade : PressureGrade.values()) {
            Swatch after = Swatch.bare(CARTRIDGE).with(Pass.of(pencil, grade));
            assertThat(after.colour().lightness()).isLessThan(before.colour().lightness());
            assertThat(after.specks()).isLessThan(before.specks());
            assertThat(after.toothLeft()).isLessThan(before.toothLeft());
            before = after;
        }
    }

    @ParameterizedTest
    @MethodSource("darkeningPencils")
    void sharperPointReachesTheValleys(Pencil pencil) {
        Swatch dull = Swatch.bare(CARTRIDGE).with(new Pass(pencil, 0.4, 0.1, Stroke.CIRCLES));
        Swatch sharp = Swatch.bare(CARTRIDGE).with(new Pass(pencil, 0.4, 0.9, Stroke.CIRCLES));

        assertThat(sharp.specks()).isLessThan(dull.specks());
        assertThat(sharp.colour().lightness()).isLessThan(dull.colour().lightness());
    }

    @ParameterizedTest
    @MethodSource("pencils")
    void circlesLeaveFewerSpecksThanOneWay(Pencil pencil) {
        double circles = Swatch.bare(CARTRIDGE)
                .with(new Pass(pencil, 0.4, 0.7, Stroke.CIRCLES))
                .specks();
        double crossed = Swatch.bare(CARTRIDGE)
                .with(new Pass(pencil, 0.4, 0.7, Stroke.CROSSED))
                .specks();
        double oneWay = Swatch.bare(CARTRIDGE)
                .with(new Pass(pencil, 0.4, 0.7, Stroke.ONE_WAY))
                .specks();

        assertThat(circles).isLessThan(crossed);
        assertThat(crossed).isLessThan(oneWay);
    }

    @ParameterizedTest
    @MethodSource("darkeningPencils")
    void eachFurtherPassOfMediumPressureDarkensByLess(Pencil pencil) {
        Pass pass = Pass.of(pencil, PressureGrade.MEDIUM);
        Swatch swatch = Swatch.bare(CARTRIDGE).with(pass);
        double step = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            Swatch next = swatch.with(pass);
            double darker = swatch.colour().lightness() - next.colour().lightness();
            assertThat(darker).isPositive().isLessThan(step);
            step = darker;
            swatch = next;
        }
    }

    @ParameterizedTest
    @MethodSource("pencils")
    void spectrumAndGrainStayPhysical(Pencil pencil) {
        for (ShippedKit.StockPaper paper : ShippedKit.papers()) {
            Swatch swatch = Swatch.bare(paper.toPaper()).with(Pass.of(pencil, PressureGrade.FULL), 4);
            for (double r : swatch.spectrum().toArray()) {
                assertThat(r).isBetween(0.0, 1.0);
            }
            assertThat(swatch.toothLeft()).isBetween(0.0, 1.0);
        }
    }

    @Test
    void noPassIsThePaper() {
        Swatch bare = Swatch.bare(CARTRIDGE);

        assertThat(ColourDifference.ciede2000(bare.colour(), CARTRIDGE.ground().toLab()))
                .isLessThan(1e-6);
        assertThat(bare.specks()).isEqualTo(1);
        assertThat(bare.toothLeft()).isEqualTo(1);
    }

    @Test
    void aHardFirstColourLeavesLessRoomForTheNext() {
        Pencil red = byCode("S07");
        Pencil blue = byCode("S16");
        Pass second = Pass.of(blue, PressureGrade.MEDIUM);
        Swatch afterLight = Swatch.bare(CARTRIDGE).with(Pass.of(red, PressureGrade.LIGHT));
        Swatch afterHard = Swatch.bare(CARTRIDGE).with(Pass.of(red, PressureGrade.FULL), 2);

        double changedLight = ColourDifference.ciede2000(
                afterLight.colour(), afterLight.with(second).colour());
        double changedHard = ColourDifference.ciede2000(
                afterHard.colour(), afterHard.with(second).colour());

        assertThat(changedHard).isLessThan(changedLight);
    }

    @Test
    void theLastColourSpeaksLoudest() {
        Pass red = Pass.of(byCode("S07"), PressureGrade.FIRM);
        Pass blue = Pass.of(byCode("S16"), PressureGrade.FIRM);
        Lab redOver = Swatch.bare(CARTRIDGE).with(blue).with(red).colour();
        Lab blueOver = Swatch.bare(CARTRIDGE).with(red).with(blue).colour();

        assertThat(ColourDifference.ciede2000(redOver, blueOver)).isGreaterThan(3);
        assertThat(redOver.a()).isGreaterThan(blueOver.a());
    }

    @Test
    void roughPaperKeepsMoreSpecksThanSmooth() {
        Pass pass = Pass.of(byCode("S07"), PressureGrade.MEDIUM);
        Lab white = new Lab(95, 0, 2);
        double smooth = Swatch.bare(Paper.of("smooth", white, new Tooth(0.35, 0.2)))
                .with(pass)
                .specks();
        double rough = Swatch.bare(Paper.of("rough", white, new Tooth(1.6, 0.5)))
                .with(pass)
                .specks();

        assertThat(rough).isGreaterThan(smooth);
    }

    @Test
    void grainAveragesToThePredictedColour() {
        Swatch swatch = Swatch.bare(CARTRIDGE).with(Pass.of(byCode("S16"), PressureGrade.MEDIUM));
        List<LinearRgb> grain = swatch.grainLight();
        LinearRgb mean = new LinearRgb(
                grain.stream().mapToDouble(LinearRgb::red).average().orElseThrow(),
                grain.stream().mapToDouble(LinearRgb::green).average().orElseThrow(),
                grain.stream().mapToDouble(LinearRgb::blue).average().orElseThrow());

        assertThat(ColourDifference.ciede2000(Lab.of(mean.toXyz()), swatch.colour()))
                .isLessThan(0.01);
    }

    @Test
    void heightsAreThoseOfTheBetaDistribution() {
        // F(z) = 3z² − 2z³ for Beta(2,2)
        for (int i = 0; i < 16; i++) {
            double z = Deposit.HEIGHTS[i];
            assertThat(3 * z * z - 2 * z * z * z).isCloseTo((i + 0.5) / 16, within(1e-12));
        }
    }

    private static Pencil byCode(String code) {
        return pencils().filter(p -> p.code().equals(code)).findFirst().orElseThrow();
    }
}
