package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import grastel.app.OnlyOnPostgres;
import grastel.app.platform.Digest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

@OnlyOnPostgres
@Tag("database")
class TableFilesTest extends ApplicationTest {
    private static final Duration HOUR = Duration.ofHours(1);
    private static final byte[] SCAN = "a scan".getBytes(StandardCharsets.UTF_8);

    @Autowired
    private StoredFiles files;

    @Autowired
    private TransactionTemplate transactions;

    @BeforeEach
    void none() {
        jdbc.update("delete from stored_file where name = ?", Digest.sha256(SCAN));
    }

    private void age(String name) {
        jdbc.update("update stored_file set kept_at = kept_at - interval '2 hours' where name = ?", name);
    }

    @Test
    void theSameTwiceIsOneUnderItsDigest() {
        String name = files.put(SCAN);
        assertThat(files.putRemade(SCAN)).isEqualTo(name).isEqualTo(Digest.sha256(SCAN));
        assertThat(files.get(name)).hasValue(SCAN);
        assertThat(jdbc.queryForObject("select count(*) from stored_file where name = ?", Integer.class, name))
                .isOne();
    }

    @Test
    void whatIsDamagedIsNotHandedOutAndCanBeKeptAgain() {
        String name = files.put(SCAN);
        jdbc.update("update stored_file set content = ? where name = ?", new byte[] {1}, name);
        assertThat(files.get(name)).isEmpty();
        files.put(SCAN);
        assertThat(files.get(name)).hasValue(SCAN);
    }

    @Test
    void whatNobodyKeptForLongIsOldAndKeptAgainItIsNot() throws Exception {
        String name = files.put(SCAN);
        assertThat(files.olderThan(HOUR)).doesNotContain(name);
        assertThat(files.forget(name, HOUR)).isFalse();
        age(name);
        assertThat(files.olderThan(HOUR)).contains(name);
        files.put(SCAN);
        assertThat(files.forget(name, HOUR)).isFalse();
        age(name);
        assertThat(files.forget(name, HOUR)).isTrue();
        assertThat(files.get(name)).isEmpty();
    }

    /** A node keeps what another is about to sweep: the sweep waits for it, and then leaves it. */
    @Test
    void whoeverKeepsItInATransactionIsWaitedFor() throws Exception {
        String name = files.put(SCAN);
        age(name);
        CountDownLatch kept = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        ExecutorService nodes = Executors.newFixedThreadPool(2);
        try {
            Future<?> keeping = nodes.submit(() -> transactions.executeWithoutResult(status -> {
                files.put(SCAN);
                kept.countDown();
                await(end);
            }));
            await(kept);
            Future<Boolean> sweeping = nodes.submit(() -> files.forget(name, HOUR));
            long patience = System.nanoTime() + PATIENCE.toNanos();
            while (!isSomebodyWaiting()) {
                assertThat(System.nanoTime()).isLessThan(patience);
                Thread.sleep(20);
            }
            end.countDown();
            keeping.get();
            assertThat(sweeping.get()).isFalse();
        } finally {
            nodes.shutdownNow();
        }
        assertThat(List.of(files.get(name).orElseThrow())).containsExactly(SCAN);
    }

    private boolean isSomebodyWaiting() {
        return jdbc.queryForObject(
                "select count(*) > 0 from pg_locks where not granted and locktype = 'transactionid'", Boolean.class);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
