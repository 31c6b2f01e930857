package grastel.app.chart;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A page of a chart as it came back last. */
@Entity
@Table(name = "chart_page")
class ChartPage extends Owned {
    @Column(name = "chart_id", nullable = false, updatable = false)
    private UUID chart;

    /** From 1, over all copies. */
    @Column(nullable = false, updatable = false)
    private int number;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false)
    private String reading;

    /** The stored file, a JPEG. */
    @Column(name = "picture_sha256", nullable = false, length = 64)
    private String picture;

    @Column(name = "read_at", nullable = false)
    private Instant readAt;

    protected ChartPage() {}

    ChartPage(UUID chart, int number) {
        this.chart = chart;
        this.number = number;
    }

    void readAs(String newReading, String newPicture, Instant when) {
        reading = newReading;
        picture = newPicture;
        readAt = when.truncatedTo(ChronoUnit.MICROS);
    }
}
