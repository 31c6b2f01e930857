package grastel.app.account;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Links by which colleagues make their accounts themselves, each good for one account and a week. */
@Component
class Invites {
    private static final Duration OPEN = Duration.ofDays(7);
    /** More at once are no invitations any more. */
    static final int MOST = 50;

    private final InviteRows rows;
    private final Clock clock;

    Invites(InviteRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** @param token told once */
    record Made(String token, Instant until) {}

    @Transactional
    public Made make() {
        Instant now = clock.instant();
        rows.forgetOver(now);
        if (rows.count() >= MOST) {
            throw ApiProblem.conflict("TOO_MANY", say("problem.there-are-open-invitations", MOST));
        }
        String token = Digest.newToken();
        Invite invite = rows.save(new Invite(Digest.sha256(token), now, now.plus(OPEN)));
        return new Made(token, invite.expiresAt());
    }

    List<Invite> open() {
        return rows.findByExpiresAtAfterOrderByMadeAt(clock.instant());
    }

    @Transactional
    public void takeBack(UUID id) {
        if (rows.takeBack(id) == 0) {
            throw ApiProblem.notFound(say("thing.invitation"));
        }
    }

    /** @throws ApiProblem where it is unknown, used or over: which of them is not told */
    Instant until(String token) {
        return rows.findByTokenHashAndExpiresAtAfter(Digest.sha256(token), clock.instant())
                .map(Invite::expiresAt)
                .orElseThrow(Invites::over);
    }

    /** Uses it up. Call inside the transaction that makes the account. */
    void use(String token) {
        if (rows.take(Digest.sha256(token), clock.instant()) != 1) {
            throw over();
        }
    }

    private static ApiProblem over() {
        return new ApiProblem(HttpStatus.GONE, "LINK_OVER", say("problem.this-invitation-is-used"));
    }
}
