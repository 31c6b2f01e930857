package grastel.app.chart;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A chart as it was printed. */
@Entity
@Table(name = "chart")
class Chart extends Revised {
    @Column(nullable = false, length = 60)
    private String title;

    @Column(nullable = false, length = 8, updatable = false)
    private String code;

    /** The set it is of; null while a new set is in no kit. */
    @Column(name = "set_id")
    private UUID set;

    @Column(name = "paper_id", nullable = false, updatable = false)
    private UUID paper;

    @Column(nullable = false, updatable = false)
    private int copies;

    /** JSON, see {@link ChartData}. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false)
    private String plan;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false, updatable = false)
    private String layout;

    @Column(name = "taken_at")
    private Instant takenAt;

    protected Chart() {}

    Chart(String title, String code, UUID set, UUID paper, int copies, String plan, String layout) {
        this.title = title;
        this.code = code;
        this.set = set;
        this.paper = paper;
        this.copies = copies;
        this.plan = plan;
        this.layout = layout;
    }

    /** A page of it was read, perhaps once more. */
    void pageRead() {
        touch();
    }

    void taken(UUID intoSet, String withPencils, Instant when) {
        set = intoSet;
        plan = withPencils;
        takenAt = when.truncatedTo(ChronoUnit.MICROS);
        touch();
    }

    String title() {
        return title;
    }

    String code() {
        return code;
    }

    UUID set() {
        return set;
    }

    UUID paper() {
        return paper;
    }

    int copies() {
        return copies;
    }

    String plan() {
        return plan;
    }

    String layout() {
        return layout;
    }

    Instant takenAt() {
        return takenAt;
    }
}
