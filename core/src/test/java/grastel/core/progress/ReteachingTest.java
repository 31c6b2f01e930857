package grastel.core.progress;

import static grastel.core.progress.StudentRecordTest.record;
import static grastel.core.progress.StudentRecordTest.shown;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Reteaching.Figure;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReteachingTest {
    /** Taught again on the tenth day. */
    private static final Instant TAUGHT = Instant.parse("2026-09-11T08:00:00Z");

    private static Attempt steps(String received, Level level, double figure) {
        return new Attempt(
                Instant.parse(received), "pressure-scale", List.of(shown(Goal.EQUAL_STEPS, level, figure, 6.0)));
    }

    @Test
    void whoWasBelowSecureCountsByTheLastBeforeAndTheFirstAfter() {
        StudentRecord grew = record(
                steps("2026-09-01T09:00:00Z", Level.BEGINNING, 70),
                steps("2026-09-08T09:00:00Z", Level.NEARLY, 40),
                steps("2026-09-15T09:00:00Z", Level.SECURE, 20),
                steps("2026-09-22T09:00:00Z", Level.BEYOND, 9));
        StudentRecord same = record(
                steps("2026-09-08T09:00:00Z", Level.BEGINNING, 60), steps("2026-09-15T09:00:00Z", Level.BEGINNING, 56));
        StudentRecord secureBefore = record(StudentRecordTest.steps(0, 3), StudentRecordTest.steps(20, 1));
        StudentRecord notYet = record(StudentRecordTest.steps(0, 1));
        Reteaching changed = Reteaching.of(List.of(grew, same, secureBefore, notYet), Skill.EQUAL_STEPS, TAUGHT)
                .orElseThrow();
        assertThat(changed).isEqualTo(new Reteaching(2, 1.5, 2, 1, List.of(new Figure(Goal.EQUAL_STEPS, 2, 50, 38))));
    }

    @Test
    void nothingIsSaidBeforeAnybodyHasShownItAgain() {
        assertThat(Reteaching.of(List.of(record(StudentRecordTest.steps(0, 1))), Skill.EQUAL_STEPS, TAUGHT))
                .isEmpty();
        assertThat(Reteaching.of(List.of(record(StudentRecordTest.steps(20, 1))), Skill.EQUAL_STEPS, TAUGHT))
                .as("nothing before it")
                .isEmpty();
    }

    @Test
    void anAttemptOfThatVeryMomentIsAfterIt() {
        StudentRecord at = record(StudentRecordTest.steps(0, 1), steps("2026-09-11T08:00:00Z", Level.SECURE, 20));
        assertThat(Reteaching.of(List.of(at), Skill.EQUAL_STEPS, TAUGHT)
                        .orElseThrow()
                        .secure())
                .isEqualTo(1);
    }
}
