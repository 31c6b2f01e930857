package grastel.app.account;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.app.platform.ApiProblem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: five tries an account, then one every 30 s; forty tries an address, then one every 5 s. A browser in
 * which the teacher has signed in before has tries of its own, so that guessing from elsewhere keeps no teacher out.
 */
@Component
class SignInThrottle {
    private final LoadingCache<String, Bucket> accounts = buckets(5, Duration.ofSeconds(30));
    private final LoadingCache<String, Bucket> addresses = buckets(40, Duration.ofSeconds(5));
    private final LoadingCache<String, Bucket> devices = buckets(30, Duration.ofSeconds(10));

    /** @param account its name as it is kept, however it was spelled; @param device one known for this account */
    void requireTry(String account, String address, Optional<String> device) {
        boolean left = device.map(d -> devices.get(account + " " + d).tryConsume(1))
                .orElseGet(() -> addresses.get(address).tryConsume(1)
                        && accounts.get(account).tryConsume(1));
        if (!left) {
            throw new ApiProblem(HttpStatus.TOO_MANY_REQUESTS, "TOO_MANY_TRIES", say("problem.too-many-tries-wait"));
        }
    }

    void forget(String account) {
        accounts.invalidate(account);
    }

    private static LoadingCache<String, Bucket> buckets(int tries, Duration refill) {
        return Caffeine.newBuilder()
                .maximumSize(50_000)
                .expireAfterAccess(Duration.ofHours(1))
                .build(key -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(tries).refillGreedy(1, refill))
                        .build());
    }
}
