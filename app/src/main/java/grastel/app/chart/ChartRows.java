package grastel.app.chart;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ChartRows extends JpaRepository<Chart, UUID> {
    /** A chart in a list. @param read pages of it that came back */
    record Line(UUID id, String title, Instant printedAt, int copies, Instant takenAt, long read) {}

    @Query("select new grastel.app.chart.ChartRows$Line(c.id, c.title, c.createdAt, c.copies, c.takenAt,"
            + " (select count(p) from ChartPage p where p.chart = c.id)) from Chart c order by c.createdAt desc")
    List<Line> lines();

    Optional<Chart> findByCode(String code);

    /** Of any teacher's: a code names one page of the installation. */
    @Query(value = "select count(*) > 0 from chart where code = :code", nativeQuery = true)
    boolean existsByCode(String code);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from Chart c where c.id = :id")
    Optional<Chart> forChange(UUID id);
}
