package grastel.app.platform;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/**
 * A row that belongs to one teacher. Hibernate adds the owner to every query, load and insert from {@link Ownership}; no
 * other code compares owners.
 */
@MappedSuperclass
public abstract class Owned implements Persistable<UUID> {
    @Id
    private UUID id = UUID.randomUUID();

    @TenantId
    @Column(name = "owner_id", nullable = false, updatable = false)
    private UUID owner;

    @Column(name = "created_at", nullable = false, updatable = false)
    private Instant createdAt = Now.instant();

    /** Ids are given here, so they do not tell whether a row is there already. */
    @Transient
    private boolean stored;

    @PostLoad
    @PostPersist
    void isStored() {
        stored = true;
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @Override
    public UUID getId() {
        return id;
    }

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
