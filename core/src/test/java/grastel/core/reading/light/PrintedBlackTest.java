package grastel.core.reading.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PrintedBlackTest {
    private static final double PAPER = 0.88;
    private static final double DARKEST_PENCIL = 0.015;

    private static PrintedBlack of(double black, double veil, Double... keys) {
        return PrintedBlack.of(black / PAPER + veil, PAPER, List.of(keys), DARKEST_PENCIL);
    }

    /** Without a veil the estimate is near whatever black there is, from photo ink to the palest draft. */
    @ParameterizedTest
    @ValueSource(doubles = {0.015, 0.03, 0.045, 0.08, 0.16, 0.3})
    void anyBlackIsFoundWhereNothingVeilsIt(double black) {
        PrintedBlack found = of(black, 0);

        assertThat(found.reflectance()).isBetween(black - 0.012, black + 0.006);
        assertThat(Math.abs(found.reflectance() - black)).isLessThan(2 * found.spread() + 0.001);
    }

    @Test
    void aLittleFlareIsWithinItsSpread() {
        PrintedBlack found = of(0.04, 0.015);

        assertThat(Math.abs(found.reflectance() - 0.04)).isLessThan(2 * found.spread());
    }

    /** Levels that were spread make the black nearly none: no ink is so black, and nobody knows what was taken off. */
    @Test
    void blackerThanAnyInkIsNotTakenForInk() {
        PrintedBlack found = PrintedBlack.of(0.002, PAPER, List.of(), DARKEST_PENCIL);

        assertThat(found.reflectance()).isGreaterThan(0.008);
        assertThat(found.spread()).isGreaterThan(of(0.04, 0).spread());
    }

    /** A key box that would be darker than any pencil says that light was taken off. */
    @Test
    void aKeyDarkerThanAnyPencilLiftsTheBlack() {
        double seen = 0.01;
        PrintedBlack without = PrintedBlack.of(seen, PAPER, List.of(), DARKEST_PENCIL);
        PrintedBlack with = PrintedBlack.of(seen, PAPER, List.of(0.002, 0.6), DARKEST_PENCIL);
        PrintedBlack ordinary = PrintedBlack.of(seen, PAPER, List.of(0.3, 0.6), DARKEST_PENCIL);

        assertThat(with.reflectance()).isGreaterThan(without.reflectance() + 0.005);
        assertThat(ordinary.reflectance()).isEqualTo(without.reflectance());
        assertThat(PrintedBlack.of(seen, PAPER, List.of(0.002), 0).reflectance())
                .as("pencils nobody knows say nothing")
                .isEqualTo(without.reflectance());
    }
}
