package grastel.app.returns.work;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param workers pages read at once; 0 for one per processor
 * @param mostWaiting pages that may wait
 */
@ConfigurationProperties("grastel.reading")
public record ReadingSettings(int workers, int mostWaiting) {
    int threads() {
        return workers > 0 ? workers : Runtime.getRuntime().availableProcessors();
    }
}
