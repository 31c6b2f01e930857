package grastel.app.chart;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ChartPageRows extends JpaRepository<ChartPage, UUID> {
    /** A page without its picture. */
    record Line(int number, String reading, Instant readAt) {}

    @Query("select new grastel.app.chart.ChartPageRows$Line(p.number, p.reading, p.readAt) from ChartPage p"
            + " where p.chart = :chart order by p.number")
    List<Line> ofChart(UUID chart);

    Optional<ChartPage> findByChartAndNumber(UUID chart, int number);

    @Query("select p.picture from ChartPage p where p.chart = :chart and p.number = :number")
    Optional<String> picture(UUID chart, int number);
}
