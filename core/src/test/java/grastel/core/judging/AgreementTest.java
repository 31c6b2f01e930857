package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Agreement.Decision;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AgreementTest {
    private static final Ladder FALLING = new Ladder(5.5, 3.5, 2.2);

    private static Decision decision(double figure, Level decided) {
        Level proposed = FALLING.reachesSecure(figure) ? Level.SECURE : Level.NEARLY;
        return new Decision(Goal.EVEN_INSIDE, figure, FALLING, 1, proposed, decided);
    }

    @Test
    void aTeacherWhoIsContentWithMoreIsToldByHowMuch() {
        List<Decision> decisions = IntStream.range(0, 12)
                .mapToObj(i -> decision(2.5 + 0.25 * i, 2.5 + 0.25 * i <= 4.4 ? Level.SECURE : Level.NEARLY))
                .toList();
        Agreement found = Agreement.of(decisions).get(0);

        assertThat(found.marks()).isEqualTo(12);
        assertThat(found.higher()).isEqualTo(3);
        assertThat(found.lower()).isZero();
        assertThat(found.agreeNow()).isEqualTo(9);
        assertThat(found.factor() * 3.5).isCloseTo(4.375, within(0.13));
        assertThat(found.agreeThen()).isEqualTo(12);
    }

    @Test
    void whoAgreesIsLeftAlone() {
        List<Decision> decisions = IntStream.range(0, 12)
                .mapToObj(i -> decision(2 + 0.3 * i, 2 + 0.3 * i <= 3.5 ? Level.SECURE : Level.NEARLY))
                .toList();

        assertThat(Agreement.of(decisions)).singleElement().satisfies(a -> {
            assertThat(a.factor()).isNull();
            assertThat(a.same()).isEqualTo(12);
        });
    }

    @Test
    void aFewDecisionsSayNothing() {
        List<Decision> decisions =
                IntStream.range(0, 5).mapToObj(i -> decision(4, Level.SECURE)).toList();

        assertThat(Agreement.of(decisions).get(0).factor()).isNull();
        assertThat(Agreement.of(decisions).get(0).higher()).isEqualTo(5);
    }

    @Test
    void risingThresholdsMoveTheOtherWay() {
        Ladder rising = new Ladder(55, 75, 86);
        List<Decision> decisions = IntStream.range(0, 10)
                .mapToObj(i -> new Decision(
                        Goal.FULL_RANGE,
                        60 + 3 * i,
                        rising,
                        1,
                        60 + 3 * i >= 75 ? Level.SECURE : Level.NEARLY,
                        60 + 3 * i >= 66 ? Level.SECURE : Level.NEARLY))
                .toList();

        assertThat(Agreement.of(decisions).get(0).factor()).isBetween(0.84, 0.88);
    }

    /** Figures up to 4.4 content this teacher, whose sheets have allowed 3.5 × 0.8 so far. */
    @Test
    void theFactorIsOfTheUsualThresholdsWhateverTheSheetsHad() {
        List<Decision> decisions = heldAt(0.8, 2.5, 4.4);
        Agreement found = Agreement.of(decisions).get(0);

        assertThat(found.secure()).isCloseTo(3.5, within(1e-9));
        assertThat(found.inUse()).isCloseTo(2.8, within(1e-9));
        assertThat(found.factor() * 3.5).isCloseTo(4.375, within(0.13));
        assertThat(found.agreeThen()).isEqualTo(12);
    }

    /** Sheets were eased to 1.25 once; the teacher in truth keeps to the usual. */
    @Test
    void goingBackToTheUsualIsSuggestedToo() {
        List<Decision> decisions = heldAt(1.25, 2.05, 3.5);

        assertThat(Agreement.of(decisions).get(0).factor()).isEqualTo(1);
    }

    /** Counted one by one for every factor, against what is told by order. Figures on a grid, so that many are alike. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void noOtherFactorWouldAgreeMoreOften(boolean rising) {
        RandomGenerator random = new SplittableRandom(rising ? 5 : 6);
        Ladder usual = rising ? new Ladder(2, 4, 6) : new Ladder(6, 4, 2);
        for (int trial = 0; trial < 50; trial++) {
            double taste = random.nextDouble(0.7, 1.4) * 4;
            List<Decision> decisions = IntStream.range(0, 40)
                    .mapToObj(i -> {
                        double figure = Math.rint(random.nextDouble(0, 8) * 4) / 4;
                        boolean content = rising == figure >= taste ^ random.nextDouble() < 0.1;
                        Level decided = content ? Level.SECURE : Level.NEARLY;
                        return new Decision(Goal.ORDER, figure, usual, 1, Level.SECURE, decided);
                    })
                    .toList();

            Agreement found = Agreement.of(decisions).get(0);

            long most = IntStream.rangeClosed(0, 1000)
                    .mapToLong(i -> agreeing(decisions, rising, 0.5 + i * 0.0015))
                    .max()
                    .orElseThrow();
            assertThat(found.agreeNow()).isEqualTo((int) agreeing(decisions, rising, 1));
            assertThat((long) found.agreeThen()).isBetween((long) found.agreeNow(), most);
            if (found.factor() != null) {
                assertThat((long) found.agreeThen())
                        .isEqualTo(agreeing(decisions, rising, found.factor()))
                        .isEqualTo(most);
            }
        }
    }

    private static long agreeing(List<Decision> decisions, boolean rising, double factor) {
        return decisions.stream()
                .filter(d ->
                        (rising ? d.figure() >= 4 * factor : d.figure() <= 4 * factor) == (d.decided() == Level.SECURE))
                .count();
    }

    /** Twelve figures from {@code from} on, a quarter apart; up to {@code content} the teacher says secure. */
    private static List<Decision> heldAt(double factor, double from, double content) {
        Ladder held = FALLING.times(factor);
        return IntStream.range(0, 12)
                .mapToDouble(i -> from + 0.25 * i)
                .mapToObj(figure -> new Decision(
                        Goal.EVEN_INSIDE,
                        figure,
                        held,
                        factor,
                        held.reachesSecure(figure) ? Level.SECURE : Level.NEARLY,
                        figure <= content ? Level.SECURE : Level.NEARLY))
                .toList();
    }
}
