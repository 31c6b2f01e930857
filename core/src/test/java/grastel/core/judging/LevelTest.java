package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import org.junit.jupiter.api.Test;

class LevelTest {
    /** Steps: less is better. */
    private static final Ladder USUAL = new Ladder(45, 25, 12);

    @Test
    void whatWasJudgedForFirstStepsIsHeldAgainstThePresentBand() {
        Ladder held = USUAL.of(GradeBand.FIRST_STEPS);
        assertThat(Level.of(30, held)).isEqualTo(Level.SECURE);
        assertThat(Level.SECURE.moved(30.0, held, GradeBand.FIRST_STEPS, GradeBand.ADVANCED))
                .isEqualTo(Level.of(30, USUAL.of(GradeBand.ADVANCED)))
                .isEqualTo(Level.NEARLY);
    }

    @Test
    void movedThereAndBackIsTheSame() {
        for (Ladder ladder : new Ladder[] {USUAL, new Ladder(60, 75, 90)}) {
            Ladder there = ladder.moved(GradeBand.FIRST_STEPS, GradeBand.ADVANCED);
            Ladder back = there.moved(GradeBand.ADVANCED, GradeBand.FIRST_STEPS);
            assertThat(back.secure()).isBetween(ladder.secure() - 1e-9, ladder.secure() + 1e-9);
            assertThat(ladder.of(GradeBand.FIRST_STEPS)
                            .moved(GradeBand.FIRST_STEPS, GradeBand.ADVANCED)
                            .secure())
                    .isBetween(
                            ladder.of(GradeBand.ADVANCED).secure() - 1e-9,
                            ladder.of(GradeBand.ADVANCED).secure() + 1e-9);
        }
    }

    @Test
    void whatATeacherDecidedOtherwiseStands() {
        Ladder held = USUAL.of(GradeBand.FIRST_STEPS);
        assertThat(Level.BEYOND.moved(30.0, held, GradeBand.FIRST_STEPS, GradeBand.ADVANCED))
                .isEqualTo(Level.BEYOND);
        assertThat(Level.NOT_TRIED.moved(null, held, GradeBand.FIRST_STEPS, GradeBand.ADVANCED))
                .isEqualTo(Level.NOT_TRIED);
    }
}
