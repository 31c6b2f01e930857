package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.fit.Slope;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DisplacementTest {
    private static final int SIDE = 120;

    /** Discs on a ground, moved. */
    private static Grid discs(double dx, double dy, double noise) {
        Random random = new Random(4);
        Lab[] colours = new Lab[SIDE * SIDE];
        for (int i = 0; i < colours.length; i++) {
            double x = i % SIDE - dx;
            double y = i / SIDE - dy;
            double lightness = Math.hypot(x - 40, y - 45) < 22 ? 40 : Math.hypot(x - 80, y - 80) < 18 ? 60 : 85;
            colours[i] = new Lab(lightness + noise * random.nextGaussian(), 0, 0);
        }
        return Grid.lightness(SIDE, colours);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "3, 0", "0, -5", "4, 3", "-6, 6"})
    void whatIsMovedIsFoundSoFarOff(double dx, double dy) {
        assertThat(Displacement.of(discs(0, 0, 0), discs(dx, dy, 2)).orElseThrow())
                .isCloseTo(Math.hypot(dx, dy), within(1.5));
    }

    @Test
    void whatAllIsOffAlikeIsFound() {
        assertThat(Displacement.common(discs(0, 0, 0), discs(2, -1, 2))).isEqualTo(new Displacement.Shift(2, -1));
        assertThat(Displacement.common(discs(0, 0, 0), Grid.lightness(SIDE, discsGone())))
                .isEqualTo(Displacement.Shift.NONE);
    }

    @Test
    void whatHasNoEdgesIsNotMeasured() {
        Grid even = Grid.lightness(SIDE, discsGone());
        assertThat(Displacement.of(discs(0, 0, 0), even)).isEmpty();
        assertThat(Displacement.of(even, discs(0, 0, 0))).isEmpty();
    }

    private static Lab[] discsGone() {
        Lab[] colours = new Lab[SIDE * SIDE];
        java.util.Arrays.fill(colours, new Lab(70, 0, 0));
        return colours;
    }

    @Test
    void aPlaneIsFoundByItsSlopes() {
        Lab[] colours = new Lab[SIDE * SIDE];
        int[] cells = new int[SIDE * SIDE];
        for (int i = 0; i < colours.length; i++) {
            colours[i] = new Lab(30 + 0.2 * (i % SIDE) - 0.1 * (i / SIDE), 0, 0);
            cells[i] = i;
        }
        Slope slope = Slope.of(SIDE, Grid.lightness(SIDE, colours)::at, cells);
        assertThat(slope.across()).isCloseTo(0.2, within(1e-4));
        assertThat(slope.down()).isCloseTo(-0.1, within(1e-4));
        assertThat(slope.with(new Slope(0.1, 0.2, slope.xx(), slope.yy(), slope.xy())))
                .as("at a right angle")
                .isCloseTo(0, within(0.2));
    }

    @Test
    void areasHangTogetherBySidesAndNotOverTheEdge() {
        String cells = "##..#" + "#...." + "....#";
        assertThat(Areas.of(5, cells.length(), i -> cells.charAt(i) == '#'))
                .extracting(a -> a.length)
                .containsExactly(3, 1, 1);
    }
}
