package grastel.app.sheets.rows;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface SheetVersions extends JpaRepository<SheetVersion, UUID> {
    String LATEST = "select v from SheetVersion v join fetch v.sheet s"
            + " where not s.personal and v.number = (select max(n.number) from SheetVersion n where n.sheet.id = s.id) ";

    @Query(LATEST + "and s.id = :sheet")
    Optional<SheetVersion> latest(UUID sheet);

    @Query(LATEST + "and s.id in :sheets")
    List<SheetVersion> latest(Collection<UUID> sheets);

    /** Latest versions made for a class, the newest sheet first. */
    @Query(LATEST + "and v.schoolClass = :schoolClass order by s.createdAt desc")
    List<SheetVersion> latestFor(UUID schoolClass);
}
