package grastel.app.classes;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A student who left a class on the day this was made: the school where it is still the student's class, else for another. */
@Entity
@Table(name = "former_student")
class FormerStudent extends Owned {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    @Column(name = "student_id", nullable = false, updatable = false)
    private UUID student;

    protected FormerStudent() {}

    FormerStudent(UUID schoolClass, UUID student) {
        this.schoolClass = schoolClass;
        this.student = student;
    }
}
