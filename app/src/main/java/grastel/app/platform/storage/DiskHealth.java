package grastel.app.platform.storage;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Down while nothing can be stored, and by how much. */
@Component("disk")
class DiskHealth implements HealthIndicator {
    private final Storage storage;

    DiskHealth(Storage storage) {
        this.storage = storage;
    }

    @Override
    public Health health() {
        long missing = storage.missingMb(0);
        return missing == 0
                ? Health.up().build()
                : Health.down().withDetail("words", Storage.words(missing)).build();
    }
}
