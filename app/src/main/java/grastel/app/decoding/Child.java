package grastel.app.decoding;

import grastel.app.decoding.ChildMain.Answer;
import grastel.app.decoding.ChildMain.Request;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/** A decoding process, kept warm from one file to the next. Used by one thread at a time; killed by any. */
final class Child {
    /** What Java exits with when {@code ExitOnOutOfMemoryError} ends it. */
    private static final int OUT_OF_MEMORY = 3;

    private static final String BOOT_CLASSES = "BOOT-INF/classes/";

    private final DecodingSettings settings;
    private final ScheduledExecutorService watch;
    private final Process process;
    private final DataOutputStream out;
    private final DataInputStream in;
    private @Nullable UUID file;
    private volatile boolean late;

    Child(DecodingSettings settings, ScheduledExecutorService watch) throws IOException {
        this.settings = settings;
        this.watch = watch;
        this.process = new ProcessBuilder(command(settings))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        this.out = new DataOutputStream(new BufferedOutputStream(process.getOutputStream(), 1 << 16));
        this.in = new DataInputStream(new BufferedInputStream(process.getInputStream(), 1 << 16));
    }

    private static List<String> command(DecodingSettings settings) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx" + settings.memoryMb() + "m",
                "-XX:+ExitOnOutOfMemoryError",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=4",
                "-Xshare:auto",
                "-Djava.awt.headless=true"));
        String classPath = System.getProperty("java.class.path");
        boolean packed = !classPath.contains(File.pathSeparator)
                && ChildMain.class
                        .getProtectionDomain()
                        .getCodeSource()
                        .getLocation()
                        .toString()
                        .contains(BOOT_CLASSES);
        if (packed) {
            // Started from the one packed jar: its own launcher knows where the classes are.
            command.add("-Dloader.main=" + ChildMain.class.getName());
        }
        command.add("-cp");
        command.add(classPath);
        command.add(packed ? "org.springframework.boot.loader.launch.PropertiesLauncher" : ChildMain.class.getName());
        command.add(String.valueOf(settings.mostPixels()));
        command.add(String.valueOf(settings.mostPages()));
        return command;
    }

    int inspect(UUID id, byte[] content) throws UnreadablePage {
        return ask(settings.inspecting(), () -> {
            load(id, content);
            out.writeByte(Request.INSPECT.ordinal());
            return () -> in.readInt();
        });
    }

    Picture decode(UUID id, byte[] content, int page) throws UnreadablePage {
        return ask(settings.onePage(), () -> {
            load(id, content);
            out.writeByte(Request.DECODE.ordinal());
            out.writeInt(page);
            return () -> Picture.readFrom(in, settings.mostPixels());
        });
    }

    boolean isAlive() {
        return process.isAlive();
    }

    void kill() {
        process.destroyForcibly();
    }

    private void load(UUID id, byte[] content) throws IOException {
        if (!id.equals(file)) {
            file = null;
            out.writeByte(Request.FILE.ordinal());
            out.writeInt(content.length);
            out.write(content);
            file = id;
        }
    }

    private interface Asking<T> {
        Reading<T> send() throws IOException;
    }

    private interface Reading<T> {
        T read() throws IOException;
    }

    private <T> T ask(Duration budget, Asking<T> asking) throws UnreadablePage {
        ScheduledFuture<?> end = watch.schedule(
                () -> {
                    late = true;
                    kill();
                },
                budget.toMillis(),
                TimeUnit.MILLISECONDS);
        try {
            Reading<T> reading = asking.send();
            out.flush();
            if (in.readByte() == Answer.DONE.ordinal()) {
                return reading.read();
            }
            throw new UnreadablePage(Problem.valueOf(in.readUTF()), in.readDouble());
        } catch (IOException ended) {
            throw new UnreadablePage(why(), late ? budget.toSeconds() : 0);
        } finally {
            end.cancel(false);
        }
    }

    /** What ended the process. */
    private Problem why() {
        if (late) {
            return Problem.TOO_SLOW;
        }
        try {
            boolean ended = process.waitFor(2, TimeUnit.SECONDS);
            kill();
            return ended && process.exitValue() == OUT_OF_MEMORY ? Problem.TOO_HEAVY : Problem.DAMAGED;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            kill();
            return Problem.DAMAGED;
        }
    }
}
