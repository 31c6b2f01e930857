package grastel.app.account;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** A browser in which a teacher has signed in before. Only the digest of its token is kept. */
@Entity
@Table(name = "known_device")
class KnownDevice extends Owned {
    @Column(name = "token_hash", nullable = false, updatable = false, length = 64)
    private String tokenHash;

    @Column(name = "seen_at", nullable = false)
    private Instant seenAt;

    protected KnownDevice() {}

    KnownDevice(String tokenHash, Instant seenAt) {
        this.tokenHash = tokenHash;
        this.seenAt = seenAt.truncatedTo(ChronoUnit.MICROS);
    }
}
