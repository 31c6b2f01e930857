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
import java.util.ArrayList;
import java.util.List;
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
    void aTaskSeesAnotherMomentWhileOthersSeeThePresent() {
        ClassClock clock = at(FRIDAY);
        LocalDateTime past = LocalDateTime.parse("2026-10-01T16:00");
        List<Instant> others = new ArrayList<>();
        clock.at(past, () -> {
            assertThat(LocalDateTime.now(clock)).isEqualTo(past);
            assertThat(LocalDateTime.now(clock.withZone(ZoneOffset.UTC))).isEqualTo(past);
            try {
                Thread other = new Thread(() -> others.add(clock.instant()));
                other.start();
                other.join();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            return null;
        });
        assertThat(others).containsExactly(FRIDAY.instant());
        assertThat(clock.instant()).isEqualTo(FRIDAY.instant());
    }

    /** Made on Friday, first started on Monday: that is the Friday; started again a day later, the Saturday. */
    @Test
    void aWorldMadeBeforeGoesOnFromTheDayItWasMadeFor() {
        at(FRIDAY).keepToday();
        assertThat(LocalDate.now(at(MONDAY))).isEqualTo(LocalDate.parse("2026-11-27"));
        assertThat(LocalDate.now(at(TUESDAY))).isEqualTo(LocalDate.parse("2026-11-28"));
    }

    @Test
    void whatIsKeptIsPlain() throws IOException {
        at(FRIDAY).keepToday();
        assertThat(Files.readString(folder.resolve("class-clock"))).isEqualTo("made for 2026-11-27");
    }
}
