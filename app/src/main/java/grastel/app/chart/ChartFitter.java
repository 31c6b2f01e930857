package grastel.app.chart;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.core.chart.ChartFit;
import grastel.core.chart.ChartPlan;
import grastel.core.media.Paper;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Fits charts in the background, one at a time: a chart of 36 takes seconds. Nothing is stored; whoever asks after a restart
 * has it fitted again.
 */
@Component
class ChartFitter {
    private static final int REMEMBERED = 20;

    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "chart-fit");
        thread.setDaemon(true);
        return thread;
    });
    private final Cache<Asked, CompletableFuture<ChartFit.Result>> fits = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterAccess(Duration.ofHours(12))
            .build();

    /** @param readAt of its pages */
    private record Asked(UUID chart, List<Instant> readAt) {}

    /** @param pages made only where the chart has to be fitted */
    CompletableFuture<ChartFit.Result> of(
            UUID chart, List<Instant> readAt, ChartPlan plan, Paper paper, Supplier<List<ChartFit.ReadPage>> pages) {
        return fits.get(new Asked(chart, readAt), asked -> {
            List<ChartFit.ReadPage> read = pages.get();
            return CompletableFuture.supplyAsync(() -> ChartFit.of(plan, paper, read), worker);
        });
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
