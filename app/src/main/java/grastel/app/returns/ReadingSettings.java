package grastel.app.returns;

import grastel.core.reading.PictureFile;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param workers pages read at once; 0 for one per processor
 * @param mostWaiting pages that may wait
 * @param mostPixels pixels of one page
 * @param mostPages pages of one PDF
 */
@ConfigurationProperties("grastel.reading")
record ReadingSettings(int workers, int mostWaiting, long mostPixels, int mostPages) {
    PictureFile.Limits limits() {
        return new PictureFile.Limits(mostPixels, mostPages);
    }

    int threads() {
        return workers > 0 ? workers : Runtime.getRuntime().availableProcessors();
    }
}
