package grastel.app.sheets;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetRows extends JpaRepository<Sheet, UUID> {
    List<Sheet> findAllByOrderByCreatedAtDesc();
}
