package grastel.core.reading.fields;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class MeasuredTest {
    @Test
    void whatIsSharedHardlyCountsBetweenTwoOfAPage() {
        Measured light = new Measured(80, 5, 3.0);
        Measured dark = new Measured(30, 5, 4.0);

        assertThat(light.own()).isCloseTo(4, within(1e-12));
        assertThat(dark.own()).isCloseTo(3, within(1e-12));
        assertThat(light.apart(dark))
                .as("own parts as a sum of squares, and what shared parts differ by")
                .isEqualTo(6);
        assertThat(dark.apart(light)).isEqualTo(light.apart(dark));
        assertThat(new Measured(80, 5).apart(new Measured(30, 12))).isEqualTo(13);
    }

    @Test
    void readingsOfBeforeShareNothingAndNoneSharesMoreThanItHas() {
        assertThat(new Measured(50, 2, null).shared()).isZero();
        assertThat(new Measured(50, 2, null).own()).isEqualTo(2);
        assertThat(new Measured(50, 2, 7.0).shared()).isEqualTo(2);
        assertThat(new Measured(50, 2, 7.0).own()).isZero();
    }

    @Test
    void aFigureIsFiniteAndItsIntervalNotNegative() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Measured(Double.NaN, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Measured(1, -1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Measured(1, 1, -0.5));
    }
}
