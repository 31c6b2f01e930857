package grastel.app.progress.marks;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The scale a class is marked by. */
@Entity
@Table(name = "class_scale")
class ClassScale extends Revised {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    /** JSON, see {@link ScaleData}. */
    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private String scale;

    protected ClassScale() {}

    ClassScale(UUID schoolClass, String scale) {
        this.schoolClass = schoolClass;
        this.scale = scale;
    }

    String scale() {
        return scale;
    }

    void set(String other) {
        scale = other;
        touch();
    }
}
