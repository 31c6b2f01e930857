package grastel.app.sheets.rows;

import grastel.app.sheets.api.RunInfo;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Runs are listed without the plans and pages of their versions. */
public interface PrintRuns extends JpaRepository<PrintRun, UUID> {
    /** Of a run r, its version v and its sheet s. */
    String NEW_INFO = "new grastel.app.sheets.api.RunInfo(r.id, s.id, s.title, v.number, r.schoolClass, r.band,"
            + " r.createdAt, r.pageCount, r.parts, s.personal, r.card)";

    String INFO = "select " + NEW_INFO + " from PrintRun r join r.version v join v.sheet s ";

    @Query(INFO + "order by r.createdAt desc")
    List<RunInfo> infos();

    @Query(INFO + "where r.id = :id")
    Optional<RunInfo> info(UUID id);

    @Query(INFO + "where r.id in :ids")
    List<RunInfo> infos(Collection<UUID> ids);

    /** That have a page of a student, the newest first. */
    @Query(INFO + "where exists (select p.id from PrintedPage p where p.run = r and p.student = :student)"
            + " order by r.createdAt desc")
    List<RunInfo> ofStudent(UUID student);

    /** Of sheets, the newest first. */
    @Query(INFO + "where s.id in :sheets order by r.createdAt desc")
    List<RunInfo> ofSheets(Collection<UUID> sheets);

    /** The last run of each class, personal pages left out. */
    @Query(INFO + "where not s.personal and r.createdAt = (select max(n.createdAt) from PrintRun n"
            + " where n.schoolClass = r.schoolClass and not n.version.sheet.personal)")
    List<RunInfo> latest();

    /** The versions that runs were printed from. */
    @Query("select new grastel.app.sheets.rows.PrintRuns$Printed(r.id, r.version.id, r.version.paper) from PrintRun r"
            + " where r.id in :runs")
    List<Printed> versions(Collection<UUID> runs);

    record Printed(UUID run, UUID version, UUID paper) {}

    @Query("select count(r) > 0 from PrintRun r where r.version.sheet.id = :sheet and r.schoolClass = :schoolClass"
            + " and r.createdAt > :after")
    boolean isPrintedAgain(UUID sheet, UUID schoolClass, Instant after);

    /** Of any teacher's: a code names one page of the installation. */
    @Query(value = "select count(*) > 0 from print_run where code = :code", nativeQuery = true)
    boolean existsByCode(String code);

    boolean existsByVersion(SheetVersion version);
}
