package grastel.app.demo;

import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.JdbcTemplate;
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
    private final JdbcTemplate jdbc;

    DemoReturns(Printings printings, Returns returns, ClassScanner scanner, JdbcTemplate jdbc) {
        this.printings = printings;
        this.returns = returns;
        this.scanner = scanner;
        this.jdbc = jdbc;
    }

    void bringBackAndConfirm(SignedIn owner, UUID run) {
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

    /** The printed pages of a run that were returned. */
    Set<UUID> back(UUID run) {
        return Set.copyOf(jdbc.queryForList(
                "select distinct printed_page_id from returned_page where run_id = ?", UUID.class, run));
    }

    /** The reader writes the present; a sheet of the demo's past was read in its own week. */
    void cameIn(UUID run, Instant when) {
        jdbc.update(
                "update returned_page set read_at = ?, created_at = ? where run_id = ? and confirmed_at is null",
                when.atOffset(ZoneOffset.UTC),
                when.atOffset(ZoneOffset.UTC),
                run);
    }

    /** Confirms what is not confirmed yet, as proposed. */
    void confirm(UUID run) {
        returns.attempts(run).stream()
                .filter(attempt -> !attempt.confirmed())
                .forEach(attempt -> returns.confirm(attempt.page(), decisions(attempt)));
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
