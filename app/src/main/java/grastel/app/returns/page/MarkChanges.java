package grastel.app.returns.page;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MarkChanges extends JpaRepository<MarkChange, UUID> {
    List<MarkChange> findByPageOrderByCreatedAt(UUID page);
}
