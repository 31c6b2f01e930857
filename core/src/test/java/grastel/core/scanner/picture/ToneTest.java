package grastel.core.scanner.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.core.scanner.sheet.Stock;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ToneTest {
    /** All codes from dark to light, blue, green and red alike. */
    private static byte[] ramp() {
        byte[] codes = new byte[3 * 256];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = (byte) (i / 3);
        }
        return codes;
    }

    private static int[] after(Tone tone) {
        byte[] codes = ramp();
        tone.on(codes);
        return IntStream.range(0, 256).map(i -> codes[3 * i] & 0xff).toArray();
    }

    @Test
    void curvesKeepTheEndsAndTheOrder() {
        for (Tone tone :
                new Tone[] {new Tone.Plain(), new Tone.Gamma(0.85), new Tone.Gamma(1.2), new Tone.Contrast(0.5)}) {
            int[] codes = after(tone);
            assertThat(codes[0]).isZero();
            assertThat(codes[255]).isEqualTo(255);
            assertThat(codes).isSorted();
        }
        assertThat(after(new Tone.Gamma(1.2))[128]).isLessThan(128);
        assertThat(after(new Tone.Gamma(0.85))[128]).isGreaterThan(128);
        assertThat(after(new Tone.Contrast(0.5))[64]).isLessThan(64);
        assertThat(after(new Tone.Contrast(0.5))[192]).isGreaterThan(192);
    }

    @Test
    void levelsAreSpreadToTheEnds() {
        byte[] codes = new byte[3 * 1000];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = (byte) (60 + i % 150);
        }
        new Tone.Levels(0.01).on(codes);

        int least =
                IntStream.range(0, codes.length).map(i -> codes[i] & 0xff).min().orElseThrow();
        int most =
                IntStream.range(0, codes.length).map(i -> codes[i] & 0xff).max().orElseThrow();
        assertThat(least).isZero();
        assertThat(most).isEqualTo(255);
    }

    @Test
    void lightIsLostAboveWhiteAndGreysInTextMode() {
        int[] bright = after(new Tone.Bright(1.25));
        assertThat(bright[255]).isEqualTo(255);
        assertThat(bright[210]).isEqualTo(255);
        assertThat(bright[100]).isEqualTo(125);
        assertThat(after(new Tone.TwoLevels(0.5))).containsOnly(0, 255);
    }

    @Test
    void aGreyCopyHasNoColour() {
        for (boolean green : new boolean[] {true, false}) {
            byte[] codes = {10, 100, (byte) 200};
            new Tone.Grey(green).on(codes);
            assertThat(codes[0]).isEqualTo(codes[1]).isEqualTo(codes[2]);
            assertThat(codes[0] & 0xff).isEqualTo(green ? 100 : 120);
        }
    }

    @Test
    void devicesAndStocksStayWithinWhatSchoolsHave() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Device(0.2, new Tone.Plain()));
        assertThatIllegalArgumentException().isThrownBy(() -> new Stock(0.6, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Stock(0.04, 0.9));
    }
}
