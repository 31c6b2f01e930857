package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.planning.Logged.Done;
import grastel.core.planning.PaceEvidence.Came;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.calendar.Period;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A lesson of three fields of ten minutes, drawn in a period of thirty. */
class PaceEvidenceTest {
    private static final LocalDateTime TUESDAY = LocalDateTime.parse("2026-09-01T11:05");
    private static final LocalDate WEDNESDAY = LocalDate.parse("2026-09-02");
    private static final ClassTime USUAL = new ClassTime(0, 0, 1);

    private final Lesson lesson = new Lesson("l", List.of(field("1"), field("2"), field("3")), null);

    private static Stage field(String id) {
        return new Stage("s1.1." + id, Kind.WORK, new Part(0, 0, id, "", ""), 10, Stop.GOOD, List.of());
    }

    private static Logged done(String... fields) {
        Set<Done> done = new java.util.HashSet<>();
        for (String f : fields) {
            done.add(new Done("l", "s1.1." + f));
        }
        Period period = new Period(TUESDAY, TUESDAY, 30, "", Period.State.USUAL);
        return new Logged(period, done, Set.of("l"), false);
    }

    private PaceEvidence evidence(Came... came) {
        return PaceEvidence.of(List.of(lesson), List.of(done("1", "2", "3")), USUAL, List.of(came));
    }

    private static Came came(String student, String field) {
        return new Came(student, "l", 0, field, WEDNESDAY);
    }

    @Test
    void whoCameOnlyToTheFirstFieldsMakesTheClassSlower() {
        PaceEvidence slow = evidence(came("a", "1"), came("b", "1"), came("c", "2"));
        assertThat(slow.periods()).isEqualTo(1);
        assertThat(slow.pages()).isEqualTo(3);
        assertThat(slow.pace().speed()).isLessThan(evidence().pace().speed());
        assertThat(slow.pace().sigma()).isLessThan(evidence().pace().sigma());
    }

    /** Two of thirty minutes' fields begun: one done and half of the next are 15 usual minutes in 30, so half the pace. */
    @Test
    void aPageIsHeldAgainstTheTimeThereWas() {
        PaceEvidence one = PaceEvidence.of(
                List.of(lesson), List.of(done("1", "2", "3")), USUAL, List.of(came("a", "2"), came("a", "1")));
        Pace expected = Pace.learned(List.of(Pace.logged(30, 30, true), Pace.page(lesson.stages(), 2, 30)));
        assertThat(one.pages()).isEqualTo(1);
        assertThat(one.pace().speed()).isCloseTo(expected.speed(), within(1e-9));
    }

    @Test
    void whatCameBackBeforeThePeriodOrOfAnotherLessonTellsNothing() {
        Came early = new Came("a", "l", 0, "1", LocalDate.parse("2026-08-31"));
        Came other = new Came("a", "m", 0, "1", WEDNESDAY);
        Came unknown = came("a", "9");
        assertThat(evidence(early, other, unknown)).isEqualTo(evidence());
    }
}
