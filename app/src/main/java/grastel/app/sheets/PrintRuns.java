package grastel.app.sheets;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrintRuns extends JpaRepository<PrintRun, UUID> {
    List<PrintRun> findAllByOrderByCreatedAtDesc();

    boolean existsByVersion(SheetVersion version);

    boolean existsByVersionSheet(Sheet sheet);
}
