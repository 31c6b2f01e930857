package grastel.bench;

import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.recipe.Method;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.RecipeFinder.Found;
import grastel.core.recipe.RecipeFinder.Limits;
import grastel.core.recipe.Target;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Searching for recipes, warm, on one core: up to four layers in four pressures, value first. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
public class RecipeSpeed {
    /** Targets a class asks for: a red-brown, a dull green, a grey-violet. */
    private static final List<Lab> TARGETS = List.of(new Lab(42, 28, 24), new Lab(55, -18, 20), new Lab(60, 8, -12));

    @Param({"12", "24"})
    public int pencils;

    private Paper paper;
    private List<Pencil> set;
    private int next;

    @Setup
    public void prepare() {
        paper = ShippedKit.papers().get(0).toPaper();
        int every = 36 / pencils;
        List<Pencil> all = ShippedKit.pencils().stream()
                .filter(p -> p.range().equals("Skerry"))
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        set = IntStream.range(0, all.size())
                .filter(i -> every > 1 ? i % every == 0 : i % 3 != 2)
                .mapToObj(all::get)
                .toList();
    }

    @Benchmark
    public List<Found> find() {
        Target target = new Target(TARGETS.get(next++ % TARGETS.size()), Target.Closeness.VALUE_FIRST);
        return RecipeFinder.find(target, paper, set, Method.USUAL, Limits.USUAL, share -> {}, () -> false);
    }
}
