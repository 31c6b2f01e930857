package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;

class FunctionTablesTest {
    @Test
    void fadeIsTheExponential() {
        for (double x = 0; x < 39; x += 0.00737) {
            assertThat(FunctionTables.fade(x)).as("e^-%s", x).isCloseTo(Math.exp(-x), withinPercentage(5e-6));
        }
        assertThat(FunctionTables.fade(0)).isEqualTo(1);
        assertThat(FunctionTables.fade(40)).isZero();
        assertThat(FunctionTables.fade(Double.POSITIVE_INFINITY)).isZero();
    }

    @Test
    void spreadIsTheRootOfYuleAndNielsen() {
        for (double r = 0; r <= 1; r += 0.00031) {
            assertThat(FunctionTables.spread(r)).as("R = %s", r).isCloseTo(Math.pow(r, 1 / 1.7), within(2e-6));
        }
        assertThat(FunctionTables.spread(1)).isEqualTo(1);
    }
}
