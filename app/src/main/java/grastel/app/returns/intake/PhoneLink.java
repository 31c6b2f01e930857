package grastel.app.returns.intake;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/** Leave for whoever holds a token to send pages of one class for a short time. Only the token's digest is kept. */
@Entity
@Table(name = "phone_link")
class PhoneLink extends Owned {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    @Column(name = "token_hash", nullable = false, updatable = false, length = 64)
    private String tokenHash;

    @Column(name = "expires_at", nullable = false)
    private Instant expiresAt;

    protected PhoneLink() {}

    PhoneLink(UUID schoolClass, String tokenHash, Instant expiresAt) {
        this.schoolClass = schoolClass;
        this.tokenHash = tokenHash;
        this.expiresAt = expiresAt.truncatedTo(ChronoUnit.MICROS);
    }

    UUID schoolClass() {
        return schoolClass;
    }

    Instant expiresAt() {
        return expiresAt;
    }
}
