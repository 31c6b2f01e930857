package grastel.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnedSets extends JpaRepository<OwnedSet, UUID> {
    List<OwnedSet> findAllByOrderByName();

    boolean existsByName(String name);
}
