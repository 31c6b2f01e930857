package grastel.app.course;

import jakarta.persistence.LockModeType;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface LessonLogs extends JpaRepository<LessonLog, UUID> {
    @Query("select l from LessonLog l where l.schoolClass in :classes order by l.starts")
    List<LessonLog> of(Collection<UUID> classes);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from LessonLog l where l.schoolClass = :schoolClass and l.key = :key")
    Optional<LessonLog> forChange(UUID schoolClass, LocalDateTime key);
}
