package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Thresholds a teacher has moved. */
class ThresholdsTest {
    private static final GoalFields ONE = new GoalFields.Each(List.of("1"));
    private static final GoalPlan FALLING = new GoalPlan(Goal.EVEN_INSIDE, ONE, new Ladder(5.5, 3.5, 2.2));
    private static final GoalPlan RISING = new GoalPlan(Goal.FULL_RANGE, ONE, new Ladder(55, 75, 86));

    @ParameterizedTest
    @EnumSource
    void movingThemIsTheSameForEveryBand(GradeBand band) {
        GoalPlan eased = new GoalPlan(FALLING.goal(), FALLING.of(), FALLING.ladder(), 1.5);

        assertThat(eased.ladder(band).secure())
                .isCloseTo(1.5 * FALLING.ladder(band).secure(), within(1e-9));
        assertThat(eased.ladder(band).nearly())
                .isCloseTo(1.5 * FALLING.ladder(band).nearly(), within(1e-9));
    }

    @Test
    void bandsEaseFallingThresholdsUpAndRisingOnesDown() {
        assertThat(FALLING.ladder(GradeBand.FIRST_STEPS).secure())
                .isGreaterThan(FALLING.ladder(GradeBand.ADVANCED).secure());
        assertThat(RISING.ladder(GradeBand.FIRST_STEPS).secure())
                .isLessThan(RISING.ladder(GradeBand.ADVANCED).secure());
    }

    @Test
    void plansFromBeforeThereWereFactorsHaveTheUsual() {
        assertThat(new GoalPlan(Goal.ORDER, ONE, new Ladder(0, 1, 2), null).factor())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, 4.5, -1, Double.NaN, Double.POSITIVE_INFINITY})
    void thresholdsCannotBeMovedBeyondSense(double factor) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new GoalPlan(Goal.ORDER, ONE, new Ladder(0, 1, 2), factor))
                .withMessageContaining(String.valueOf(factor));
    }
}
