package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.LowestThird.Weighed;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** One rule for skills and marks. */
class LowestThirdTest {
    private static Weighed level(int level) {
        return new Weighed(Level.values()[level], 1);
    }

    @Test
    void whatIsNotThereIsNotMadeUpForByOthers() {
        assertThat(LowestThird.of(List.of(level(1), level(4), level(4)))).isEqualTo(1);
        assertThat(LowestThird.of(List.of(level(4), level(2)))).isEqualTo(2);
        assertThat(LowestThird.of(List.of(level(4), level(1), level(3), level(4))))
                .isCloseTo(1.5, within(1e-12));
    }

    @Test
    void neitherOrderNorSplittingAWeightMatters() {
        Random random = new Random(5);
        for (int n = 0; n < 500; n++) {
            List<Weighed> goals = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(6); i++) {
                goals.add(new Weighed(Level.values()[random.nextInt(5)], 0.5 + random.nextInt(6)));
            }
            double found = LowestThird.of(goals);
            Collections.shuffle(goals, random);
            assertThat(LowestThird.of(goals)).isCloseTo(found, within(1e-9));
            Weighed first = goals.remove(0);
            goals.add(new Weighed(first.level(), first.weight() / 4));
            goals.add(new Weighed(first.level(), 3 * first.weight() / 4));
            assertThat(LowestThird.of(goals)).isCloseTo(found, within(1e-9));
        }
    }

    /** A mark of secure or more says that a skill is: where no skill of a sheet is secure, its mark is not either. */
    @Test
    void aMarkNeverSaysSecureWhereNoSkillIs() {
        List<Goal> goals = List.of(
                Goal.ORDER, Goal.EQUAL_STEPS, Goal.FULL_RANGE, Goal.EVEN_INSIDE, Goal.RICH_DARK, Goal.NEAT_EDGE);
        assertThat(goals).allMatch(g -> !Skill.seenIn("pressure-scale", g).isEmpty());
        Random random = new Random(6);
        for (int n = 0; n < 5000; n++) {
            List<Attempt.Shown> shown = new ArrayList<>();
            List<MarkScale.Reached> reached = new ArrayList<>();
            for (Goal goal : goals) {
                Level level = Level.values()[1 + random.nextInt(4)];
                shown.add(StudentRecordTest.shown(goal, level, null, null));
                reached.add(new MarkScale.Reached(goal, level));
            }
            StudentRecord record = new StudentRecord(
                    List.of(new Attempt(java.time.Instant.EPOCH, "pressure-scale", shown)), java.time.ZoneOffset.UTC);
            double best = record.standings().values().stream()
                    .mapToDouble(SkillLevel::level)
                    .max()
                    .orElseThrow();
            double mark = Optional.of(reached)
                    .flatMap(MarkScale.LEVELS::mark)
                    .orElseThrow()
                    .level();
            assertThat(mark).as("%s", reached).isLessThanOrEqualTo(best);
        }
    }
}
