package grastel.app.course.calendar;

import grastel.app.course.CourseSchedule;
import grastel.app.course.Courses;
import grastel.app.platform.Ownership;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
    private final Feeds feeds;
    private final Clock clock;

    CalendarController(Courses courses, Feeds feeds, Clock clock) {
        this.courses = courses;
        this.feeds = feeds;
        this.clock = clock;
    }

    /** @param since null where there is no address */
    record FeedView(@Nullable Instant since) {}

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
        return new FeedView(feeds.since().orElse(null));
    }

    @PostMapping("/courses/feed")
    @ResponseStatus(HttpStatus.CREATED)
    NewFeedView open() {
        return new NewFeedView("/api/feed/" + feeds.open());
    }

    @DeleteMapping("/courses/feed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close() {
        feeds.close();
    }

    @GetMapping(path = "/feed/{token}", produces = "text/calendar")
    ResponseEntity<byte[]> asked(@PathVariable String token) {
        return Ownership.as(feeds.owner(token), () -> calendar(courses.all()));
    }

    private ResponseEntity<byte[]> calendar(List<CourseSchedule> lanes) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .header("Content-Disposition", "attachment; filename=\"grastel.ics\"")
                .body(CalendarFile.of(lanes, clock.getZone(), clock.instant()));
    }
}
