package grastel.bench;

import grastel.app.rota.TimefoldRotaPlanner;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.planning.ClassTime;
import grastel.core.planning.Lesson;
import grastel.core.planning.Schedule;
import grastel.core.planning.Scheduler;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Stop;
import grastel.core.planning.calendar.Period;
import grastel.core.planning.rota.RotaCase;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import grastel.core.planning.rota.RotaPlanner;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Laying three classes' courses of 20 lessons, ten stages each, on 40 periods each; and a rota for six seats and eight families
 * of three pencils, one of which all share, two copies of each.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanningSpeed {
    private static final int CLASSES = 3;

    private List<Lesson> lessons;
    private List<Period> periods;
    private RotaPlanner planner;
    private RotaCase table;

    @Setup
    public void prepare() {
        LocalDateTime first = LocalDateTime.of(2026, 9, 1, 11, 5);
        periods = IntStream.range(0, 40)
                .mapToObj(i -> first.plusDays(3L * i))
                .map(at -> new Period(at, at, 50, "", Period.State.USUAL))
                .toList();
        planner = new TimefoldRotaPlanner();
        table = table();
        lessons = IntStream.range(0, 20)
                .mapToObj(i -> new Lesson("l" + i, stages(i), null))
                .toList();
    }

    private static List<Stage> stages(int lesson) {
        return IntStream.range(0, 10)
                .mapToObj(i -> new Stage(
                        "s" + i,
                        i == 0 ? Kind.SHOW : Kind.WORK,
                        Part.NONE,
                        3 + (lesson + i) % 5,
                        i % 3 == 0 ? Stop.POOR : Stop.GOOD,
                        List.of()))
                .toList();
    }

    private static RotaCase table() {
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .filter(p -> !p.colourless())
                .map(ShippedKit.RangePencil::toPencil)
                .limit(17)
                .toList();
        Pencil shared = pencils.get(16);
        List<Task> families = IntStream.range(0, RotaCase.MOST_TASKS)
                .mapToObj(i -> new Task(
                        "" + i,
                        List.of(
                                new Hold(pencils.get(2 * i), 2 + i % 3),
                                new Hold(pencils.get(2 * i + 1), 2),
                                new Hold(shared, 1)),
                        Set.of()))
                .toList();
        return new RotaCase(6, families, pencils.stream().collect(Collectors.toMap(p -> p, p -> 2)));
    }

    /** @return minutes of waiting that are left */
    @Benchmark
    public double aTableOfSixAndEightFamilies() {
        return planner.plan(table, Duration.ofSeconds(1)).waitingMinutes();
    }

    @Benchmark
    public int threeClassesOnFortyPeriods() {
        int left = 0;
        for (int i = 0; i < CLASSES; i++) {
            Schedule laid = Scheduler.lay(lessons, periods, new ClassTime(5, 5, 0.8 + 0.1 * i), List.of());
            left += laid.left().size();
        }
        return left;
    }
}
