package grastel.core.progress;

import static grastel.core.progress.StudentRecordTest.record;
import static grastel.core.progress.StudentRecordTest.shown;
import static grastel.core.progress.StudentRecordTest.steps;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class SummaryTest {
    private static Attempt even(String day, Level level, Double figure) {
        return new Attempt(
                Instant.parse(day + "T09:00:00Z"),
                "pressure-scale",
                List.of(shown(Goal.EVEN_INSIDE, level, figure, figure == null ? null : 0.5)));
    }

    @Test
    void tellsWhatIsSecureWhatGrewAndWhatIsNext() {
        Summary told = Summary.of(record(
                steps(0, 1),
                steps(7, 3),
                steps(14, 4),
                even("2026-09-02", Level.NEARLY, null),
                even("2026-09-09", Level.NEARLY, null)));

        assertThat(told.secure()).containsExactly(Skill.EQUAL_STEPS);
        assertThat(told.grown()).extracting(Summary.Grown::skill).containsExactly(Skill.EQUAL_STEPS);
        assertThat(told.pair().orElseThrow().latest().level()).isEqualTo(4);
        assertThat(told.next()).contains(Skill.EVEN_TONE);
        assertThat(told.cause()).contains(Cause.PATCHY);
    }

    @Test
    void insideALevelNothingGrewAndNeverWhereTheLevelFell() {
        assertThat(Summary.of(record(even("2026-09-02", Level.NEARLY, 6.0), even("2026-09-09", Level.NEARLY, 3.5)))
                        .grown())
                .isEmpty();
        assertThat(Summary.of(record(even("2026-09-02", Level.NEARLY, 6.0), even("2026-09-09", Level.BEGINNING, 3.5)))
                        .grown())
                .isEmpty();
    }

    @Test
    void whatSlipsIsNotToldAsSecureAndOneWithNothingHasNothing() {
        assertThat(Summary.of(record(steps(0, 4), steps(7, 4), steps(14, 4), steps(21, 2)))
                        .secure())
                .isEmpty();
        Summary none = Summary.of(record());
        assertThat(none.secure()).isEmpty();
        assertThat(none.next()).isEmpty();
        assertThat(none.pair()).isEmpty();
    }

    /** Who is secure in all that was tried gets the next skill that builds on it. */
    @Test
    void whoIsSecureInAllGetsAStretch() {
        Summary secure = Summary.of(record(steps(0, 3), steps(7, 4)));
        assertThat(secure.next()).isEmpty();
        assertThat(secure.stretch()).contains(Skill.PRESSURE);
        assertThat(Summary.of(record(steps(0, 1))).stretch()).isEmpty();
    }
}
