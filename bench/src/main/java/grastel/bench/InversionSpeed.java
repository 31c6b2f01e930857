package grastel.bench;

import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.inversion.PlannedFields;
import grastel.core.media.Paper;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.recipe.Method;
import java.util.List;
import java.util.concurrent.TimeUnit;
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

/** What the hand did in the fields of a sheet: of a new sheet, whose neighbours are predicted first, and of one more page of it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
public class InversionSpeed {
    private ExercisePlan plan;
    private Paper paper;
    private List<FieldReading> read;
    private PlannedFields known;
    private int next;

    @Setup
    public void prepare() {
        paper = ShippedKit.papers().get(1).toPaper();
        PencilSet pencils = new PencilSet(
                "All",
                ShippedKit.pencils().stream()
                        .map(ShippedKit.RangePencil::toPencil)
                        .toList());
        Setting setting = new Setting(pencils, paper, Method.USUAL, GradeBand.DEVELOPING);
        plan = ExerciseKinds.of("tint-hue-shade")
                .orElseThrow()
                .plan(
                        ChosenValues.NONE.orSuggested(
                                ExerciseKinds.of("tint-hue-shade").orElseThrow().parameters(setting)),
                        setting);
        read = plan.fields().stream().map(InversionSpeed::asAsked).toList();
        known = new PlannedFields(plan, paper);
        read.forEach(known::of);
    }

    private static FieldReading asAsked(FieldPlan field) {
        return new FieldReading(
                field.id(),
                new FieldReading.Mean(
                        field.predictedColour(),
                        new Measured(field.predictedColour().lightness(), 1.5),
                        field.predictedColour().lightness() / 10),
                new FieldReading.SurfaceReading(
                        new Measured(100 * field.specks(), 4), new Measured(2, 0.5), new Measured(0, 0.1), false, 0),
                null,
                null);
    }

    private FieldReading one() {
        next = (next + 1) % read.size();
        return read.get(next);
    }

    @Benchmark
    public Object fieldOfNewSheet() {
        return new PlannedFields(plan, paper).of(one());
    }

    @Benchmark
    public Object fieldOfKnownSheet() {
        return known.of(one());
    }
}
