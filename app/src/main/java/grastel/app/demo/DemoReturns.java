package grastel.app.demo;

import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Lets one class's sheets come back through the real scanner folder and reader, and confirms what was proposed. */
@Component
@Profile("demo")
class DemoReturns {
    private static final Logger LOG = LoggerFactory.getLogger(DemoReturns.class);
    private static final Duration PATIENCE = Duration.ofMinutes(30);
    private static final Duration LOOK_EVERY = Duration.ofMillis(50);

    private final Printings printings;
    private final Returns returns;
    private final ClassScanner scanner;

    DemoReturns(Printings printings, Returns returns, ClassScanner scanner) {
        this.printings = printings;
        this.returns = returns;
        this.scanner = scanner;
    }

    /** Goes on in the background while the demo can be used already. */
    void bringBackAndConfirm(SignedIn owner, UUID run) {
        Thread thread = new Thread(
                () -> Ownership.as(owner.id(), () -> {
                    bringBack(owner, run);
                    return null;
                }),
                "demo-returns");
        thread.setDaemon(true);
        thread.start();
    }

    private void bringBack(SignedIn owner, UUID run) {
        List<Printings.PageInfo> pages = printings.pages(run);
        pages.forEach(page -> scanner.scan(owner, page));
        awaitRead(run, pages.size());
        confirm(run);
        LOG.info("Demo sheets of one class are back and confirmed");
    }

    /** Until so many pages of a run are read, or can be seen not to be. */
    void awaitRead(UUID run, int pages) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (isUnderWay(run, pages) && System.nanoTime() < end) {
            LockSupport.parkNanos(LOOK_EVERY.toNanos());
        }
    }

    void confirm(UUID run) {
        returns.attempts(run).forEach(attempt -> returns.confirm(attempt.page(), decisions(attempt)));
    }

    private boolean isUnderWay(UUID run, int pages) {
        Returns.Progress progress = returns.progress(run);
        return progress.waiting() > 0 || progress.read() + progress.unreadable() < pages;
    }

    /** The demo's teacher wants steps more equal than proposed, so that there is something to agree on. */
    private static Map<UUID, Level> decisions(Returns.Attempt attempt) {
        return attempt.marks().stream()
                .filter(m -> m.goal() == Goal.EQUAL_STEPS && m.proposed() == Level.SECURE)
                .collect(Collectors.toMap(Returns.Mark::id, m -> Level.NEARLY));
    }
}
