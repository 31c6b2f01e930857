package grastel.core.scanner.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NoiseTest {
    private static final int DRAWN = 200_000;

    @ParameterizedTest
    @ValueSource(doubles = {0.8, 1.5, 4})
    void isNormalAboutTheCodeWithTheDeviationAskedFor(double codes) {
        Noise noise = new Noise(codes);
        SplittableRandom random = new SplittableRandom(3);
        double sum = 0;
        double squares = 0;
        double fourths = 0;
        for (int i = 0; i < DRAWN; i++) {
            double off = (noise.on(128, i % 3, random.nextLong()) & 0xff) - 128;
            sum += off;
            squares += off * off;
            fourths += off * off * off * off;
        }
        double rounding = 1 / 12.0;
        assertThat(sum / DRAWN).isEqualTo(0, within(0.03));
        assertThat(Math.sqrt(squares / DRAWN - rounding)).isEqualTo(codes, within(0.02 * codes));
        // Three for a normal distribution, 1.8 for an even one.
        assertThat(fourths * DRAWN / (squares * squares)).isBetween(2.85, 3.1);
    }

    @Test
    void channelsOfOnePlaceKnowNothingOfEachOther() {
        Noise noise = new Noise(3);
        SplittableRandom random = new SplittableRandom(4);
        double[] together = new double[3];
        for (int i = 0; i < DRAWN; i++) {
            long bits = random.nextLong();
            double[] off = new double[3];
            for (int c = 0; c < 3; c++) {
                off[c] = (noise.on(128, c, bits) & 0xff) - 128;
            }
            for (int c = 0; c < 3; c++) {
                together[c] += off[c] * off[(c + 1) % 3] / (DRAWN * 9.0);
            }
        }
        assertThat(together).satisfies(all -> {
            for (double correlation : all) {
                assertThat(correlation).isEqualTo(0, within(0.01));
            }
        });
    }

    @Test
    void staysWithinTheCodes() {
        Noise noise = new Noise(6);
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 1000; i++) {
            assertThat(noise.on(255, 0, random.nextLong()) & 0xff).isGreaterThan(220);
            assertThat(noise.on(0, 0, random.nextLong()) & 0xff).isLessThan(35);
        }
    }
}
