package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ColourVisionTest {
    @ParameterizedTest
    @EnumSource
    void greysStayAsTheyAre(ColourVision vision) {
        for (double lightness = 0; lightness <= 100; lightness += 10) {
            Lab grey = new Lab(lightness, 0, 0);
            assertThat(ColourDifference.ciede2000(grey, vision.seen(grey))).isLessThan(0.05);
        }
    }

    /** The table has six digits. */
    @ParameterizedTest
    @EnumSource
    void everyRowSumsToOne(ColourVision vision) {
        double[] m = vision.matrix();
        for (int row = 0; row < 9; row += 3) {
            assertThat(m[row] + m[row + 1] + m[row + 2]).isCloseTo(1, within(2e-6));
        }
    }

    /** By hand: red 1, 0, 0 is seen as 0.152286, 0.114503, 0; their sRGB codes are 109, 95, 0. */
    @Test
    void pureRedToProtanEyesIsADarkOlive() {
        assertThat(Srgb.of(ColourVision.PROTAN.seen(new Srgb(255, 0, 0).toLab()))
                        .hex())
                .isEqualTo("#6d5f00");
    }

    /** Red and green come nearer each other for protan and deutan eyes, blue and green for tritan ones; partly lies between. */
    @Test
    void partlyLiesBetweenUsualAndFull() {
        assertNearer(ColourVision.DEUTAN, ColourVision.DEUTAN_PARTLY, "#c05040", "#708030");
        assertNearer(ColourVision.PROTAN, ColourVision.PROTAN_PARTLY, "#a05040", "#607030");
        assertNearer(ColourVision.TRITAN, ColourVision.TRITAN_PARTLY, "#4070b0", "#308070");
    }

    private static void assertNearer(ColourVision full, ColourVision partly, String one, String other) {
        Lab a = Srgb.ofHex(one).toLab();
        Lab b = Srgb.ofHex(other).toLab();
        double usual = ColourDifference.ciede2000(a, b);
        double half = ColourDifference.ciede2000(partly.seen(a), partly.seen(b));
        double whole = ColourDifference.ciede2000(full.seen(a), full.seen(b));
        assertThat(whole).isLessThan(half);
        assertThat(half).isLessThan(usual);
    }
}
