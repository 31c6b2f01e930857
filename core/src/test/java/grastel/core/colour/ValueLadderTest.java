package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class ValueLadderTest {
    @Test
    void stepsAreEquallyFarApartInValue() {
        List<Lab> greys = new ValueLadder(5).greys();

        assertThat(greys.get(0).value()).isCloseTo(9.5, within(1e-6));
        assertThat(greys.get(2).value()).isCloseTo(5.25, within(1e-6));
        assertThat(greys.get(4).value()).isCloseTo(1, within(1e-6));
        assertThat(greys).allMatch(g -> g.chroma() == 0);
    }

    @Test
    void findsTheNearestStep() {
        ValueLadder ladder = new ValueLadder(9);
        for (int step = 1; step <= 9; step++) {
            assertThat(ladder.nearest(ladder.valueOf(step) + 0.2)).isEqualTo(step);
        }
        assertThat(ladder.nearest(10)).isEqualTo(1);
        assertThat(ladder.nearest(0)).isEqualTo(9);
    }

    @Test
    void hasThreeToElevenSteps() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new ValueLadder(2))
                .withMessageContaining("2");
        assertThatIllegalArgumentException().isThrownBy(() -> new ValueLadder(12));
    }
}
