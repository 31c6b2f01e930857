package grastel.app.platform.storage;

import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Primary;

/** A disk as full as a test says; imported by the test that plays it. */
@Primary
public class PlayedStorage extends Storage {
    public static final long PLENTY = 100_000;

    private volatile long usableMb = PLENTY;
    private final AtomicInteger looksLeft = new AtomicInteger(Integer.MAX_VALUE);

    PlayedStorage(@Value("${grastel.data}") Path folder, @Value("${grastel.reserve-mb}") long reserveMb) {
        super(folder, reserveMb);
    }

    public void setUsableMb(long mb) {
        looksLeft.set(Integer.MAX_VALUE);
        usableMb = mb;
    }

    /** Full from so many looks at it on. */
    public void fillAfterLooks(int looks) {
        looksLeft.set(looks);
    }

    @Override
    protected long usableBytes() {
        return (looksLeft.decrementAndGet() < 0 ? 0 : usableMb) * 1024 * 1024;
    }
}
