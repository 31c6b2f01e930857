package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.SkillChange.Trend;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Laws of standings, growth and the next step. */
class StudentRecordTest {
    private static final Instant SEPTEMBER = Instant.parse("2026-09-01T09:00:00Z");
    private static final UUID PAGE = new UUID(1, 2);
    /** Spread of steps, %: less is better. */
    private static final Ladder STEPS = new Ladder(50, 30, 18);

    static Shown shown(Goal goal, Level level, Double figure, Double plusMinus) {
        return new Shown(goal, level, figure, plusMinus, STEPS, null, Cause.PATCHY, PAGE, "1");
    }

    /** A pressure scale whose equal steps are at a level. */
    static Attempt steps(int day, int level) {
        return new Attempt(
                SEPTEMBER.plus(day, ChronoUnit.DAYS),
                "pressure-scale",
                List.of(shown(Goal.EQUAL_STEPS, Level.values()[level], null, null)));
    }

    static StudentRecord record(Attempt... attempts) {
        return new StudentRecord(List.of(attempts), ZoneOffset.UTC);
    }

    private static SkillLevel equalSteps(Attempt... attempts) {
        return record(attempts).standing(Skill.EQUAL_STEPS).orElseThrow();
    }

    @Test
    void theLastThreeCountTheLatestMost() {
        assertThat(equalSteps(steps(0, 1)).level()).isEqualTo(1);
        assertThat(equalSteps(steps(0, 1), steps(7, 3)).level()).isEqualTo((0.5 * 3 + 0.3 * 1) / 0.8, within(1e-9));
        assertThat(equalSteps(steps(0, 0), steps(7, 1), steps(14, 2), steps(21, 3))
                        .level())
                .isEqualTo(0.5 * 3 + 0.3 * 2 + 0.2 * 1, within(1e-9));
    }

    @Test
    void goalsOfOneAttemptCountByTheirLowestThird() {
        Attempt fade = new Attempt(
                SEPTEMBER,
                "gradation-strip",
                List.of(
                        shown(Goal.SMOOTH_FADE, Level.BEYOND, null, null),
                        shown(Goal.NO_REVERSAL, Level.SECURE, null, null),
                        shown(Goal.FADES_TO_PAPER, Level.BEGINNING, null, null)));
        SkillLevel gradation = record(fade).standing(Skill.GRADATION).orElseThrow();
        assertThat(gradation.level()).isEqualTo(1);
        assertThat(gradation.latest().weakest().goal()).isEqualTo(Goal.FADES_TO_PAPER);
    }

    @Test
    void secureIsTwoDaysAtThreeAndTheLevelItself() {
        assertThat(equalSteps(steps(0, 4)).isSecure()).isFalse();
        assertThat(equalSteps(steps(0, 3), steps(0, 3)).isSecure())
                .as("both on one day")
                .isFalse();
        assertThat(equalSteps(steps(0, 3), steps(7, 4)).isSecure()).isTrue();
        assertThat(equalSteps(steps(0, 3), steps(7, 3), steps(14, 2)).isSecure())
                .as("two days at three, but the level is below it")
                .isFalse();
    }

    @Test
    void aSkillHasOneVerdict() {
        assertThat(equalSteps(steps(0, 1)).change().trend()).as("drawn once").isEqualTo(Trend.TOO_LITTLE);
        assertThat(equalSteps(steps(0, 1), steps(7, 3)).change().trend()).isEqualTo(Trend.GREW);
        assertThat(equalSteps(steps(0, 3), steps(7, 1)).change().trend()).isEqualTo(Trend.SLIPPED);
        assertThat(equalSteps(steps(0, 3), steps(7, 3)).change().trend()).isEqualTo(Trend.STEADY);
    }

    @Test
    void nothingAboveBeyondCounts() {
        assertThat(equalSteps(spread(0, 17, null), spread(7, 3, null)).change())
                .satisfies(c -> assertThat(c.levels()).isZero())
                .satisfies(c -> assertThat(c.clearest()).isEmpty());
    }

    /** Seven steps over the same range are two thirds as large as five: the same hand is read as more uneven. */
    @Test
    void smallerStepsAreHarderAndNoSlip() {
        SkillChange alike = equalSteps(spread(0, 24, 18.0), spread(7, 36, 12.0)).change();
        assertThat(alike.levels()).isZero();
        assertThat(alike.trend()).isEqualTo(Trend.STEADY);
        assertThat(equalSteps(spread(0, 24, 18.0), spread(7, 60, 18.0)).change().trend())
                .as("as many steps")
                .isEqualTo(Trend.SLIPPED);
    }

