package grastel.app.platform;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/**
 * A row that belongs to one teacher. Hibernate adds the owner to every query, load and insert from {@link Ownership}; no
 * other code compares owners.
 */
@MappedSuperclass
public abstract class Owned {
    @Id
    private UUID id = UUID.randomUUID();

    @TenantId
    @Column(name = "owner_id", nullable = false, updatable = false)
    private UUID owner;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt = Instant.now().truncatedTo(ChronoUnit.MICROS);

    public UUID id() {
        return id;
    }

    public UUID owner() {
        return owner;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
