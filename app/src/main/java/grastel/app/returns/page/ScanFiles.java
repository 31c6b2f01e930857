package grastel.app.returns.page;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface ScanFiles extends JpaRepository<ScanFile, UUID> {
    boolean existsBySha256(String sha256);

    /** The only class whose pages a file may hold. */
    @Query("select f.schoolClass from ScanFile f where f.id = :id")
    Optional<UUID> onlyClass(UUID id);

    @Query("select f.mediaType from ScanFile f where f.id = :id")
    Optional<String> kind(UUID id);

    @Modifying
    @Query("delete from ScanFile f where not exists (select 1 from ReturnedPage p where p.file = f.id)")
    void deleteWithoutPages();
}