    /** @param percent spread of the steps, read with ± 2; @param step asked between two boxes, L* */
    private static Attempt spread(int day, double percent, Double step) {
        return new Attempt(
                SEPTEMBER.plus(day, ChronoUnit.DAYS),
                "pressure-scale",
                List.of(new Shown(
                        Goal.EQUAL_STEPS, Level.of(percent, STEPS), percent, 2.0, STEPS, step, null, PAGE, "1")));
    }

    @Test
    void lawsHoldForAnyAttempts() {
        Random random = new Random(1);
        for (int trial = 0; trial < 2000; trial++) {
            List<Attempt> attempts = new ArrayList<>();
            int count = 1 + random.nextInt(8);
            for (int i = 0; i < count; i++) {
                attempts.add(steps(7 * i, random.nextInt(5)));
            }
            SkillLevel before = new StudentRecord(attempts, ZoneOffset.UTC)
                    .standing(Skill.EQUAL_STEPS)
                    .orElseThrow();
            List<Double> levels =
                    before.tries().stream().map(SkillLevel.Try::level).toList();
            assertThat(before.level()).isBetween(Collections.min(levels), Collections.max(levels));

            List<Attempt> shuffled = new ArrayList<>(attempts);
            Collections.shuffle(shuffled, random);
            assertThat(new StudentRecord(shuffled, ZoneOffset.UTC).standing(Skill.EQUAL_STEPS))
                    .as("the order of confirming does not matter")
                    .contains(before);

            int better = (int) Math.ceil(before.level());
            attempts.add(steps(7 * count, better));
            assertThat(new StudentRecord(attempts, ZoneOffset.UTC)
                            .standing(Skill.EQUAL_STEPS)
                            .orElseThrow()
                            .level())
                    .as("a better attempt does not lower it")
                    .isGreaterThanOrEqualTo(before.level());
        }
    }

    @Test
    void growthIsSaidOnlyWhereItStandsClearOfItsError() {
        Random random = new Random(2);
        int claimed = 0;
        int found = 0;
        int students = 1000;
        for (int i = 0; i < students; i++) {
            claimed += grew(30, 30, random) ? 1 : 0;
            // two levels of equal steps, from beginning to secure, read with ± 6
            found += grew(66, 26, random) ? 1 : 0;
        }
        assertThat(claimed).as("on noise alone").isLessThanOrEqualTo(students / 20);
        assertThat(found).as("a step of two levels").isGreaterThanOrEqualTo(students * 9 / 10);
    }

    /** @param from and to true spread of steps, %, read with a 95 % interval of ± 6 */
    private static boolean grew(double from, double to, Random random) {
        double plusMinus = 6;
        double sigma = plusMinus / 1.96;
        List<Attempt> attempts = new ArrayList<>();
        double[] truth = {from, to};
        for (int i = 0; i < truth.length; i++) {
            double read = truth[i] + sigma * random.nextGaussian();
            attempts.add(new Attempt(
                    SEPTEMBER.plus(7L * i, ChronoUnit.DAYS),
                    "pressure-scale",
                    List.of(shown(Goal.EQUAL_STEPS, Level.of(read, STEPS), read, plusMinus))));
        }
        return equalSteps(attempts.toArray(Attempt[]::new)).change().trend() == Trend.GREW;
    }

    @Test
    void theNextStepIsTheFirstNeededSkillBelowSecure() {
        Attempt scale = new Attempt(
                SEPTEMBER,
                "pressure-scale",
                List.of(
                        shown(Goal.ORDER, Level.SECURE, null, null),
                        shown(Goal.FULL_RANGE, Level.SECURE, null, null),
                        shown(Goal.EVEN_INSIDE, Level.NEARLY, null, null),
                        shown(Goal.EQUAL_STEPS, Level.BEGINNING, null, null)));
        assertThat(record(scale).next(Set.of())).contains(Skill.EVEN_TONE);
        assertThat(record(scale).next(Set.of(Skill.EQUAL_STEPS))).contains(Skill.EQUAL_STEPS);
        assertThat(record(steps(0, 4)).next(Set.of())).isEmpty();
        assertThat(record().standings()).isEmpty();
    }
}
