package grastel.app.platform.storage;

import java.io.IOException;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Takes away stored files that no row names any more: of deleted pages, and of what was never finished. */
@Component
public class OrphanCleaner {
    private static final Logger LOG = LoggerFactory.getLogger(OrphanCleaner.class);
    /** No transaction takes so long: what a row is about to name is younger. */
    private static final Duration GRACE = Duration.ofHours(1);

    private static final int AT_ONCE = 500;

    private final StoredFiles files;
    private final List<FileUser> users;
    /** Held while any are taken away, and while all that are there are copied. */
    private final ReentrantLock sweeping = new ReentrantLock();

    OrphanCleaner(StoredFiles files, List<FileUser> users) {
        this.files = files;
        this.users = users;
    }

    /** @return how many were taken away */
    @Scheduled(initialDelay = 20, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    public int sweep() throws IOException {
        sweeping.lock();
        try {
            List<String> old = files.olderThan(GRACE);
            int gone = 0;
            for (int from = 0; from < old.size(); from += AT_ONCE) {
                gone += sweep(old.subList(from, Math.min(old.size(), from + AT_ONCE)));
            }
            if (gone > 0) {
                LOG.info("{} pictures that nothing names any more were taken away", gone);
            }
            return gone;
        } finally {
            sweeping.unlock();
        }
    }

    /** Whoever holds it keeps everything that is there. */
    public Lock sweeping() {
        return sweeping;
    }

    private int sweep(List<String> names) throws IOException {
        Set<String> unused = new HashSet<>(names);
        users.forEach(user -> user.used(names).forEach(unused::remove));
        int gone = 0;
        for (String name : unused) {
            gone += files.forget(name, GRACE) ? 1 : 0;
        }
        return gone;
    }
}
