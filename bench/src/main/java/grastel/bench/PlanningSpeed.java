package grastel.bench;

import grastel.core.planning.ClassTime;
import grastel.core.planning.Laid;
import grastel.core.planning.Laying;
import grastel.core.planning.Lesson;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Stop;
import grastel.core.planning.calendar.Period;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.TimeUnit;
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

/** Laying three classes' courses of 20 lessons, ten stages each, on 40 periods each. */
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

    @Setup
    public void prepare() {
        LocalDateTime first = LocalDateTime.of(2026, 9, 1, 11, 5);
        periods = IntStream.range(0, 40)
                .mapToObj(i -> first.plusDays(3L * i))
                .map(at -> new Period(at, at, 50, "", Period.State.USUAL))
                .toList();
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

    @Benchmark
    public int threeClassesOnFortyPeriods() {
        int left = 0;
        for (int i = 0; i < CLASSES; i++) {
            Laid laid = Laying.lay(lessons, periods, new ClassTime(5, 5, 0.8 + 0.1 * i), List.of());
            left += laid.left().size();
        }
        return left;
    }
}
