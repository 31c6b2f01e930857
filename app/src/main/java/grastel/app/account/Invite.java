package grastel.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/** Leave for whoever holds a token to make one account. Only the token's digest is kept; it belongs to no teacher's data. */
@Entity
@Table(name = "invite")
class Invite {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(name = "token_hash", nullable = false, updatable = false, length = 64)
    private String tokenHash;

    @Column(name = "made_at", nullable = false, updatable = false)
    private Instant madeAt;

    @Column(name = "expires_at", nullable = false, updatable = false)
    private Instant expiresAt;

    protected Invite() {}

    Invite(String tokenHash, Instant madeAt, Instant expiresAt) {
        this.tokenHash = tokenHash;
        this.madeAt = madeAt.truncatedTo(ChronoUnit.MICROS);
        this.expiresAt = expiresAt.truncatedTo(ChronoUnit.MICROS);
    }

    UUID id() {
        return id;
    }

    Instant madeAt() {
        return madeAt;
    }

    Instant expiresAt() {
        return expiresAt;
    }
}
