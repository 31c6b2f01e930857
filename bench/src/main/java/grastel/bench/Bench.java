package grastel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * {@code ./grastel bench}: whole runs first, then the layering model and the stages of reading under JMH. {@code ./grastel
 * bench whole} measures only the first, {@code teachers} only the two of it, {@code layering} only the second.
 */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws Exception {
        String only = args.length == 0 ? "" : args[0];
        if (only.isEmpty() || only.equals("whole")) {
            new WholeRun(folder()).measure();
        }
        if (only.equals("teachers")) {
            new WholeRun(folder()).measureTeachers();
        }
        if (only.isEmpty() || only.equals("kinds")) {
            KindsSpeed.measure();
        }
        if (only.isEmpty() || only.equals("layering")) {
            run(LayeringSpeed.class);
        }
        if (only.isEmpty() || only.equals("recipes")) {
            run(RecipeSpeed.class);
        }
        if (only.isEmpty() || only.equals("reading")) {
            run(ReadingStages.class);
        }
    }

    private static Path folder() throws IOException {
        return Files.createTempDirectory("grastel-bench").toAbsolutePath();
    }

    private static void run(Class<?> benchmark) throws RunnerException {
        new Runner(new OptionsBuilder().include(benchmark.getSimpleName()).build()).run();
    }
}
