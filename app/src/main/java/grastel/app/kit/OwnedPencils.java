package grastel.app.kit;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OwnedPencils extends JpaRepository<OwnedPencil, UUID> {
    List<OwnedPencil> findAllByOrderByRangeDescCode();

    boolean existsByRangeAndCode(String range, String code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select o from OwnedPencil o where o.id = :id")
    Optional<OwnedPencil> forChange(UUID id);
}
