package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScreenColourTest {
    @Test
    void everyScreenGreyComesBack() {
        for (int code = 0; code < 256; code += 5) {
            Srgb grey = new Srgb(code, code, code);
            Lab lab = grey.toLab();

            assertThat(lab.chroma()).isLessThan(0.02);
            assertThat(Srgb.of(new Lab(lab.lightness(), 0, 0))).isEqualTo(grey);
        }
    }

    @Test
    void tooPureColourLosesChromaNotLightnessOrHue() {
        Lab pure = new Lab(60, 90, -70);

        Lab shown = Srgb.of(pure).toLab();

        assertThat(shown.lightness()).isCloseTo(60, within(0.5));
        assertThat(shown.hueDegrees()).isCloseTo(pure.hueDegrees(), within(1.5));
        assertThat(shown.chroma()).isLessThan(pure.chroma());
    }

    @ParameterizedTest
    // ASTM D1535-14 table 2, Y % of a value, divided by 1.0257 as in the standard's note for the perfect diffuser
    @CsvSource({"1,1.18", "3,6.39", "5,19.27", "7,41.99", "9,76.70", "10,100.0"})
    void munsellValueFollowsTheStandardsTable(double value, double percent) {
        assertThat(MunsellValue.of(percent / 100)).isCloseTo(value, within(0.01));
        assertThat(MunsellValue.luminanceOf(value) * 100).isCloseTo(percent, within(0.03));
    }

    @Test
    void toneCurveGoesThereAndBack() {
        for (double light = 0; light <= 1; light += 0.01) {
            assertThat(LinearRgb.decode(LinearRgb.encode(light))).isCloseTo(light, within(1e-6));
        }
    }
}
