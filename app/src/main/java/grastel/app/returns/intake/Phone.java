package grastel.app.returns.intake;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import grastel.app.platform.Ownership;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pages sent from a phone: a teacher gives leave for one class and a quarter of an hour, and nothing can be seen with it. */
@Service
public class Phone {
    static final Duration OPEN = Duration.ofMinutes(15);

    private final PhoneLinks links;
    private final Classes classes;
    private final Clock clock;

    Phone(PhoneLinks links, Classes classes, Clock clock) {
        this.links = links;
        this.classes = classes;
        this.clock = clock;
    }

    /** @param token what a phone shows to be let in; it is told once */
    public record Leave(UUID id, String token, Instant until) {}

    /** What a phone may know. */
    public record Open(UUID owner, UUID schoolClass, String className, Instant until) {}

    @Transactional
    public Leave open(UUID schoolClass) {
        classes.one(schoolClass);
        Instant now = clock.instant();
        links.deleteByExpiresAtBefore(now);
        String token = Digest.newToken();
        PhoneLink link = links.save(new PhoneLink(schoolClass, hash(token), now.plus(OPEN)));
        return new Leave(link.id(), token, link.expiresAt());
    }

    @Transactional
    public void close(UUID id) {
        links.delete(links.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.link"))));
    }

    /** @throws ApiProblem where the token is unknown or its time is over: which of both is not told */
    public Open enter(String token) {
        PhoneLink link = Ownership.asSystem(() -> links.findByTokenHash(hash(token)))
                .filter(l -> clock.instant().isBefore(l.expiresAt()))
                .orElseThrow(() -> new ApiProblem(HttpStatus.GONE, "LINK_OVER", say("problem.this-link-is-over")));
        String name =
                Ownership.as(link.owner(), () -> classes.one(link.schoolClass()).name());
        return new Open(link.owner(), link.schoolClass(), name, link.expiresAt());
    }

    private static String hash(String token) {
        return Digest.sha256(token);
    }
}
