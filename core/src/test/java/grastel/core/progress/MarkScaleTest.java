package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.progress.MarkScale.Reached;
import grastel.core.progress.MarkScale.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MarkScaleTest {
    private static final MarkScale LETTERS = new MarkScale(
            Map.of(Goal.NEAT_EDGE, 0.0, Goal.EVEN_INSIDE, 2.0),
            List.of(new Step(0, "U"), new Step(40, "D"), new Step(55, "C"), new Step(70, "B"), new Step(90, "A")));

    private static Reached reached(Goal goal, int level) {
        return new Reached(goal, Level.values()[level]);
    }

    @Test
    void theWeakestThirdCountsByWeightAndAWholeLevelIsReachedOrNot() {
        // of a weight of 5 the weakest 5/3: ORDER with 1, EVEN_INSIDE with 2/3 of its 2; (1·2 + 2/3·3) / (5/3) = 2.4
        var mark = LETTERS.mark(List.of(
                        reached(Goal.EVEN_INSIDE, 3),
                        reached(Goal.ORDER, 2),
                        reached(Goal.EQUAL_STEPS, 4),
                        reached(Goal.FULL_RANGE, 4),
                        reached(Goal.NEAT_EDGE, 0)))
                .orElseThrow();
        assertThat(mark.level()).isCloseTo(2.4, within(1e-12));
        assertThat(mark.value()).isCloseTo(61, within(1e-9));
        assertThat(mark.name()).isEqualTo("C");
        assertThat(LETTERS.mark(List.of(reached(Goal.ORDER, 4))).orElseThrow())
                .isEqualTo(new MarkScale.Mark(4, 90, "A"));
        assertThat(LETTERS.mark(List.of(reached(Goal.NEAT_EDGE, 4)))).isEmpty();
        assertThat(LETTERS.mark(List.of())).isEmpty();
    }

    @Test
    void aBetterGoalNeverMakesAWorseMark() {
        MarkScale falling = new MarkScale(
                Map.of(),
                List.of(new Step(6, ""), new Step(5, ""), new Step(3.5, ""), new Step(2, ""), new Step(1, "")));
        Random random = new Random(4);
        for (int n = 0; n < 500; n++) {
            List<Reached> goals = new ArrayList<>();
            for (Goal goal : List.of(Goal.ORDER, Goal.EVEN_INSIDE, Goal.RICH_DARK)) {
                goals.add(reached(goal, random.nextInt(5)));
            }
            int at = random.nextInt(goals.size());
            if (goals.get(at).level() == Level.BEYOND) {
                continue;
            }
            List<Reached> better = new ArrayList<>(goals);
            better.set(at, reached(goals.get(at).goal(), goals.get(at).level().ordinal() + 1));
            assertThat(LETTERS.mark(better).orElseThrow().value())
                    .isGreaterThanOrEqualTo(LETTERS.mark(goals).orElseThrow().value());
            assertThat(falling.mark(better).orElseThrow().value())
                    .isLessThanOrEqualTo(falling.mark(goals).orElseThrow().value());
        }
    }

    @Test
    void aScaleRunsOneWayAndHasAStepForEachLevel() {
        List<Step> back = List.of(new Step(0, ""), new Step(2, ""), new Step(1, ""), new Step(3, ""), new Step(4, ""));
        assertThatIllegalArgumentException().isThrownBy(() -> new MarkScale(Map.of(), back));
        assertThatIllegalArgumentException().isThrownBy(() -> new MarkScale(Map.of(), back.subList(0, 4)));
        List<Step> flat = List.of(new Step(1, ""), new Step(1, ""), new Step(1, ""), new Step(1, ""), new Step(1, ""));
        assertThatIllegalArgumentException().isThrownBy(() -> new MarkScale(Map.of(), flat));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new MarkScale(Map.of(Goal.ORDER, -1.0), MarkScale.LEVELS.steps()));
    }
}
