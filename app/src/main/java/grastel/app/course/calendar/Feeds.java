package grastel.app.course.calendar;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import grastel.app.platform.Ownership;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A teacher's private address for calendar programs: at most one, kept as a digest. */
@Service
@Transactional
class Feeds {
    private final CalendarFeeds feeds;

    Feeds(CalendarFeeds feeds) {
        this.feeds = feeds;
    }

    Optional<Instant> since() {
        return feeds.findAll().stream().map(CalendarFeed::createdAt).findFirst();
    }

    /** A new address; one given before is over. @return its token, told this once */
    String open() {
        close();
        String token = Digest.newToken();
        feeds.saveAndFlush(new CalendarFeed(Digest.sha256(token)));
        return token;
    }

    void close() {
        feeds.deleteAll();
        feeds.flush();
    }

    /** Whose address it is. Wrong and revoked ones are answered alike. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    UUID owner(String token) {
        return Ownership.asSystem(() -> feeds.findByTokenHash(Digest.sha256(token)))
                .map(CalendarFeed::owner)
                .orElseThrow(() -> ApiProblem.notFound(say("thing.calendar")));
    }
}
