package grastel.app.sheets;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrintedPages extends JpaRepository<PrintedPage, UUID> {
    Optional<PrintedPage> findByRunCodeAndNumber(String run, int number);
}
