package grastel.app.kit;

import jakarta.persistence.LockModeType;
import java.util.Collection;
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

    /** In the order in which they are locked. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from OwnedPencil p where p.id in :ids order by p.id")
    List<OwnedPencil> allForChange(Collection<UUID> ids);

    /** Which of these codes a range holds. */
    @Query("select p.code from OwnedPencil p where p.range = :range and p.code in :codes order by p.code")
    List<String> held(String range, Collection<String> codes);
}
