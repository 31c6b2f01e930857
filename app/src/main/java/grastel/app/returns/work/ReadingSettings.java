package grastel.app.returns.work;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param workers pages read at once; 0 for one per processor
 * @param mostWaiting pages that may wait
 * @param hold how long a page that is being read is its reader's, unless that is put off
 * @param alone no other node reads from this database
 */
@ConfigurationProperties("grastel.reading")
public record ReadingSettings(int workers, int mostWaiting, Duration hold, boolean alone) {
    int threads() {
        return workers > 0 ? workers : Runtime.getRuntime().availableProcessors();
    }
}
