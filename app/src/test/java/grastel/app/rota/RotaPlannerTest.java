package grastel.app.rota;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.planning.rota.Rota;
import grastel.core.planning.rota.Rota.Turn;
import grastel.core.planning.rota.RotaCase;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import grastel.core.planning.rota.RotaPlanner;
import grastel.core.planning.rota.RotaRemedies;
import grastel.core.planning.rota.RotaRemedies.Remedy;
import grastel.core.planning.rota.Timing;
import grastel.core.recipe.Substitutes;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What any planner of rotas promises, for the solver; held against trying every order where that can be done. */
class RotaPlannerTest {
    private static final Duration LONG = Duration.ofSeconds(20);
    private static final List<Pencil> PENCILS = ShippedKit.pencils().stream()
            .filter(p -> !p.colourless())
            .map(ShippedKit.RangePencil::toPencil)
            .limit(6)
            .toList();

    private final RotaPlanner planner = new TimefoldRotaPlanner();

    /** Sheets of two to four parts for two or three seats, drawn with a fixed seed. */
    static Stream<RotaCase> smallCases() {
        return new Random(20260901).longs(12).mapToObj(seed -> {
            Random random = new Random(seed);
            int tasks = 2 + random.nextInt(3);
            return drawn(random, tasks == 4 ? 2 : 2 + random.nextInt(2), tasks);
        });
    }

    private static RotaCase drawn(Random random, int seats, int tasks) {
        List<Task> all = new ArrayList<>();
        Map<Pencil, Integer> copies = new HashMap<>();
        for (int t = 0; t < tasks; t++) {
            List<Hold> holds = new ArrayList<>();
            for (int h = 0; h < 1 + random.nextInt(3); h++) {
                Pencil pencil = PENCILS.get(random.nextInt(4));
                copies.putIfAbsent(pencil, 1 + random.nextInt(2));
                holds.add(new Hold(pencil, 1 + random.nextInt(8)));
            }
            boolean liesOnFirst = t > 0 && random.nextInt(4) == 0;
            all.add(new Task("" + t, holds, liesOnFirst ? Set.of("0") : Set.of()));
        }
        return new RotaCase(seats, all, copies);
    }

    @ParameterizedTest
    @MethodSource("smallCases")
    void noOrderIsBetter(RotaCase small) {
        Timing.Cost best = everyTable(small)
                .map(o -> Timing.cost(small, o))
                .min(Timing.Cost::compareTo)
                .orElseThrow();
        assertThat(Timing.cost(small, orders(planner.plan(small, LONG)))).isEqualTo(best);
    }

    private static Stream<List<List<Integer>>> everyTable(RotaCase of) {
        List<List<Integer>> orders = everyOrder(of.tasks().size());
        Stream<List<List<Integer>>> tables = Stream.of(List.of());
        for (int seat = 0; seat < of.seats(); seat++) {
            tables = tables.flatMap(before -> orders.stream().map(o -> {
                List<List<Integer>> more = new ArrayList<>(before);
                more.add(o);
                return more;
            }));
        }
        return tables;
    }

    private static List<List<Integer>> everyOrder(int tasks) {
        List<List<Integer>> orders = List.of(List.of());
        for (int task = 0; task < tasks; task++) {
            List<List<Integer>> longer = new ArrayList<>();
            for (List<Integer> order : orders) {
                for (int at = 0; at <= order.size(); at++) {
                    List<Integer> with = new ArrayList<>(order);
                    with.add(at, task);
                    longer.add(with);
                }
            }
            orders = longer;
        }
        return orders;
    }

    private static List<List<Integer>> orders(Rota rota) {
        return rota.seats().stream()
                .map(s -> s.turns().stream().map(Turn::task).toList())
                .toList();
    }

    /** As a page with several kinds of tables asks for them, the first time of all. */
    @Test
    void manyTablesAreAskedForAtOnce() throws Exception {
        int many = 4;
        ExecutorService tables = Executors.newFixedThreadPool(many);
        try {
            for (int time = 0; time < 40; time++) {
                RotaPlanner fresh = new TimefoldRotaPlanner();
                RotaCase table = drawn(new Random(time), 4, 5);
                List<Future<Rota>> asked =
                        tables.invokeAll(Collections.nCopies(many, () -> fresh.plan(table, Duration.ofMillis(20))));
                for (Future<Rota> rota : asked) {
                    assertThat(rota.get(120, TimeUnit.SECONDS).seats()).hasSize(4);
                }
            }
        } finally {
            tables.shutdownNow();
        }
    }

    @Test
    void everySeatDoesEveryTaskOnceAndFoundationsFirst() {
        RotaCase large = drawn(new Random(7), 6, 8);
        for (List<Integer> order : orders(planner.plan(large, LONG))) {
            assertThat(order).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5, 6, 7);
            large.tasks()
                    .forEach(task -> task.after()
                            .forEach(before -> assertThat(order.indexOf(Integer.parseInt(before)))
                                    .isLessThan(order.indexOf(Integer.parseInt(task.id())))));
        }
    }

    @Test
    void theSameAskedAgainGivesTheSame() {
        RotaCase large = drawn(new Random(11), 5, 6);
        assertThat(planner.plan(large, LONG)).isEqualTo(planner.plan(large, LONG));
    }

    @Test
    void thereIsAnAnswerWhenThereIsNoTime() {
        RotaCase large = drawn(new Random(7), 6, 8);
        Rota hurried = planner.plan(large, Duration.ofMillis(1));
        assertThat(Timing.cost(large, orders(hurried)).broken()).isZero();
    }

    /** Four families of their own colour, one copy each, four seats: each begins with another and nobody waits. */
    @Test
    void familiesGoRoundTheTable() {
        List<Task> families = new ArrayList<>();
        Map<Pencil, Integer> copies = new HashMap<>();
        for (int i = 0; i < 4; i++) {
            families.add(new Task("" + i, List.of(new Hold(PENCILS.get(i), 6)), Set.of()));
            copies.put(PENCILS.get(i), 1);
        }
        Rota rota = planner.plan(new RotaCase(4, families, copies), LONG);
        assertThat(rota.waitingMinutes()).isZero();
        assertThat(rota.seats()).allMatch(s -> s.ends() == 24);
    }

    /** One pencil for two seats, and nothing else to do: one waits for all of the other's ten minutes. */
    @Test
    void whatWouldEndWaitingIsFoundAndSavesWhatItSays() {
        Pencil dark = PENCILS.stream()
                .filter(p -> !Substitutes.of(p, PENCILS, 1).isEmpty())
                .findFirst()
                .orElseThrow();
        Pencil near = Substitutes.of(dark, PENCILS, 1).get(0).pencil();
        RotaCase one = new RotaCase(2, List.of(new Task("0", List.of(new Hold(dark, 10)), Set.of())), Map.of(dark, 1));
        Rota rota = planner.plan(one, LONG);
        assertThat(rota.waitingMinutes()).isEqualTo(10);
        List<Remedy> remedies = RotaRemedies.of(one, rota, Map.of(near, 1), planner, LONG);
        assertThat(remedies).hasSize(3).allMatch(r -> r.waiting() == 0);
        assertThat(remedies).hasAtLeastOneElementOfType(Remedy.OneMoreCopy.class);
        assertThat(remedies).hasAtLeastOneElementOfType(Remedy.SeatsInPairs.class);
        assertThat(remedies).hasAtLeastOneElementOfType(Remedy.Instead.class);
    }
}
