package grastel.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Someone tried to sign in. Of nobody's data: only the administrator sees it. */
@Entity
@Table(name = "sign_in")
class SignInTry {
    /** What came of it. */
    enum Outcome {
        LET_IN,
        WRONG,
        DISABLED
    }

    @Id
    private UUID id = UUID.randomUUID();

    @Column(name = "tried_at", nullable = false, updatable = false)
    private Instant triedAt;

    /** Null where nobody here has the name. */
    @Column(name = "teacher_id", updatable = false)
    private @Nullable UUID teacher;

    @Column(nullable = false, updatable = false, length = 60)
    private String address;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false, length = 20)
    private Outcome outcome;

    protected SignInTry() {}

    SignInTry(Instant triedAt, @Nullable UUID teacher, String address, Outcome outcome) {
        this.triedAt = triedAt.truncatedTo(ChronoUnit.MICROS);
        this.teacher = teacher;
        this.address = address;
        this.outcome = outcome;
    }

    Instant triedAt() {
        return triedAt;
    }

    @Nullable
    UUID teacher() {
        return teacher;
    }

    String address() {
        return address;
    }

    Outcome outcome() {
        return outcome;
    }
}
