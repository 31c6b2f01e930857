package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CauseTest {
    @ParameterizedTest
    @EnumSource(Cause.class)
    void everyCauseSaysWhatIsSeenAndOneThingToDo(Cause cause) {
        assertThat(cause.sign()).isNotBlank().doesNotEndWith(".");
        assertThat(cause.next()).matches("\\p{Lu}.*\\.");
    }
}
