package grastel.app.course.calendar;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A teacher's private address for calendar programs, at most one. */
@Entity
@Table(name = "calendar_feed")
class CalendarFeed extends Owned {
    @Column(name = "token_hash", nullable = false, updatable = false, length = 64)
    private String tokenHash;

    protected CalendarFeed() {}

    CalendarFeed(String tokenHash) {
        this.tokenHash = tokenHash;
    }
}
