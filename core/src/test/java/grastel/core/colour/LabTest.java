package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LabTest {
    @Test
    void lightnessOfEighteenPercentGreyIsAboutFifty() {
        // 116 · 0.1842^(1/3) − 16, by hand: 0.1842^(1/3) = 0.56899
        assertThat(Lab.lightnessOf(0.1842)).isCloseTo(50.00, within(0.01));
        assertThat(Lab.lightnessOf(1)).isCloseTo(100, within(1e-12));
        assertThat(Lab.lightnessOf(0)).isZero();
    }

    @Test
    void goesToXyzAndBack() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Lab lab = new Lab(random.nextDouble(1, 100), random.nextDouble(-60, 60), random.nextDouble(-60, 60));
            Xyz xyz = lab.toXyz();
            if (Math.min(xyz.x(), xyz.z()) > 0.001) {
                assertThat(ColourDifference.ciede2000(lab, Lab.of(xyz))).isLessThan(1e-6);
            }
        }
    }

    @Test
    void hueRunsFromRedThroughYellow() {
        assertThat(new Lab(50, 10, 0).hueDegrees()).isZero();
        assertThat(new Lab(50, 0, 10).hueDegrees()).isCloseTo(90, within(1e-9));
        assertThat(new Lab(50, 0, -10).hueDegrees()).isCloseTo(270, within(1e-9));
    }

    @Test
    void refusesWhatIsNoColour() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Lab(-1, 0, 0)).withMessageContaining("-1");
        assertThatIllegalArgumentException().isThrownBy(() -> new Lab(50, Double.NaN, 0));
    }
}
