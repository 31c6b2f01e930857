package grastel.app.sheets.rows;

import grastel.app.sheets.api.SheetTitle;
import grastel.core.page.PageSize;
import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface SheetRows extends JpaRepository<Sheet, UUID> {
    String LINE =
            "select new grastel.app.sheets.rows.SheetRows$Line(s.id, s.title, s.revision, v.number, v.schoolClass, v.set,"
                    + " v.paper, v.pageSize, v.exercises, (select count(r) from PrintRun r where r.version.sheet.id = s.id))"
                    + " from SheetVersion v join v.sheet s"
                    + " where v.number = (select max(n.number) from SheetVersion n where n.sheet.id = s.id) ";

    /** A sheet as its latest version has it, without plan and pages. @param runs how often any version was printed */
    record Line(
            UUID id,
            String title,
            int revision,
            int version,
            UUID schoolClass,
            UUID set,
            UUID paper,
            PageSize pageSize,
            String exercises,
            long runs) {}

    @Query("select new grastel.app.sheets.api.SheetTitle(s.id, s.title) from Sheet s where not s.personal")
    List<SheetTitle> titles();

    /** The state of sheets, for what is remembered of them. */
    @Query("select new grastel.app.sheets.rows.SheetRows$State(s.id, s.revision) from Sheet s where s.id in :sheets")
    List<State> states(Collection<UUID> sheets);

    record State(UUID id, int revision) {}

    @Query(LINE + "and not s.personal order by s.createdAt desc")
    List<Line> lines();

    @Query(LINE + "and not s.personal and s.id = :id")
    Optional<Line> line(UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from Sheet s where s.id = :id and not s.personal")
    Optional<Sheet> forChange(UUID id);
}
