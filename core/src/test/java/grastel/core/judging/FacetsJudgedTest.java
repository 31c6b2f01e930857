package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.PieceTask.Fault;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Compositions drawn, printed lines and all, scanned, read and judged. */
@Tag("picture")
class FacetsJudgedTest {
    private static Map<Goal, Proposal> judged(ChosenValues values, Fault fault, long seed) throws UnreadablePage {
        return DrawnPiece.judged("faceted-composition", values, fault, 0.9, DrawnPiece.SCAN, seed);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void aSteadyHandIsSecureInAllOfIt(int variant) throws UnreadablePage {
        Map<Goal, Proposal> judged =
                judged(ChosenValues.of("variant", variant).with("colours", variant), Fault.NONE, variant);
        assertThat(judged).containsKeys(Goal.EDGES_READ, Goal.FADES_TURN, Goal.SMOOTH_AREAS);
        assertThat(judged.values())
                .allSatisfy(p ->
                        assertThat(p.level()).as("%s %s", p.goal(), p.figure()).isGreaterThanOrEqualTo(Level.SECURE));
    }

    @Test
    void whatIsWrongIsNamed() throws UnreadablePage {
        ChosenValues values = ChosenValues.of("colours", 1);
        assertThat(judged(values, Fault.ALL_MIDDLE, 4).get(Goal.EDGES_READ).cause())
                .isEqualTo(Cause.EDGE_LOST);
        // Mirrored from left to right: what fades up or down is as it was.
        assertThat(fades(judged(values, Fault.WRONG_LIGHT, 5))).isLessThan(fades(judged(values, Fault.NONE, 5)) - 10);
        assertThat(judged(values, Fault.STRIPES, 7).get(Goal.SMOOTH_AREAS).cause())
                .isEqualTo(Cause.STRIPED);
    }

    private static double fades(Map<Goal, Proposal> judged) {
        return judged.get(Goal.FADES_TURN).figure().value();
    }
}
