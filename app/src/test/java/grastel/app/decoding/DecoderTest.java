package grastel.app.decoding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import grastel.core.reading.picture.UnreadablePage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** One process for all, and a file made to hurt that keeps it busy. */
@Timeout(120)
class DecoderTest {
    private static final byte[] ENDLESS = Hostile.formsThatCallOneAnother();

    private final Decoder decoder =
            new Decoder(new DecodingSettings(1, 200, Duration.ofSeconds(60), Duration.ofSeconds(60), 60_000_000, 80));
    private final UUID first = UUID.randomUUID();
    private CompletableFuture<Throwable> hurt;

    @BeforeEach
    void keepBusy() {
        hurt = decoding(first);
        await(() -> decoder.isDecoding(first));
    }

    @AfterEach
    void close() {
        decoder.close();
    }

    @Test
    void whoWaitsForAProcessCanBeCancelledToo() throws Exception {
        UUID second = UUID.randomUUID();
        CompletableFuture<Throwable> waiting = decoding(second);
        await(() -> decoder.isWaiting(second));

        decoder.cancel(second);

        assertThat(waiting.get(60, TimeUnit.SECONDS)).isInstanceOf(UnreadablePage.class);
        assertThat(hurt).as("the other goes on").isNotDone();
    }

    @Test
    void whoIsNextGetsAProcessWhenTheOneBeforeIsCancelled() throws Exception {
        UUID second = UUID.randomUUID();
        CompletableFuture<Integer> next = CompletableFuture.supplyAsync(() -> pagesOfTwo(second));
        await(() -> decoder.isWaiting(second));

        decoder.cancel(first);

        assertThat(hurt.get(60, TimeUnit.SECONDS)).isInstanceOf(UnreadablePage.class);
        assertThat(next.get(60, TimeUnit.SECONDS)).isEqualTo(2);
    }

    private CompletableFuture<Throwable> decoding(UUID ticket) {
        return CompletableFuture.supplyAsync(() -> catchThrowable(() -> decoder.decode(ticket, ticket, ENDLESS, 0)));
    }

    private int pagesOfTwo(UUID ticket) {
        try {
            return decoder.inspect(ticket, twoPages());
        } catch (UnreadablePage e) {
            throw new AssertionError(e);
        }
    }

    private static byte[] twoPages() {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            pdf.addPage(new PDPage());
            pdf.addPage(new PDPage());
            pdf.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void await(BooleanSupplier condition) {
        while (!condition.getAsBoolean()) {
            LockSupport.parkNanos(Duration.ofMillis(20).toNanos());
        }
    }

    /** A file is judged by the processor time it takes, not by how busy the machine is otherwise. */
    @Test
    void anHonestFileIsReadHoweverLittleTimeTheMachineHas() throws Exception {
        decoder.cancel(first);
        Decoder quick =
                new Decoder(new DecodingSettings(1, 200, Duration.ofSeconds(2), Duration.ofSeconds(2), 60_000_000, 80));
        Process[] busy = new Process[4 * Runtime.getRuntime().availableProcessors()];
        try {
            for (int i = 0; i < busy.length; i++) {
                busy[i] = new ProcessBuilder("sh", "-c", "while :; do :; done").start();
            }
            assertThat(quick.inspect(UUID.randomUUID(), twoPages())).isEqualTo(2);
            Throwable endless = catchThrowable(() -> quick.decode(UUID.randomUUID(), UUID.randomUUID(), ENDLESS, 0));
            assertThat(endless)
                    .isInstanceOfSatisfying(
                            UnreadablePage.class,
                            e -> assertThat(e.problem()).isEqualTo(UnreadablePage.Problem.TOO_SLOW));
        } finally {
            for (Process one : busy) {
                if (one != null) {
                    one.destroyForcibly();
                }
            }
            quick.close();
        }
    }
}
