package grastel.app.course;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import grastel.app.platform.Ownership;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Periods for calendar programs: as a file, or at a private address that anyone who has it may ask. */
@RestController
@RequestMapping("/api")
class CalendarController {
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final Courses courses;
    private final CalendarFeeds feeds;
    private final Clock clock;

    CalendarController(Courses courses, CalendarFeeds feeds, Clock clock) {
        this.courses = courses;
        this.feeds = feeds;
        this.clock = clock;
    }

    /** @param since null where there is no address */
    record FeedView(Instant since) {}

    /** @param path the address, told this once */
    record NewFeedView(@NotNull String path) {}

    /** All classes, or one. */
    @GetMapping(path = "/courses/calendar.ics", produces = "text/calendar")
    ResponseEntity<byte[]> file() {
        return calendar(courses.all());
    }

    @GetMapping(path = "/courses/{schoolClass}/calendar.ics", produces = "text/calendar")
    ResponseEntity<byte[]> file(@PathVariable UUID schoolClass) {
        return calendar(List.of(courses.one(schoolClass)));
    }

    @GetMapping("/courses/feed")
    FeedView feed() {
        return new FeedView(feeds.findAll().stream()
                .map(CalendarFeed::createdAt)
                .findFirst()
                .orElse(null));
    }

    /** A new address; one given before is over. */
    @PostMapping("/courses/feed")
    @ResponseStatus(HttpStatus.CREATED)
    NewFeedView open() {
        feeds.deleteAll();
        feeds.flush();
        String token = Digest.newToken();
        feeds.save(new CalendarFeed(Digest.sha256(token)));
        return new NewFeedView("/api/feed/" + token);
    }

    @DeleteMapping("/courses/feed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close() {
        feeds.deleteAll();
    }

    /** Wrong and revoked addresses are answered alike. */
    @GetMapping(path = "/feed/{token}", produces = "text/calendar")
    ResponseEntity<byte[]> asked(@PathVariable String token) {
        CalendarFeed feed = Ownership.asSystem(() -> feeds.findByTokenHash(Digest.sha256(token)))
                .orElseThrow(() -> ApiProblem.notFound("calendar"));
        return Ownership.as(feed.owner(), () -> calendar(courses.all()));
    }

    private ResponseEntity<byte[]> calendar(List<Lane> lanes) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .header("Content-Disposition", "attachment; filename=\"grastel.ics\"")
                .body(CalendarFile.of(lanes, clock.getZone(), clock.instant()));
    }
}
