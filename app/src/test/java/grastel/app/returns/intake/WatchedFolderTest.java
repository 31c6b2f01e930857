package grastel.app.returns.intake;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.decoding.ZipOfFiles;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.ScanFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessResourceFailureException;

/** What becomes of a file that cannot be taken. */
class WatchedFolderTest {
    private static final int MANY = 8;

    @TempDir
    Path inbox;

    private Path scan;
    private RuntimeException failure;
    private Instant now = Instant.parse("2026-11-30T10:00:00Z");
    private final Clock clock = new Clock() {
        @Override
        public Instant instant() {
            return now;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    };
    private final List<Long> sizes = new ArrayList<>();
    private final WatchedFolder folder = new WatchedFolder(null, new Failing(), null, clock);

    @BeforeEach
    void laidIn() throws IOException {
        scan = Files.write(inbox.resolve("scan.jpg"), new byte[] {1, 2, 3});
    }

    /** Takes a file in as soon as nothing fails. */
    private final class Failing extends Intake {
        Failing() {
            super(null, null, null, null, null, null, null, null, null, null);
        }

        @Override
        public void accept(
                String name,
                ZipOfFiles.Bytes content,
                ScanFile.Source source,
                UUID schoolClass,
                Consumer<Outcome> told) {
            if (failure != null) {
                throw failure;
            }
            try (InputStream in = content.open()) {
                sizes.add((long) in.readAllBytes().length);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            told.accept(new Outcome(name, List.of(UUID.randomUUID()), null, 0));
        }
    }

    private boolean look() {
        boolean goOn = true;
        for (int i = 0; i < MANY; i++) {
            goOn = folder.look(scan);
            now = now.plus(WatchedFolder.QUIET);
        }
        return goOn;
    }

    @Test
    void whileTheDatabaseIsAwayItWaitsHoweverLong() {
        failure = new DataAccessResourceFailureException("cut", new SQLException("terminated", "57P01"));
        assertThat(look()).as("others must wait too").isFalse();
        assertThat(scan).exists();

        failure = null;
        look();
        assertThat(scan).doesNotExist();
        assertThat(inbox).isEmptyDirectory();
    }

    @Test
    void whileTheQueueIsFullItWaits() {
        failure = ApiProblem.conflict("QUEUE_FULL", "Pages are waiting.");
        assertThat(look()).isFalse();
        assertThat(scan).exists();
    }

    @Test
    void whatFailsByItselfAgainAndAgainIsSetAsideWithWords() {
        failure = new IllegalStateException("a fault of ours");
        assertThat(look()).as("others are taken").isTrue();
        assertThat(scan).doesNotExist();
        assertThat(inbox.resolve("refused/scan.jpg")).exists();
        assertThat(inbox.resolve("refused/scan.jpg.txt")).content().startsWith("Not accepted: ");
    }

    /** A small picture with a preview of its own inside, as cameras make them. */
    private static byte[] jpeg() throws IOException {
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB), "jpeg", plain);
        byte[] picture = plain.toByteArray();
        int inside = picture.length + 2;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(picture, 0, 2);
        out.write(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (inside >> 8), (byte) inside});
        out.write(picture);
        out.write(picture, 2, picture.length - 2);
        return out.toByteArray();
    }

    @Test
    void aSlowScannersPauseCostsNoPage() throws IOException {
        byte[] whole = jpeg();
        int previewEnds = 6 + (whole.length - 6) / 2;
        for (int half : new int[] {whole.length / 3, previewEnds, whole.length - 1}) {
            Files.write(scan, Arrays.copyOf(whole, half));
            look();
            assertThat(scan).as("%d of %d bytes", half, whole.length).exists();
            Files.write(scan, whole);
            folder.look(scan);
            folder.look(scan);
            assertThat(scan).doesNotExist();
        }
        assertThat(sizes).containsOnly((long) whole.length).hasSize(3);
    }

    @Test
    void whatHasNoKnownEndIsTakenAfterTenQuietSeconds() {
        folder.look(scan);
        now = now.plusSeconds(6);
        folder.look(scan);
        assertThat(scan).exists();
        now = now.plusSeconds(5);
        folder.look(scan);
        assertThat(scan).doesNotExist();
    }

    @Test
    void aPictureThatStaysCutOffIsTakenInTheEndToBeToldOf() throws IOException {
        Files.write(scan, Arrays.copyOf(jpeg(), 500));
        folder.look(scan);
        now = now.plus(WatchedFolder.CUT_OFF);
        folder.look(scan);
        assertThat(scan).doesNotExist();
    }

    @Test
    void whatIsRefusedNeverTakesThePlaceOfWhatWasRefusedBefore() throws IOException {
        failure = new IllegalStateException("a fault of ours");
        look();
        Files.write(scan, new byte[] {4, 5});
        look();
        assertThat(inbox.resolve("refused/scan.jpg")).hasBinaryContent(new byte[] {1, 2, 3});
        assertThat(inbox.resolve("refused/2 scan.jpg")).hasBinaryContent(new byte[] {4, 5});
        assertThat(inbox.resolve("refused/2 scan.jpg.txt")).exists();
    }

    @Test
    void aNameAsLongAsTheDiskAllowsIsSetAsideToo() throws IOException {
        failure = new IllegalStateException("a fault of ours");
        scan = Files.move(scan, inbox.resolve("ö".repeat(125) + ".jpg"));
        look();
        assertThat(scan).doesNotExist();
        try (Stream<Path> refused = Files.list(inbox.resolve("refused"))) {
            assertThat(refused).hasSize(2).anyMatch(f -> f.toString().endsWith("ö.jpg"));
        }
    }

    @Test
    void aLinkIsNotFollowed() throws IOException {
        Path secret = Files.write(inbox.resolve("secret"), new byte[] {7});
        Path link = Files.createSymbolicLink(inbox.resolve("link.jpg"), secret);
        for (int i = 0; i < MANY; i++) {
            folder.look(link);
            now = now.plus(WatchedFolder.QUIET);
        }
        assertThat(sizes).isEmpty();
        assertThat(secret).exists();
    }
}
