package grastel.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** A token bucket: tries are taken out one by one and come back with time. */
@Entity
@Table(name = "sign_in_bucket")
class SignInBucket {
    @Id
    @Column(length = 20)
    private String id;

    @Column(name = "tries_left", nullable = false)
    private double triesLeft;

    @Column(name = "counted_at", nullable = false)
    private Instant countedAt;

    protected SignInBucket() {}

    /** A full one. */
    SignInBucket(String id, int tries, Instant now) {
        this.id = id;
        this.triesLeft = tries;
        this.countedAt = now.truncatedTo(ChronoUnit.MICROS);
    }

    /** @param refill how long one try takes to come back. @return false where none is left */
    boolean take(int tries, Duration refill, Instant now) {
        double seconds = Math.max(0, Duration.between(countedAt, now).toMillis() / 1000.0);
        double left = Math.min(tries, triesLeft + seconds * 1000 / refill.toMillis());
        countedAt = now.truncatedTo(ChronoUnit.MICROS);
        triesLeft = left >= 1 ? left - 1 : left;
        return left >= 1;
    }
}
