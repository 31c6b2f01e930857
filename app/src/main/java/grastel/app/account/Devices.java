package grastel.app.account;

import grastel.app.platform.Digest;
import grastel.app.platform.Ownership;
import grastel.app.platform.storage.Storage;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Browsers in which a teacher has signed in before, told by a cookie. Guessing from elsewhere cannot keep a teacher out of
 * them. The cookie lets nobody in: a password is asked for all the same.
 */
@Component
class Devices {
    private static final String COOKIE = "grastel-device";
    private static final Duration KEPT = Duration.ofDays(400);

    private final KnownDevices devices;
    private final TransactionTemplate transactions;
    private final Storage storage;
    private final Clock clock;

    Devices(KnownDevices devices, TransactionTemplate transactions, Storage storage, Clock clock) {
        this.devices = devices;
        this.transactions = transactions;
        this.storage = storage;
        this.clock = clock;
    }

    /** The digest of the request's token, if this teacher has signed in with it before. */
    Optional<String> known(UUID teacher, HttpServletRequest request) {
        return token(request)
                .map(Digest::sha256)
                .filter(hash -> Ownership.as(teacher, () -> devices.existsByTokenHash(hash)));
    }

    /** The teacher has signed in here; not kept while the disk is full, as that must not keep anybody out. */
    void remember(UUID teacher, HttpServletRequest request, HttpServletResponse response) {
        Instant now = clock.instant();
        Optional<String> known = known(teacher, request);
        String fresh = Digest.newToken();
        if (storage.isFull()) {
            return;
        }
        Ownership.as(
                teacher,
                () -> transactions.execute(status -> {
                    devices.forgetUnseenSince(now.minus(KEPT));
                    return known.map(hash -> devices.seen(hash, now)).orElseGet(() -> {
                        devices.save(new KnownDevice(Digest.sha256(fresh), now));
                        return 1;
                    });
                }));
        if (known.isEmpty()) {
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(COOKIE, fresh)
                            .httpOnly(true)
                            .secure(request.isSecure())
                            .sameSite("Strict")
                            .path("/api/account")
                            .maxAge(KEPT)
                            .build()
                            .toString());
        }
    }

    private static Optional<String> token(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst();
    }
}
