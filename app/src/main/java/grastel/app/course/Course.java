package grastel.app.course;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The lessons of a class, as one document: it is changed as a whole, so that every change can be taken back. */
@Entity
@Table(name = "course")
class Course extends Revised {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    /** JSON, see {@link CourseData}. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false)
    private String lessons;

    protected Course() {}

    Course(UUID schoolClass, String lessons) {
        this.schoolClass = schoolClass;
        this.lessons = lessons;
    }

    UUID schoolClass() {
        return schoolClass;
    }

    String lessons() {
        return lessons;
    }

    void set(String newLessons) {
        lessons = newLessons;
        touch();
    }
}
