package grastel.core.layering;

import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.pencil;
import static grastel.core.layering.PressureGrade.FIRM;
import static grastel.core.layering.PressureGrade.FULL;
import static grastel.core.layering.PressureGrade.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A mark looks like pencil: light ones are the pencil's own colour thinned by paper, heavy ones its masstone. */
class MarkLawsTest {
    /** On papers other than the one the model was fitted on, limits are a quarter wider. */
    private static final double OTHER_PAPERS = 1.25;

    private static final String MARKS = "marks";

    static Stream<Arguments> marks() {
        return Demo.PAPERS.stream()
                .filter(p -> p.ground().toLab().lightness() > 90)
                .flatMap(paper -> Demo.ALL.stream()
                        .filter(p -> !p.colourless())
                        .map(pencil -> Arguments.of(pencil, paper, paper.equals(CARTRIDGE) ? 1 : OTHER_PAPERS)));
    }

    static Stream<Arguments> strongColours() {
        return Demo.ALL.stream()
                .filter(p -> !p.colourless() && chroma(p) > 30)
                .filter(p -> Demo.lightness(p) > 20 && Demo.lightness(p) < 65)
                .flatMap(colour -> Demo.ALL.stream()
                        .filter(p -> !p.colourless() && Demo.lightness(p) > 94)
                        .map(white -> Arguments.of(colour, white)));
    }

    @ParameterizedTest
    @MethodSource(MARKS)
    void fullPressureTwiceIsTheMasstone(Pencil pencil, Paper paper, double wider) {
        Lab full = laid(paper, pencil, FULL, 2).colour();
        assertThat(ColourDifference.ciede2000(full, pencil.masstone().toLab())).isLessThan(4 * wider);
    }

    @ParameterizedTest
    @MethodSource(MARKS)
    void noMarkIsMuchPurerThanTheMasstone(Pencil pencil, Paper paper, double wider) {
        if (Demo.lightness(pencil) < 60 && chroma(pencil) > 8) {
            for (int pressure = 4; pressure <= 100; pressure += 8) {
                for (int passes : List.of(1, 2, 3, 5, 8)) {
                    Pass pass = new Pass(pencil, pressure / 100.0, 0.7, Stroke.CIRCLES);
                    assertThat(Swatch.bare(paper).with(pass, passes).colour().chroma() / chroma(pencil))
                            .as("%d passes at %d %%", passes, pressure)
                            .isLessThan(1.2 * wider);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource(MARKS)
    void mediumPressureTwiceKeepsTheHue(Pencil pencil, Paper paper, double wider) {
        if (chroma(pencil) > 8) {
            double turned = Math.abs(laid(paper, pencil, MEDIUM, 2).colour().hueDegrees() - Demo.hue(pencil));
            assertThat(Math.min(turned, 360 - turned)).isLessThan(12 * wider);
        }
    }

    @Test
    void redMakesOrangeAndVioletBothWaysRound() {
        for (List<String> pair : List.of(List.of("S03", "S07"), List.of("S07", "S03"))) {
            assertThat(Demo.byTurns(pencil(pair.get(0)), pencil(pair.get(1)))
                            .colour()
                            .hueDegrees())
                    .as("orange")
                    .isBetween(45.0, 75.0);
        }
        for (List<String> pair : List.of(List.of("S07", "S16"), List.of("S16", "S07"))) {
            assertThat(Demo.byTurns(pencil(pair.get(0)), pencil(pair.get(1)))
                            .colour()
                            .hueDegrees())
                    .as("violet")
                    .isBetween(300.0, 355.0);
        }
    }

    @ParameterizedTest
    @EnumSource(PressureGrade.class)
    void threeTimesAtOnceIsThreeTimesOneAfterAnother(PressureGrade grade) {
        for (Pencil pencil : Demo.ALL) {
            Swatch oneByOne = Swatch.bare(CARTRIDGE);
            for (int i = 0; i < 3; i++) {
                oneByOne = oneByOne.with(Pass.of(pencil, grade));
            }
            assertThat(ColourDifference.ciede2000(
                            oneByOne.colour(), laid(CARTRIDGE, pencil, grade, 3).colour()))
                    .as(pencil.title())
                    .isLessThan(0.3);
        }
    }

    @ParameterizedTest
    @MethodSource("strongColours")
    void tintsStayTints(Pencil colour, Pencil white) {
        Swatch plain = laid(CARTRIDGE, colour, MEDIUM, 2);
        Swatch once = plain.with(Pass.of(white, FULL));
        Swatch thrice = once.with(Pass.of(white, FULL)).with(Pass.of(white, FULL));
        double chroma = plain.colour().chroma();

        assertThat(once.colour().chroma()).isGreaterThan(0.4 * chroma);
        assertThat(once.colour().lightness() - plain.colour().lightness()).isBetween(3.5, 18.0);
        assertThat(thrice.colour().chroma()).isGreaterThan(0.2 * chroma);
    }

    /** White below is pushed aside by what is pressed over it. */
    @Test
    void whiteBelowAHardLayerStaysBelow() {
        Pencil blue = pencil("S15");
        Swatch over = laid(CARTRIDGE, Demo.WHITE, FIRM, 1).with(Pass.of(blue, FIRM), 2);
        Swatch alone = laid(CARTRIDGE, blue, FIRM, 2);

        assertThat(over.colour().lightness()).isCloseTo(alone.colour().lightness(), within(6.0));
    }

    private static double chroma(Pencil pencil) {
        return pencil.masstone().toLab().chroma();
    }
}
