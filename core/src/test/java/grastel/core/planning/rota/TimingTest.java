package grastel.core.planning.rota;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.Shipped;
import grastel.core.media.Pencil;
import grastel.core.planning.rota.Rota.Turn;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TimingTest {
    private static final Pencil RED = Shipped.ALL.get(0);
    private static final Pencil BLUE = Shipped.ALL.get(8);

    /** Two parts, red 6 min then blue 4 min; one copy of each. */
    private static final RotaCase TWO = new RotaCase(
            2,
            List.of(
                    new Task("0", List.of(new Hold(RED, 6)), Set.of()),
                    new Task("1", List.of(new Hold(BLUE, 4)), Set.of())),
            Map.of(RED, 1, BLUE, 1));

    /** Both want red at once: B waits 6 min for it, then works 6 to 12; blue is free for both. */
    @Test
    void whoComesSecondWaitsUntilTheFirstIsDone() {
        Rota rota = Timing.of(TWO, List.of(List.of(0, 1), List.of(0, 1)));
        assertThat(rota.waiting()).containsExactly(Map.entry(RED, 6.0));
        assertThat(rota.seats().get(1).turns()).containsExactly(new Turn(0, 0, 12, 6), new Turn(1, 12, 16, 0));
    }

    /** A has red 0–6, B blue 0–4 and then waits 2 min for red; A finds blue free. */
    @Test
    void anotherOrderShortensIt() {
        Rota rota = Timing.of(TWO, List.of(List.of(0, 1), List.of(1, 0)));
        assertThat(rota.waitingMinutes()).isCloseTo(2, within(1e-9));
        assertThat(rota.seats().get(0).ends()).isEqualTo(10);
        assertThat(rota.seats().get(1).ends()).isEqualTo(12);
    }

    /** 120 s of waiting; 120 s between the two ends, and one pair turned round. */
    @Test
    void costIsCountedAsItSays() {
        assertThat(Timing.cost(TWO, List.of(List.of(0, 1), List.of(1, 0)))).isEqualTo(new Timing.Cost(0, 120, 140));
    }

    @Test
    void aTopBeforeItsFoundationIsBrokenAndWorseThanAnyWaiting() {
        RotaCase layered = new RotaCase(
                1,
                List.of(
                        new Task("0", List.of(new Hold(RED, 6)), Set.of()),
                        new Task("1", List.of(new Hold(RED, 6)), Set.of("0"))),
                Map.of());
        Timing.Cost turned = Timing.cost(layered, List.of(List.of(1, 0)));
        assertThat(turned.broken()).isEqualTo(1);
        assertThat(turned).isGreaterThan(new Timing.Cost(0, 100_000, 100_000));
    }

    @Test
    void workWithoutAPencilAndPencilsThereAreEnoughOfKeepNobodyWaiting() {
        RotaCase free = new RotaCase(
                9, List.of(new Task("0", List.of(new Hold(null, 3), new Hold(BLUE, 2)), Set.of())), Map.of(RED, 1));
        Rota rota = Timing.of(free, java.util.Collections.nCopies(9, List.of(0)));
        assertThat(rota.waiting()).isEmpty();
        assertThat(rota.seats()).allMatch(s -> s.ends() == 5);
    }

    @Test
    void whatCannotBeATableIsRefusedByName() {
        Task one = new Task("0", List.of(), Set.of());
        assertThatThrownBy(() -> new RotaCase(0, List.of(one), Map.of())).hasMessageContaining("was 0 and 1");
        assertThatThrownBy(() -> new RotaCase(2, List.of(one, one), Map.of())).hasMessageContaining("twice");
        assertThatThrownBy(() -> new RotaCase(2, List.of(new Task("0", List.of(), Set.of("1"))), Map.of()))
                .hasMessageContaining("before");
        assertThatThrownBy(() -> new RotaCase(2, List.of(one), Map.of(RED, 0))).hasMessageContaining(RED.name());
    }
}
