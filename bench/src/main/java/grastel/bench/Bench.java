package grastel.bench;

import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * {@code ./grastel bench}: everything, or one part: {@code whole}, {@code teachers} (the two teachers of it), {@code kinds},
 * {@code history}, {@code district} (that of five teachers), {@code layering}, {@code recipes}, {@code inversion}, {@code planning}, {@code projects}, {@code reading}.
 * See docs/benchmarks.md.
 */
public final class Bench {
    private static final int DISTRICT = 5;

    private Bench() {}

    public static void main(String[] args) throws Exception {
        String only = args.length == 0 ? "" : args[0];
        boolean all = only.isEmpty();
        if (all || only.equals("whole")) {
            try (RunningGrastel grastel = new RunningGrastel()) {
                WholeRun whole = new WholeRun(grastel);
                whole.piles();
                whole.twoTeachers();
            }
        }
        if (only.equals("teachers")) {
            try (RunningGrastel grastel = new RunningGrastel()) {
                new WholeRun(grastel).twoTeachers();
            }
        }
        if (all || only.equals("kinds")) {
            try (RunningGrastel grastel = new RunningGrastel()) {
                KindsSpeed.measure(grastel);
            }
        }
        if (all || only.equals("history")) {
            try (RunningGrastel grastel = new RunningGrastel()) {
                HistorySpeed.measure(grastel, 1);
            }
        }
        if (only.equals("district")) {
            try (RunningGrastel grastel = new RunningGrastel()) {
                HistorySpeed.measure(grastel, DISTRICT);
            }
        }
        if (all || only.equals("layering")) {
            run(LayeringSpeed.class);
        }
        if (all || only.equals("recipes")) {
            run(RecipeSpeed.class);
        }
        if (all || only.equals("inversion")) {
            run(InversionSpeed.class);
        }
        if (all || only.equals("projects")) {
            run(ProjectSpeed.class);
        }
        if (all || only.equals("planning")) {
            run(PlanningSpeed.class);
        }
        if (all || only.equals("reading")) {
            run(ReadingStages.class);
        }
    }

    private static void run(Class<?> benchmark) throws RunnerException {
        new Runner(new OptionsBuilder().include(benchmark.getSimpleName()).build()).run();
    }
}
