package grastel.app.demo;

import grastel.app.platform.storage.Storage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * The demo's clock: the real one, moved. A demo world that was made some days ago goes on from the day it was made for, which
 * is kept beside its data.
 */
@Component
@Profile("demo")
class ClassClock extends Clock {
    /** The day a world was made for; and, once it was started, by how many days its clock is behind. */
    private static final String MADE_FOR = "made for ";

    private static final String BEHIND = "days behind ";

    private final Clock real;
    private final Path file;
    private final Duration moved;
    private final ThreadLocal<@Nullable Duration> shift;

    @Autowired
    ClassClock(Storage storage) {
        this(Clock.system(ZoneId.systemDefault()), storage.folder("").resolve("class-clock"));
    }

    ClassClock(Clock real, Path file) {
        this(real, file, kept(real, file), new ThreadLocal<>());
    }

    private ClassClock(Clock real, Path file, Duration moved, ThreadLocal<@Nullable Duration> shift) {
        this.real = real;
        this.file = file;
        this.moved = moved;
        this.shift = shift;
    }

    private static Duration kept(Clock real, Path file) {
        if (!Files.exists(file)) {
            return Duration.ZERO;
        }
        try {
            String words = Files.readString(file).strip();
            if (words.startsWith(MADE_FOR)) {
                LocalDate day = LocalDate.parse(words.substring(MADE_FOR.length()));
                words = BEHIND + ChronoUnit.DAYS.between(day, LocalDate.now(real));
                Files.writeString(file, words);
            }
            return Duration.ofDays(-Long.parseLong(words.substring(BEHIND.length())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Runs a task that sees another moment; every other thread goes on in the present. */
    <T> T at(LocalDateTime moment, Supplier<T> task) {
        shift.set(Duration.between(real.instant(), moment.atZone(real.getZone()).toInstant()));
        try {
            return task.get();
        } finally {
            shift.remove();
        }
    }

    /** Saves that the world is made for today. */
    void keepToday() {
        try {
            Files.writeString(file, MADE_FOR + LocalDate.now(real));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public Instant instant() {
        Duration ofTask = shift.get();
        return real.instant().plus(ofTask == null ? moved : ofTask);
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new ClassClock(real.withZone(zone), file, moved, shift);
    }
}
