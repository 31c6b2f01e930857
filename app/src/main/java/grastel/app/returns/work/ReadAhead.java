package grastel.app.returns.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.decoding.Decoder;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.stereotype.Component;

/**
 * Decodes a picture that has just come in while its file is being stored. Only a head start, for as many pictures as there are
 * workers: one that is not taken up soon is forgotten, and the worker decodes the stored file.
 */
@Component
public class ReadAhead {
    private static final Duration SOON = Duration.ofSeconds(20);

    private final ReadingSettings settings;
    private final Decoder decoder;
    private final Cache<UUID, Future<Picture>> begun =
            Caffeine.newBuilder().expireAfterWrite(SOON).build();
    private final ExecutorService decoding;

    ReadAhead(ReadingSettings settings, Decoder decoder) {
        this.settings = settings;
        this.decoder = decoder;
        this.decoding = Executors.newFixedThreadPool(settings.threads(), task -> {
            Thread thread = new Thread(task, "decoding");
            thread.setDaemon(true);
            return thread;
        });
    }

    /** Begins to decode an ordinary picture, if there is room. @param file the id it will be stored under */
    public void begin(UUID file, byte[] content) {
        begun.cleanUp();
        if (begun.estimatedSize() < settings.threads() && PictureFile.isOrdinary(content)) {
            begun.put(file, decoding.submit(() -> decoder.decode(file, file, content, 0)));
        }
    }

    /** The file was not stored. */
    public void forget(UUID file) {
        begun.invalidate(file);
    }

    /** The picture of a file, if it was begun; only once. */
    Optional<Picture> take(UUID file) throws UnreadablePage {
        Future<Picture> picture = begun.asMap().remove(file);
        if (picture == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(picture.get());
        } catch (ExecutionException e) {
            if (e.getCause() instanceof UnreadablePage unreadable) {
                throw unreadable;
            }
            return Optional.empty();
        } catch (CancellationException e) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    @PreDestroy
    void stop() {
        decoding.shutdownNow();
    }
}
