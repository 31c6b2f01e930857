package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.Shipped;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurfaceColoursTest {
    private static final Random RANDOM = new Random(3);

    @Test
    void whateverAReflectanceShowsIsWithin() {
        for (int i = 0; i < 2000; i++) {
            double[] reflectance = new double[Spectrum.SAMPLES];
            for (int k = 0; k < reflectance.length; k++) {
                reflectance[k] = RANDOM.nextInt(3) == 0 ? RANDOM.nextDouble() : RANDOM.nextInt(2);
            }
            assertThat(SurfaceColours.contain(Spectrum.of(reflectance).toLab())).isTrue();
        }
    }

    /** A band of full reflectance is the purest colour of its lightness and hue: nothing purer is within. */
    @ParameterizedTest
    @CsvSource({"0, 10", "8, 20", "15, 25", "20, 36", "5, 9"})
    void theEdgesOfTheSolidAreItsPurestColours(int from, int to) {
        double[] band = new double[Spectrum.SAMPLES];
        for (int k = from; k < to; k++) {
            band[k] = 1;
        }
        Lab purest = Spectrum.of(band).toLab();
        Lab purer = new Lab(purest.lightness(), 1.03 * purest.a(), 1.03 * purest.b());
        assertThat(SurfaceColours.contain(purer)).isFalse();
        assertThat(1.03 * SurfaceColours.reachableChroma(purer)).isCloseTo(1, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"100, -150, -150", "50, 150, 150", "5, 0, 90", "98, 60, 0", "20, -140, 20"})
    void aColourThatNoSurfaceHasIsToldAndTheNearestCurveIsOfItsLightness(double l, double a, double b) {
        Lab impossible = new Lab(l, a, b);
        assertThat(SurfaceColours.arePlausiblyMeasured(impossible)).isFalse();
        assertThat(SmoothReflectance.of(impossible).toLab().lightness()).isCloseTo(l, within(0.6));
    }

    @Test
    void shippedPencilsAndPapersAreThere() {
        assertThat(Shipped.ALL)
                .allMatch(p -> SurfaceColours.arePlausiblyMeasured(p.masstone().toLab()));
        assertThat(SurfaceColours.arePlausiblyMeasured(
                        Shipped.CARTRIDGE.ground().toLab()))
                .isTrue();
        assertThat(SurfaceColours.arePlausiblyMeasured(new Lab(97, 2, -8)))
                .as("brightened paper")
                .isTrue();
    }
}
