package grastel.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnedPencils extends JpaRepository<OwnedPencil, UUID> {
    List<OwnedPencil> findAllByOrderByRangeDescCode();

    boolean existsByRangeAndCode(String range, String code);
}
