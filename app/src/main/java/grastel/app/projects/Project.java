package grastel.app.projects;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A picture that is drawn from. Lists do not load it: see {@link ProjectRows}. */
@Entity
@Table(name = "project")
class Project extends Revised {
    @Column(nullable = false, length = 120)
    private String title;

    /** Who draws it; null for nobody yet. */
    @Column(name = "class_id")
    private UUID schoolClass;

    /** The project that a student has this picture of their own for; null for one of a class. */
    @Column(name = "of_project_id", updatable = false)
    private UUID ofProject;

    /** Who alone draws it; null for a class. */
    @Column(name = "student_id", updatable = false)
    private UUID student;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false, length = 20)
    private Rights rights;

    @Column(name = "rights_note", nullable = false, updatable = false, length = 300)
    private String rightsNote;

    /** JSON, see {@link ProjectData}. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(nullable = false)
    private String settings;

    /** The stored file, as it came. */
    @Column(name = "picture_sha256", nullable = false, updatable = false, length = 64)
    private String picture;

    protected Project() {}

    Project(String title, UUID schoolClass, Rights rights, String rightsNote, String settings, String picture) {
        this.title = title;
        this.schoolClass = schoolClass;
        this.rights = rights;
        this.rightsNote = rightsNote;
        this.settings = settings;
        this.picture = picture;
    }

    /** For one student of the class that another is drawn by. */
    Project ownOf(UUID project, UUID whose) {
        ofProject = project;
        student = whose;
        return this;
    }

    void change(String newTitle, UUID newClass, String newSettings) {
        title = newTitle;
        schoolClass = newClass;
        settings = newSettings;
        touch();
    }
}
