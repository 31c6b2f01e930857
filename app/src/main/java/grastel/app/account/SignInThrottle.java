package grastel.app.account;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import grastel.app.platform.storage.Storage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Slows down guessing, counted in the database for every node and across restarts: for one name from one address five tries, then
 * one every 30 s; from one address forty, then one every 5 s; for one name from wherever a hundred, then one every 10 s. Who guesses
 * a colleague's name keeps the colleague out at no other address, and never in a browser in which the colleague has signed in before:
 * that has tries of its own.
 */
@Component
class SignInThrottle {
    private static final Limit PAIR = new Limit(5, Duration.ofSeconds(30));
    private static final Limit ADDRESS = new Limit(40, Duration.ofSeconds(5));
    private static final Limit NAME = new Limit(100, Duration.ofSeconds(10));
    private static final Limit DEVICE = new Limit(30, Duration.ofSeconds(10));
    /** By then every bucket is full again. */
    private static final Duration KEPT = Duration.ofHours(1);

    private static final int DIGEST_LENGTH = 16;

    private final SignInBuckets buckets;
    private final TransactionTemplate apart;
    private final Storage storage;
    private final Clock clock;

    /** @param refill how long one try takes to come back */
    private record Limit(int tries, Duration refill) {}

    SignInThrottle(SignInBuckets buckets, PlatformTransactionManager transactions, Storage storage, Clock clock) {
        this.buckets = buckets;
        this.apart = new TransactionTemplate(transactions);
        apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        this.storage = storage;
        this.clock = clock;
    }

    /** @param account its name as it is kept, however it was spelled; @param device one known for this account */
    void requireTry(String account, String address, Optional<String> device) {
        // A full disk takes no count; it lets nobody write anything else either.
        boolean left = storage.isFull()
                || device.map(d -> take("d", account + " " + d, DEVICE))
                        .orElseGet(() -> take("a", address, ADDRESS)
                                && take("p", pair(account, address), PAIR)
                                && take("n", account, NAME));
        if (!left) {
            throw new ApiProblem(HttpStatus.TOO_MANY_REQUESTS, "TOO_MANY_TRIES", say("problem.too-many-tries-wait"));
        }
    }

    /** The teacher is in: tries of before do not count. */
    void forget(String account, String address) {
        if (!storage.isFull()) {
            apart.executeWithoutResult(status -> {
                buckets.forget(id("p", pair(account, address)));
                buckets.forgetBefore(clock.instant().minus(KEPT));
            });
        }
    }

    private static String pair(String account, String address) {
        return account + " " + address;
    }

    private static String id(String kind, String what) {
        return kind + Digest.sha256(what).substring(0, DIGEST_LENGTH);
    }

    private boolean take(String kind, String what, Limit limit) {
        String id = id(kind, what);
        try {
            return Boolean.TRUE.equals(apart.execute(status -> take(id, limit)));
        } catch (DataIntegrityViolationException madeByAnother) {
            return Boolean.TRUE.equals(apart.execute(status -> take(id, limit)));
        }
    }

    private boolean take(String id, Limit limit) {
        Instant now = clock.instant();
        SignInBucket bucket = buckets.forChange(id).orElseGet(() -> new SignInBucket(id, limit.tries(), now));
        boolean taken = bucket.take(limit.tries(), limit.refill(), now);
        buckets.saveAndFlush(bucket);
        return taken;
    }
}
