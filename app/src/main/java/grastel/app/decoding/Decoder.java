package grastel.app.decoding;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** The front door of decoding. Whatever a file is made to do, an answer comes within the budget, and the caller goes on. */
@Component
@EnableConfigurationProperties(DecodingSettings.class)
public class Decoder {
    private static final int MOST_TRIES = 2;

    private final DecodingSettings settings;
    /** Whose turn comes next, by ticket; who is cancelled leaves. */
    private final Set<UUID> waiting = new LinkedHashSet<>();

    private final Deque<Child> idle = new ArrayDeque<>();
    private final Map<UUID, Child> busy = new HashMap<>();
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "decoding-watch");
        thread.setDaemon(true);
        return thread;
    });
    private boolean closed;

    Decoder(DecodingSettings settings) {
        this.settings = settings;
    }

    /** Counts a file's pages and holds them against the limits. @param file by which it is known */
    public int inspect(UUID file, byte[] content) throws UnreadablePage {
        PictureFile.Kind kind = PictureFile.kindOf(content);
        return kind.isPile()
                ? with(file, child -> child.inspect(file, content))
                : PictureFile.inspect(content, settings.limits());
    }

    /**
     * Decodes one page.
     *
     * @param ticket by which {@link #cancel} knows it
     * @param file by which the file is known: a process that holds it already is not sent it again
     * @param page 0 for the first
     */
    public Picture decode(UUID ticket, UUID file, byte[] content, int page) throws UnreadablePage {
        return PictureFile.isOrdinary(content)
                ? PictureFile.decode(content, page, settings.limits())
                : with(ticket, child -> child.decode(file, content, page));
    }

    /**
     * The first page of what someone sends in and waits for.
     *
     * @throws ApiProblem where it is no picture that can be taken, and why
     */
    public Picture taken(UUID file, byte[] content) {
        try {
            return decode(UUID.randomUUID(), file, content, 0);
        } catch (UnreadablePage e) {
            throw new ApiProblem(HttpStatus.UNPROCESSABLE_CONTENT, e.problem().name(), words(e));
        }
    }

    private static String words(UnreadablePage e) {
        return switch (e.problem()) {
            case NOT_A_PICTURE -> say("problem.this-is-no-picture");
            case TOO_MANY_PIXELS -> say("problem.the-picture-has-megapixels", e.figure());
            case TOO_SLOW, TOO_HEAVY -> say("problem.the-picture-takes-too");
            default -> say("problem.the-picture-is-damaged");
        };
    }

    /** Stops what was begun under a ticket, at once, be it waiting or decoding; whoever waits for it is told DAMAGED. */
    public synchronized void cancel(UUID ticket) {
        if (waiting.remove(ticket)) {
            notifyAll();
        }
        Child child = busy.get(ticket);
        if (child != null) {
            child.kill();
        }
    }

    synchronized boolean isWaiting(UUID ticket) {
        return waiting.contains(ticket);
    }

    synchronized boolean isDecoding(UUID ticket) {
        return busy.containsKey(ticket);
    }

    private interface Work<T> {
        T with(Child child) throws UnreadablePage;
    }

    private <T> T with(UUID ticket, Work<T> work) throws UnreadablePage {
        for (int left = MOST_TRIES; ; left--) {
            Child child = take(ticket);
            try {
                return work.with(child);
            } catch (UnreadablePage e) {
                // the machine had no time for it, which says nothing of the file
                if (!child.wasStarved() || left == 1) {
                    throw e;
                }
            } finally {
                giveBack(ticket, child);
            }
        }
    }

    /** The process used last is the one most likely to hold the file and to be warm. */
    private synchronized Child take(UUID ticket) throws UnreadablePage {
        awaitTurn(ticket);
        Child child = idle.pollFirst();
        while (child != null && !child.isAlive()) {
            child = idle.pollFirst();
        }
        Child taken = child == null ? begin() : child;
        busy.put(ticket, taken);
        return taken;
    }

    private synchronized void awaitTurn(UUID ticket) throws UnreadablePage {
        waiting.add(ticket);
        try {
            while (waiting.contains(ticket) && !isTurnOf(ticket)) {
                wait();
            }
            if (!waiting.contains(ticket)) {
                throw new UnreadablePage(UnreadablePage.Problem.DAMAGED);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while waiting to decode.", e);
        } finally {
            waiting.remove(ticket);
            notifyAll();
        }
    }

    private boolean isTurnOf(UUID ticket) {
        return busy.size() < settings.atOnce() && waiting.iterator().next().equals(ticket);
    }

    private Child begin() {
        try {
            return new Child(settings, watch);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private synchronized void giveBack(UUID ticket, Child child) {
        busy.remove(ticket);
        if (child.isAlive() && !closed) {
            idle.addFirst(child);
        } else {
            child.kill();
        }
        notifyAll();
    }

    /** The first pile should not wait for a process to start. */
    @EventListener
    void warm(ApplicationReadyEvent ready) {
        watch.execute(() -> {
            synchronized (this) {
                if (idle.isEmpty() && !closed) {
                    idle.addFirst(begin());
                }
            }
        });
    }

    @PreDestroy
    synchronized void close() {
        closed = true;
        idle.forEach(Child::kill);
        busy.values().forEach(Child::kill);
        watch.shutdownNow();
    }
}
