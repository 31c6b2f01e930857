package grastel.app.course.rota;

import grastel.app.course.rota.RotaViews.Change;
import grastel.app.course.rota.RotaViews.RotaPencilView;
import grastel.app.course.rota.RotaViews.RotaRemedyView;
import grastel.app.course.rota.RotaViews.RotaSeatView;
import grastel.app.course.rota.RotaViews.RotaTableView;
import grastel.app.course.rota.RotaViews.RotaTaskView;
import grastel.app.course.rota.RotaViews.RotaTurnView;
import grastel.app.course.rota.RotaViews.RotaView;
import grastel.app.course.rota.Tables.Alike;
import grastel.core.media.Pencil;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.Stage;
import grastel.core.planning.rota.Rota;
import grastel.core.planning.rota.Rota.Seat;
import grastel.core.planning.rota.RotaCase;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import grastel.core.planning.rota.RotaPlanner;
import grastel.core.planning.rota.RotaRemedies;
import grastel.core.planning.rota.RotaRemedies.Remedy;
import grastel.core.planning.rota.RotaTasks;
import grastel.core.planning.rota.RotaTasks.Together;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Plans who takes which part of a sheet when, table by table. */
@Component
public class RotaService {
    /** For one table, and for each trial of a remedy. */
    private static final Duration FOR_A_TABLE = Duration.ofMillis(400);

    private static final Duration FOR_A_TRIAL = Duration.ofMillis(50);

    private final RotaPlanner planner;

    RotaService(RotaPlanner planner) {
        this.planner = planner;
    }

    /**
     * @param stages to be worked
     * @param seats at each table, empty for tables of four
     * @param facts what the class has; where nobody said, there is enough of all
     * @param speed of the class's middle student, 1 = usual
     */
    public record Asked(List<Stage> stages, List<Integer> seats, ClassFacts facts, double speed) {}

    /** @param words what a stage is called */
    public RotaView plan(Asked asked, Function<Stage, String> words) {
        List<Together> together = RotaTasks.of(asked.stages());
        List<Task> tasks = RotaTasks.tasks(together);
        Set<Pencil> wanted = tasks.stream()
                .flatMap(t -> t.holds().stream())
                .map(Hold::pencil)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        Map<Pencil, Integer> owned = owned(wanted, asked.facts());
        List<RotaTaskView> views = IntStream.range(0, tasks.size())
                .mapToObj(i -> task(together.get(i), tasks.get(i), asked.speed(), words))
                .toList();
        return new RotaView(
                views,
                Tables.of(asked.facts().students(), asked.seats(), owned).parallelStream()
                        .map(t -> table(t, tasks, wanted, owned, asked.speed()))
                        .toList());
    }

    /** All the class's pencils and how many there are of each; those asked for too where there is none. */
    private static Map<Pencil, Integer> owned(Set<Pencil> wanted, ClassFacts facts) {
        Map<Pencil, Integer> owned = new HashMap<>();
        if (facts.copies() != null) {
            Set<String> names = wanted.stream().map(Pencil::title).collect(Collectors.toSet());
            owned.putAll(facts.copies());
            owned.keySet().removeIf(p -> names.contains(p.title()));
            wanted.forEach(p -> owned.put(p, facts.copiesOf(p)));
        }
        return owned;
    }

    private static RotaTaskView task(Together one, Task task, double speed, Function<Stage, String> words) {
        String first = words.apply(one.stages().get(0));
        String last = words.apply(one.stages().get(one.stages().size() - 1));
        return new RotaTaskView(
                first.equals(last) ? first : first + " to " + last,
                task.minutes() / speed,
                task.holds().stream()
                        .map(Hold::pencil)
                        .filter(Objects::nonNull)
                        .distinct()
                        .map(RotaPencilView::of)
                        .toList());
    }

    private RotaTableView table(
            Alike alike, List<Task> tasks, Set<Pencil> wanted, Map<Pencil, Integer> owned, double speed) {
        List<Pencil> missing = wanted.stream()
                .filter(p -> alike.copies().getOrDefault(p, 1) == 0)
                .toList();
        if (!missing.isEmpty()) {
            return new RotaTableView(
                    alike.numbers(), missing.stream().map(RotaPencilView::of).toList(), List.of(), 0, List.of());
        }
        Map<Pencil, Integer> copies = new HashMap<>(alike.copies());
        copies.keySet().retainAll(wanted);
        RotaCase of = new RotaCase(alike.seats(), tasks, copies);
        Rota rota = planner.plan(of, FOR_A_TABLE);
        return new RotaTableView(
                alike.numbers(),
                List.of(),
                IntStream.range(0, rota.seats().size())
                        .mapToObj(i -> seat(i, rota.seats().get(i), speed))
                        .toList(),
                rota.waitingMinutes() / speed,
                RotaRemedies.of(of, rota, others(alike, wanted, owned), planner, FOR_A_TRIAL).stream()
                        .map(r -> remedy(r, rota.waitingMinutes(), speed))
                        .toList());
    }

    /** What else lies on such a table; of what there is enough of, one for every seat. */
    private static Map<Pencil, Integer> others(Alike alike, Set<Pencil> wanted, Map<Pencil, Integer> owned) {
        Map<Pencil, Integer> others = new HashMap<>();
        owned.keySet().forEach(p -> others.put(p, alike.copies().getOrDefault(p, alike.seats())));
        others.keySet().removeAll(wanted);
        others.values().removeIf(copies -> copies == 0);
        return others;
    }

    private static RotaSeatView seat(int number, Seat seat, double speed) {
        return new RotaSeatView(
                letter(number),
                seat.turns().stream()
                        .map(t -> new RotaTurnView(t.task(), t.starts() / speed, t.ends() / speed, t.waits() / speed))
                        .toList());
    }

    /** A to Z, then AA. */
    private static String letter(int number) {
        String last = String.valueOf((char) ('A' + number % 26));
        return number < 26 ? last : letter(number / 26 - 1) + last;
    }

    private static RotaRemedyView remedy(Remedy remedy, double waiting, double speed) {
        double saves = (waiting - remedy.waiting()) / speed;
        if (remedy instanceof Remedy.OneMoreCopy more) {
            return new RotaRemedyView(Change.ONE_MORE_COPY, RotaPencilView.of(more.pencil()), null, null, null, saves);
        }
        if (remedy instanceof Remedy.Instead other) {
            return new RotaRemedyView(
                    Change.SUBSTITUTE,
                    RotaPencilView.of(other.pencil()),
                    RotaPencilView.of(other.substitute().pencil()),
                    other.substitute().deltaValue(),
                    other.substitute().deltaHue(),
                    saves);
        }
        return new RotaRemedyView(Change.SEATS_IN_PAIRS, null, null, null, null, saves);
    }
}
