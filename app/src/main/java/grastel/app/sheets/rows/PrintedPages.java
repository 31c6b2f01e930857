package grastel.app.sheets.rows;

import grastel.app.sheets.api.RunInfo;
import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface PrintedPages extends JpaRepository<PrintedPage, UUID> {
    String ROW = "select new grastel.app.sheets.rows.PrintedPages$Row(p.id, p.number, p.part, p.student, r.code,"
            + " coalesce(own.id, v.id), coalesce(own.paper, v.paper), " + PrintRuns.NEW_INFO
            + ") from PrintedPage p join p.run r join r.version v join v.sheet s left join p.version own ";

    /** A page with what leads to its sheet. */
    record Row(UUID id, int number, int part, UUID student, String code, UUID version, UUID paper, RunInfo run) {}

    @Query(ROW + "where p.id = :id")
    Optional<Row> row(@Nullable UUID id);

    @Query(ROW + "where r.code = :run and p.number = :number")
    Optional<Row> row(String run, int number);

    /** One page of a run. @param version its student's own, else the run's */
    record OfRun(UUID id, UUID run, int number, int part, UUID student, String code, UUID version, UUID paper) {}

    String OF_RUN =
            "select new grastel.app.sheets.rows.PrintedPages$OfRun(p.id, r.id, p.number, p.part, p.student, r.code,"
                    + " coalesce(own.id, v.id), coalesce(own.paper, v.paper))"
                    + " from PrintedPage p join p.run r join r.version v left join p.version own ";

    @Query(OF_RUN + "where r.id = :run order by p.number")
    List<OfRun> ofRun(UUID run);

    /** Held until the end of the transaction, always in the same order. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PrintedPage p where p.id in :ids order by p.id")
    List<PrintedPage> held(Collection<UUID> ids);

    @Query(OF_RUN + "where r.id in :runs order by p.number")
    List<OfRun> ofRuns(Collection<UUID> runs);
}
