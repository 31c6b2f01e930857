package grastel.app.sheets;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrintedPages extends JpaRepository<PrintedPage, UUID> {}
