package grastel.app.returns.work;

import grastel.app.platform.AfterCommit;
import grastel.app.platform.Failure;
import grastel.app.platform.Ownership;
import grastel.app.platform.storage.CrashReports;
import grastel.app.platform.storage.Storage;
import grastel.app.returns.api.PagesWait;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.work.PageStore.Taken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Reads waiting pages in the background. The queue is the table itself: a page is taken by changing its state, so none is
 * read twice, and held by whoever reads it: what nobody holds any more, as its reader ended half-way, is put back, so none is lost.
 */
@Component
public class ReadingWorkers implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(ReadingWorkers.class);
    /** Looks for work this often even if nobody wakes the workers. */
    private static final long LOOK_SECONDS = 5;

    private static final long STOP_MILLIS = 15_000;

    private final PageStore store;
    private final ReadingJob job;
    private final ReturnEvents events;
    private final Storage storage;
    private final CrashReports crashReports;
    private final ReadingMetrics metrics;
    private final ReadingSettings settings;
    private final Semaphore wakeUps = new Semaphore(0);
    private final List<Thread> running = new ArrayList<>();
    /** Pages in the hands of a worker. */
    private final Set<UUID> inWork = ConcurrentHashMap.newKeySet();

    private volatile boolean stopping = true;

    ReadingWorkers(
            PageStore store,
            ReadingJob job,
            ReturnEvents events,
            Storage storage,
            CrashReports crashReports,
            ReadingMetrics metrics,
            ReadingSettings settings) {
        this.store = store;
        this.job = job;
        this.events = events;
        this.storage = storage;
        this.crashReports = crashReports;
        this.metrics = metrics;
        this.settings = settings;
    }

    @Override
    public void start() {
        int putBack = storage.isFull() || !settings.alone()
                ? 0
                : Ownership.asSystem(() -> store.putBack(crashReports.takeNew()));
        if (putBack > 0) {
            LOG.info("{} half-read pages put back", putBack);
        }
        stopping = false;
        for (int i = 0; i < settings.threads(); i++) {
            Thread thread = new Thread(this::work, "reading-" + (i + 1));
            thread.setDaemon(true);
            running.add(thread);
            thread.start();
        }
    }

    /** At once where the pages are there already, and else when they are. */
    @EventListener
    void look(PagesWait waiting) {
        AfterCommit.run(this::wake);
    }

    private void wake() {
        wakeUps.release(settings.threads());
    }

    /**
     * What is read here is held. What nobody holds is read again: its reader's process has ended, or could not even say goodbye
     * to it, as when memory or disk had run out.
     */
    @Scheduled(fixedDelayString = "${grastel.reading.hold-again}")
    void hold() {
        if (storage.isFull()) {
            return;
        }
        Ownership.asSystem(() -> {
            store.hold(Set.copyOf(inWork));
            return null;
        });
        int putBack = Ownership.asSystem(store::putBackForsaken);
        if (putBack > 0) {
            LOG.warn("{} pages that nobody read any more put back", putBack);
            wake();
        }
    }

    boolean isInWork(UUID page) {
        return inWork.contains(page);
    }

    /** Nobody waits for a page any more. */
    void cancel(UUID page) {
        job.cancel(page);
    }

    @Override
    public void stop() {
        stopping = true;
        wake();
        long end = System.currentTimeMillis() + STOP_MILLIS;
        for (Thread thread : running) {
            try {
                thread.join(Math.max(1, end - System.currentTimeMillis()));
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
        running.clear();
    }

    @Override
    public boolean isRunning() {
        return !stopping;
    }

    private void work() {
        while (!stopping) {
            try {
                if (storage.isFull()) {
                    pause();
                    continue;
                }
                Optional<Taken> taken = Ownership.asSystem(store::takeNext);
                if (taken.isPresent()) {
                    read(taken.get());
                } else if (wakeUps.tryAcquire(LOOK_SECONDS, TimeUnit.SECONDS)) {
                    wakeUps.drainPermits();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            } catch (RuntimeException | Error e) {
                // Even short of memory: a worker that ends here would leave pages waiting for ever.
                LOG.error("A worker stumbled: {}", Failure.of(e));
                pause();
            }
        }
    }

    private void read(Taken taken) {
        inWork.add(taken.id());
        try {
            Ownership.as(taken.owner(), () -> {
                events.changed(taken.id(), null);
                events.changed(taken.id(), metrics.timed(() -> job.read(taken)).orElse(null));
                return null;
            });
        } catch (RuntimeException e) {
            LOG.warn("Reading page {} is begun anew: {}", taken.id(), Failure.of(e));
            pause();
            // Where not even this can be kept, the page is put back when nobody has held it for a while.
            Ownership.asSystem(() -> {
                store.putBack(taken.id());
                return null;
            });
        } finally {
            inWork.remove(taken.id());
        }
    }

    private static void pause() {
        try {
            Thread.sleep(1000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
