package grastel.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ClassClockTest {
    private static final Clock FRIDAY = Clock.fixed(Instant.parse("2026-11-27T09:30:00Z"), ZoneOffset.UTC);
    private static final Clock MONDAY = Clock.fixed(Instant.parse("2026-11-30T10:00:00Z"), ZoneOffset.UTC);
    private static final Clock TUESDAY = Clock.fixed(Instant.parse("2026-12-01T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private ClassClock at(Clock real) {
        return new ClassClock(real, folder.resolve("class-clock"));
    }

    @Test
    void withoutAWorldMadeBeforeItShowsTheRealTime() {
        assertThat(at(FRIDAY).instant()).isEqualTo(FRIDAY.instant());
    }

    @Test
    void itShowsAnotherMomentWhenItIsMoved() {
        ClassClock clock = at(FRIDAY);
        clock.moveTo(LocalDateTime.parse("2026-10-01T16:00"));
        assertThat(LocalDateTime.now(clock)).isEqualTo(LocalDateTime.parse("2026-10-01T16:00"));
    }

    /** Made on Friday, first started on Monday: that is the Friday; started again a day later, the Saturday. */
    @Test
    void aWorldMadeBeforeGoesOnFromTheDayItWasMadeFor() {
        ClassClock maker = at(FRIDAY);
        maker.moveTo(LocalDateTime.parse("2026-10-01T16:00"));
        maker.keepToday();
        assertThat(maker.instant()).isEqualTo(FRIDAY.instant());
        assertThat(LocalDate.now(at(MONDAY))).isEqualTo(LocalDate.parse("2026-11-27"));
        assertThat(LocalDate.now(at(TUESDAY))).isEqualTo(LocalDate.parse("2026-11-28"));
    }

    @Test
    void whatIsKeptIsPlain() throws IOException {
        at(FRIDAY).keepToday();
        assertThat(Files.readString(folder.resolve("class-clock"))).isEqualTo("made for 2026-11-27");
    }
}
