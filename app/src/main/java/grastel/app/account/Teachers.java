package grastel.app.account;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface Teachers extends JpaRepository<Teacher, UUID> {
    Optional<Teacher> findBySignInName(String signInName);

    List<Teacher> findAllByOrderByDisplayName();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select t from Teacher t where t.id = :id")
    Optional<Teacher> forChange(UUID id);
}
