package grastel.e2e;

import grastel.app.GrastelApplication;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The application as a process of its own, which can be killed. */
final class GrastelProcess {
    private GrastelProcess() {}

    /** What it prints goes into process.log beside its data. */
    static Process start(Path data, String... arguments) throws IOException {
        return start(data, List.of(), arguments);
    }

    /** The same, on one core of the machine only. */
    static Process startOn(int core, Path data, String... arguments) throws IOException {
        return start(data, List.of("taskset", "-c", String.valueOf(core)), arguments);
    }

    private static Process start(Path data, List<String> by, String... arguments) throws IOException {
        List<String> command = new ArrayList<>(by);
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Djava.awt.headless=true",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                GrastelApplication.class.getName(),
                "--grastel.data=" + data.toAbsolutePath()));
        command.addAll(List.of(arguments));
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("process.log").toFile())
                .start();
    }
}
