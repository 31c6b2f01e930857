package grastel.app.kit;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.platform.Failure;
import grastel.core.media.Paper;
import grastel.core.media.PencilSet;
import grastel.core.recipe.SetGamut;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Works the reach of sets out in the background, one after the other, and remembers what was found for as long as pencils and
 * paper stay the same. What was under way when the program stopped is simply asked for again.
 */
@Component
class Gamuts {
    private static final Logger LOG = LoggerFactory.getLogger(Gamuts.class);

    private final Cache<Key, Work> known = Caffeine.newBuilder().maximumSize(60).build();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "set-reach");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    enum State {
        NOT_STARTED,
        AT_WORK,
        DONE,
        CANCELLED,
        FAILED
    }

    /** @param found null until it is done */
    record Standing(State state, double progress, @Nullable SetGamut found) {}

    /** The values themselves: a pencil measured anew makes another key. */
    private record Key(PencilSet set, Paper paper) {}

    private static final class Work {
        private volatile Standing standing = new Standing(State.AT_WORK, 0, null);
        private volatile boolean cancelled;
    }

    Standing of(PencilSet set, Paper paper) {
        Work work = known.getIfPresent(new Key(set, paper));
        return work == null ? new Standing(State.NOT_STARTED, 0, null) : work.standing;
    }

    Standing start(PencilSet set, Paper paper) {
        Key key = new Key(set, paper);
        Work before = known.getIfPresent(key);
        if (before != null && (before.standing.state() == State.DONE || before.standing.state() == State.AT_WORK)) {
            return before.standing;
        }
        Work work = new Work();
        known.put(key, work);
        worker.execute(() -> run(key, work));
        return work.standing;
    }

    void cancel(PencilSet set, Paper paper) {
        Work work = known.getIfPresent(new Key(set, paper));
        if (work != null) {
            work.cancelled = true;
        }
    }

    private static void run(Key key, Work work) {
        try {
            SetGamut found = SetGamut.of(
                    key.set(),
                    key.paper(),
                    share -> work.standing = new Standing(State.AT_WORK, share, null),
                    () -> work.cancelled);
            work.standing = new Standing(State.DONE, 1, found);
        } catch (SetGamut.Cancelled e) {
            work.standing = new Standing(State.CANCELLED, 0, null);
        } catch (RuntimeException e) {
            LOG.error("A set's reach could not be worked out: {}", Failure.of(e));
            work.standing = new Standing(State.FAILED, 0, null);
        }
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
