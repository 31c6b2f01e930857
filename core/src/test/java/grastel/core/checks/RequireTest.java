package grastel.core.checks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.util.Map;
import org.junit.jupiter.api.Test;

class RequireTest {
    @Test
    void whatIsThereIsGiven() {
        assertThat(Require.key(Map.of("box 1", 7), "box 1")).isEqualTo(7);
        assertThat(Require.present(7, "the box")).isEqualTo(7);
    }

    @Test
    void whatIsMissingIsNamed() {
        assertThatIllegalStateException()
                .isThrownBy(() -> Require.key(Map.of("box 1", 7), "box 2"))
                .withMessageContaining("box 2")
                .withMessageContaining("box 1");
        assertThatIllegalStateException()
                .isThrownBy(() -> Require.present(null, "the box"))
                .withMessage("the box is missing");
    }
}
