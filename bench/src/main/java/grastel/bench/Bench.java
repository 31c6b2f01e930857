package grastel.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** {@code ./grastel bench}: whole runs first, then the stages of reading under JMH. {@code ./grastel bench whole} stops in between. */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws Exception {
        Path data = Files.createTempDirectory("grastel-bench").toAbsolutePath();
        new WholeRun(data).measure();
        if (args.length == 0) {
            new Runner(new OptionsBuilder()
                            .include(ReadingStages.class.getSimpleName())
                            .build())
                    .run();
        }
    }
}
