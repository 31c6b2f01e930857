package grastel.app.course;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CourseRows extends JpaRepository<Course, UUID> {
    List<Course> findBySchoolClassIn(Collection<UUID> classes);

    Optional<Course> findBySchoolClass(UUID schoolClass);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from Course c where c.schoolClass = :schoolClass")
    Optional<Course> forChange(UUID schoolClass);
}
