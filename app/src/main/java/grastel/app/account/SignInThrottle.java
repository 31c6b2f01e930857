package grastel.app.account;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.app.platform.ApiProblem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Slows down guessing: five tries a name, then one every 30 s; forty tries an address, then one every 5 s. */
@Component
class SignInThrottle {
    private final LoadingCache<String, Bucket> names = buckets(5, Duration.ofSeconds(30));
    private final LoadingCache<String, Bucket> addresses = buckets(40, Duration.ofSeconds(5));

    void requireTry(String name, String address) {
        boolean byAddress = addresses.get(address).tryConsume(1);
        if (!byAddress || !names.get(name).tryConsume(1)) {
            throw new ApiProblem(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "TOO_MANY_TRIES",
                    "Too many tries. Wait half a minute and try again.");
        }
    }

    void forget(String name) {
        names.invalidate(name);
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
