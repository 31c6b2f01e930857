package grastel.app.kit;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OwnedSets extends JpaRepository<OwnedSet, UUID> {
    List<OwnedSet> findAllByOrderByName();

    boolean existsByName(String name);

    @Modifying
    @Query("update ClassSet u set u.schoolClass = :now where u.schoolClass = :before")
    int goOn(UUID before, UUID now);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select o from OwnedSet o where o.id = :id")
    Optional<OwnedSet> forChange(UUID id);
}
