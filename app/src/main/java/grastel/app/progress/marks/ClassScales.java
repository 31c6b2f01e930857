package grastel.app.progress.marks;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ClassScales extends JpaRepository<ClassScale, UUID> {
    @Query("select s from ClassScale s where s.schoolClass = :schoolClass")
    Optional<ClassScale> of(UUID schoolClass);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from ClassScale s where s.schoolClass = :schoolClass")
    Optional<ClassScale> forChange(UUID schoolClass);
}
