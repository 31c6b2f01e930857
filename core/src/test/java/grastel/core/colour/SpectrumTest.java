package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.media.ShippedKit;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpectrumTest {
    @Test
    void perfectDiffuserIsTheWhite() {
        Xyz white = Spectrum.flat(1).toXyz();

        assertThat(white.x()).isCloseTo(0.95047, within(1e-12));
        assertThat(white.y()).isCloseTo(1, within(1e-12));
        assertThat(white.z()).isCloseTo(1.08883, within(1e-12));
    }

    @Test
    void tableHasTheSumsOfItsSource() {
        // CIE 018:2019 gives 10.6836 (x), 10.6857 (y), 10.6770 (z) for 380–780 nm; the tail over 730 nm is under
        // 0.0015.
        assertThat(sum("x")).isCloseTo(10.683, within(0.002));
        assertThat(sum("y")).isCloseTo(10.6855, within(0.001));
        assertThat(sum("z")).isCloseTo(10.677, within(0.001));
    }

    /** The chromaticities of ISO/CIE 11664-2, from the table as it stands. */
    @ParameterizedTest
    @CsvSource({"d65,0.3127,0.3290", "d50,0.3457,0.3585", "a,0.4476,0.4074"})
    void lightsHaveTheirChromaticity(String light, double x, double y) {
        double[] sums = new double[3];
        for (var row : Observer.table()) {
            double power = Double.parseDouble(row.getField(light));
            sums[0] += power * Double.parseDouble(row.getField("x"));
            sums[1] += power * Double.parseDouble(row.getField("y"));
            sums[2] += power * Double.parseDouble(row.getField("z"));
        }
        double all = sums[0] + sums[1] + sums[2];

        assertThat(sums[0] / all).isCloseTo(x, within(2e-4));
        assertThat(sums[1] / all).isCloseTo(y, within(2e-4));
    }

    /** A grey stays grey under every light; a colour measured under D50 comes back from D65 nearly as it was. */
    @Test
    void adaptationKeepsGreysAndTurnsBack() {
        Lab grey = Spectrum.flat(0.3).toLab(Illuminant.D50);
        Lab adapted = ChromaticAdaptation.adapt(grey, ReferenceWhite.D65);
        assertThat(ColourDifference.ciede2000(adapted, Spectrum.flat(0.3).toLab()))
                .isLessThan(0.01);

        Lab red = new Lab(44, 60, 38, ReferenceWhite.D50);
        Lab back = ChromaticAdaptation.adapt(ChromaticAdaptation.adapt(red, ReferenceWhite.D65), ReferenceWhite.D50);
        assertThat(ColourDifference.ciede2000(red, back)).isLessThan(0.01);
    }

    /** For real surfaces the estimate stays near what their spectrum gives. */
    @Test
    void adaptationIsNearTheSpectrumsOwnAnswer() {
        Spectrum rust = SmoothReflectance.of(new Lab(40, 32, 36));
        Lab estimated = ChromaticAdaptation.adapt(rust.toLab(), ReferenceWhite.D50);

        assertThat(ColourDifference.ciede2000(estimated, rust.toLab(Illuminant.D50)))
                .isLessThan(2);
    }

    private static double sum(String column) {
        return Observer.table().stream()
                .mapToDouble(r -> Double.parseDouble(r.getField(column)))
                .sum();
    }

    @Test
    void namesTheWavelengthOfAWrongValue() {
        double[] samples = Spectrum.flat(0.5).toArray();
        samples[4] = 1.2;

        assertThatIllegalArgumentException()
                .isThrownBy(() -> Spectrum.of(samples))
                .withMessageContaining("420 nm")
                .withMessageContaining("1.2");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Spectrum.of(0.1, 0.2))
                .withMessageContaining("36");
    }

    @Test
    void smoothCurveHasExactlyItsColour() {
        Random random = new Random(11);
        int tried = 0;
        while (tried < 1000) {
            LinearRgb light = new LinearRgb(random.nextDouble(), random.nextDouble(), random.nextDouble());
            Lab colour = Lab.of(light.toXyz());
            Lab back = SmoothReflectance.of(colour).toLab();
            assertThat(ColourDifference.ciede2000(colour, back))
                    .as("%s", colour)
                    .isLessThan(0.01);
            tried++;
        }
    }

    @ParameterizedTest
    @CsvSource({"99.5,0,0", "98,-0.5,3", "3,0,0", "1.5,0.5,-0.5"})
    void smoothCurveHoldsNearWhiteAndBlack(double l, double a, double b) {
        Lab colour = new Lab(l, a, b);

        assertThat(ColourDifference.ciede2000(
                        colour, SmoothReflectance.of(colour).toLab()))
                .isLessThan(0.01);
    }

    @Test
    void impossiblyPureColourKeepsItsHue() {
        Lab tooPure = new Lab(90, 90, 20);

        Lab made = SmoothReflectance.of(tooPure).toLab();

        assertThat(made.chroma()).isLessThan(tooPure.chroma());
        assertThat(made.hueDegrees()).isCloseTo(tooPure.hueDegrees(), within(1.0));
    }

    /** Every shipped pencil moved as far as kits are off has exactly the colour; moved nowhere it is what it was. */
    @Test
    void aMovedCurveHasTheColourItWasMovedTo() {
        List<Spectrum> curves = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::masstone)
                .toList();
        for (int i = 0; i < curves.size(); i++) {
            Spectrum from = curves.get(i);
            Lab is = from.toLab();
            Lab to = new Lab(is.lightness() + (is.lightness() < 60 ? 9 : -9), 0.75 * is.a() + 4, 0.75 * is.b() - 4);

            assertThat(ColourDifference.ciede2000(MovedReflectance.of(from, to).toLab(), to))
                    .as("pencil %d", i)
                    .isLessThan(0.01);
            Spectrum same = MovedReflectance.of(from, from.toLab());
            for (int k = 0; k < Spectrum.SAMPLES; k++) {
                assertThat(same.at(k)).isCloseTo(from.at(k), within(0.005));
            }
        }
        assertThat(MovedReflectance.of(curves.get(3), new Lab(50, 120, 90))
                        .toLab()
                        .chroma())
                .as("as far as there is a way")
                .isGreaterThan(60);
    }
}
