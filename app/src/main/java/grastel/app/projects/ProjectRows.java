package grastel.app.projects;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ProjectRows extends JpaRepository<Project, UUID> {
    /** A project without its picture. @param ofProject and student where it is one student's own picture for another project */
    record Line(
            UUID id,
            int revision,
            String title,
            UUID schoolClass,
            UUID ofProject,
            UUID student,
            Rights rights,
            String rightsNote,
            String settings,
            Instant createdAt) {}

    String LINE =
            "select new grastel.app.projects.ProjectRows$Line(p.id, p.revision, p.title, p.schoolClass, p.ofProject,"
                    + " p.student, p.rights, p.rightsNote, p.settings, p.createdAt) from Project p ";

    @Query(LINE + "order by p.createdAt desc")
    List<Line> lines();

    @Query("select new grastel.app.projects.Projects$Title(p.id, p.title, p.schoolClass) from Project p"
            + " where p.ofProject is null")
    List<Projects.Title> titles();

    @Query(LINE + "where p.ofProject = :project")
    List<Line> own(UUID project);

    long countByOfProjectIsNull();

    @Query(LINE + "where p.id = :id")
    Optional<Line> line(UUID id);

    @Query("select p.picture from Project p where p.id = :id")
    Optional<String> picture(UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Project p where p.id = :id")
    Optional<Project> forChange(UUID id);
}
