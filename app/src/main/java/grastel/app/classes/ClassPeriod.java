package grastel.app.classes;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.LocalTime;

@Entity
@Table(name = "class_period")
class ClassPeriod extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "class_id", nullable = false, updatable = false)
    private SchoolClass schoolClass;

    /** ISO-8601: 1 Monday … 7 Sunday. */
    @Column(nullable = false)
    private int weekday;

    @Column(nullable = false)
    private LocalTime starts;

    protected ClassPeriod() {}

    ClassPeriod(SchoolClass schoolClass, DayOfWeek day, LocalTime starts) {
        this.schoolClass = schoolClass;
        this.weekday = day.getValue();
        this.starts = starts;
    }

    DayOfWeek day() {
        return DayOfWeek.of(weekday);
    }

    LocalTime starts() {
        return starts;
    }
}
