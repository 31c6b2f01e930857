package grastel.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/** An account. The only row without an owner: it is one. */
@Entity
@Table(name = "teacher")
class Teacher {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(name = "sign_in_name", nullable = false, length = 80)
    private String signInName;

    @Column(name = "display_name", nullable = false, length = 120)
    private String displayName;

    @Column(name = "password_hash", nullable = false, length = 200)
    private String passwordHash;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt = Instant.now().truncatedTo(ChronoUnit.MICROS);

    protected Teacher() {}

    Teacher(String signInName, String displayName, String passwordHash) {
        this.signInName = signInName;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
    }

    UUID id() {
        return id;
    }

    String signInName() {
        return signInName;
    }

    String displayName() {
        return displayName;
    }

    String passwordHash() {
        return passwordHash;
    }
}
