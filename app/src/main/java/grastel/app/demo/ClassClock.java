package grastel.app.demo;

import grastel.app.platform.room.Storage;
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
    private volatile Duration moved;

    @Autowired
    ClassClock(Storage storage) {
        this(Clock.system(ZoneId.systemDefault()), storage.folder("").resolve("class-clock"));
    }

    ClassClock(Clock real, Path file) {
        this.real = real;
        this.file = file;
        this.moved = kept();
    }

    private Duration kept() {
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

    /** Shows another moment from now on. */
    void moveTo(LocalDateTime moment) {
        moved = Duration.between(real.instant(), moment.atZone(real.getZone()).toInstant());
    }

    /** Shows the real time again, and keeps what day the world is made for. */
    void keepToday() {
        moved = Duration.ZERO;
        try {
            Files.writeString(file, MADE_FOR + LocalDate.now(real));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public Instant instant() {
        return real.instant().plus(moved);
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        ClassClock other = new ClassClock(real.withZone(zone), file);
        other.moved = moved;
        return other;
    }
}
