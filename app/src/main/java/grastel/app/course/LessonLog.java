package grastel.app.course;

import grastel.app.platform.Owned;
import grastel.core.planning.calendar.Period;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What really happened in one period of a class. */
@Entity
@Table(name = "lesson_log")
class LessonLog extends Owned {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    @Column(name = "period_key", nullable = false, updatable = false)
    private LocalDateTime key;

    @Column(nullable = false, updatable = false)
    private LocalDateTime starts;

    @Column(nullable = false, updatable = false)
    private int minutes;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private Outcome outcome;

    /** JSON, see {@link DoneData}. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false)
    private String done;

    protected LessonLog() {}

    LessonLog(UUID schoolClass, Period period, Outcome outcome, String done) {
        this.schoolClass = schoolClass;
        this.key = period.key();
        this.starts = period.starts();
        this.minutes = period.minutes();
        this.outcome = outcome;
        this.done = done;
    }

    void set(Outcome newOutcome, String newDone) {
        outcome = newOutcome;
        done = newDone;
    }

    UUID schoolClass() {
        return schoolClass;
    }

    Outcome outcome() {
        return outcome;
    }

    String done() {
        return done;
    }

    Period period() {
        return new Period(key, starts, minutes, "", Period.State.USUAL);
    }
}
