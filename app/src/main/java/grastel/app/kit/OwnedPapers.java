package grastel.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnedPapers extends JpaRepository<OwnedPaper, UUID> {
    List<OwnedPaper> findAllByOrderByToothDepth();

    boolean existsByName(String name);
}
