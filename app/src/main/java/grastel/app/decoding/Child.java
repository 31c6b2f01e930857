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
    private boolean isReady;
    private volatile End end = End.ITS_OWN;

    /** What ended the process while it worked. */
    private enum End {
        ITS_OWN,
        /** It used up the processor time it may have. */
        SPENT,
        /** The machine gave it no processor: no fault of the file. */
        STARVED
    }

    private static final Duration LOOK_EVERY = Duration.ofMillis(200);
    /** How many times its processor time a process may take by the clock, on a machine that is busy otherwise. */
    private static final int PATIENCE = 10;

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

    /** True where the last answer failed because the machine was too busy. */
    boolean wasStarved() {
        return end == End.STARVED;
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
        ScheduledFuture<?> watching = null;
        try {
            if (!isReady) {
                // how long a process takes to start is not the file's
                in.readByte();
                isReady = true;
            }
            watching = watched(budget);
            Reading<T> reading = asking.send();
            out.flush();
            if (in.readByte() == Answer.DONE.ordinal()) {
                return reading.read();
            }
            throw new UnreadablePage(Problem.valueOf(in.readUTF()), in.readDouble());
        } catch (IOException ended) {
            throw new UnreadablePage(why(), end == End.ITS_OWN ? 0 : budget.toSeconds());
        } finally {
            if (watching != null) {
                watching.cancel(false);
            }
        }
    }

    /** Ends the process when it has spent its processor time, or has got none for very long. */
    private ScheduledFuture<?> watched(Duration budget) {
        Duration spentBefore = spent();
        long began = System.nanoTime();
        return watch.scheduleAtFixedRate(
                () -> {
                    Duration clock = Duration.ofNanos(System.nanoTime() - began);
                    boolean isSpent = spent().minus(spentBefore).compareTo(budget) >= 0;
                    if (isSpent || clock.compareTo(budget.multipliedBy(PATIENCE)) >= 0) {
                        end = isSpent ? End.SPENT : End.STARVED;
                        kill();
                    }
                },
                LOOK_EVERY.toMillis(),
                LOOK_EVERY.toMillis(),
                TimeUnit.MILLISECONDS);
    }

    /** Processor time so far; where the system does not tell it, the time by the clock. */
    private Duration spent() {
        return process.info().totalCpuDuration().orElseGet(() -> Duration.ofNanos(System.nanoTime()));
    }

    /** What ended the process. */
    private Problem why() {
        if (end != End.ITS_OWN) {
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
