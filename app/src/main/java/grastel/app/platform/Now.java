package grastel.app.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;

/** The present moment by the application's clock, for rows that are made where nothing can be handed in. */
@Component
public final class Now {
    private static volatile Clock clock = Clock.systemUTC();

    @SuppressWarnings("StaticAssignmentInConstructor") // the bridge from the application to what it does not make
    Now(Clock applications) {
        clock = applications;
    }

    /** In the precision the database keeps. */
    public static Instant instant() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
