package grastel.app.decoding;

import grastel.core.reading.picture.PictureFile;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param processes decoding processes at once; 0 for one per processor and one more
 * @param memoryMb heap of one decoding process
 * @param inspecting how long looking at a file's head may take
 * @param onePage how long decoding one page may take
 * @param mostPixels pixels of one page
 * @param mostPages pages of one file
 */
@ConfigurationProperties("grastel.decoding")
record DecodingSettings(
        int processes, int memoryMb, Duration inspecting, Duration onePage, long mostPixels, int mostPages) {
    PictureFile.Limits limits() {
        return new PictureFile.Limits(mostPixels, mostPages);
    }

    int atOnce() {
        return processes > 0 ? processes : Runtime.getRuntime().availableProcessors() + 1;
    }
}
