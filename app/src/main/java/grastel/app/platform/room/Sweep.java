package grastel.app.platform.room;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Takes away stored files that no row names any more: of deleted pages, and of what was never finished. */
@Component
public class Sweep {
    private static final Logger LOG = LoggerFactory.getLogger(Sweep.class);
    /** No transaction takes so long: what a row is about to name is younger. */
    private static final Duration GRACE = Duration.ofHours(1);

    private static final int AT_ONCE = 500;

    private final StoredFiles files;
    private final List<FileUser> users;
    private final Clock clock;

    Sweep(StoredFiles files, List<FileUser> users, Clock clock) {
        this.files = files;
        this.users = users;
        this.clock = clock;
    }

    /** @return how many were taken away */
    @Scheduled(initialDelay = 20, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    public int sweep() throws IOException {
        files.sweeping().lock();
        try {
            Instant before = clock.instant().minus(GRACE);
            List<String> old = files.writtenBefore(before);
            int gone = 0;
            for (int from = 0; from < old.size(); from += AT_ONCE) {
                gone += sweep(old.subList(from, Math.min(old.size(), from + AT_ONCE)), before);
            }
            if (gone > 0) {
                LOG.info("{} pictures that nothing names any more were taken away", gone);
            }
            return gone;
        } finally {
            files.sweeping().unlock();
        }
    }

    private int sweep(List<String> names, Instant before) throws IOException {
        Set<String> unused = new HashSet<>(names);
        users.forEach(user -> user.used(names).forEach(unused::remove));
        int gone = 0;
        for (String name : unused) {
            gone += files.forget(name, before) ? 1 : 0;
        }
        return gone;
    }
}
