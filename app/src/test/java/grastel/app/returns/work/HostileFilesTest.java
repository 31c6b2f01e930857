package grastel.app.returns.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.decoding.Hostile;
import grastel.app.platform.SignedIn;
import grastel.app.returns.api.PagesWait;
import grastel.app.returns.intake.WatchedFolder;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.TestPropertySource;

/** Small files made to hurt: each is told for what it is within its budget, and the pages of others are read meanwhile. */
@TestPropertySource(
        properties = {
            "grastel.decoding.one-page=3s",
            "grastel.decoding.inspecting=3s",
            "grastel.decoding.memory-mb=200",
            "grastel.reading.workers=2"
        })
class HostileFilesTest extends ApplicationTest {
    @Autowired
    private WatchedFolder folder;

    private SignedIn attacker;
    private SignedIn teacher;

    @BeforeEach
    void two() {
        attacker = newTeacher();
        teacher = newTeacher();
    }

    /** A directory of pictures whose last entry leads back to its first. */
    static byte[] circularTiff() {
        ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 3 * 12 + 4).order(ByteOrder.LITTLE_ENDIAN);
        tiff.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
        tiff.putShort((short) 3);
        for (int[] entry : new int[][] {{256, 100}, {257, 100}, {259, 1}}) {
            tiff.putShort((short) entry[0]).putShort((short) 4).putInt(1).putInt(entry[1]);
        }
        tiff.putInt(8);
        return tiff.array();
    }

    private static byte[] largePng() throws IOException {
        BufferedImage image = new BufferedImage(7600, 7600, BufferedImage.TYPE_USHORT_GRAY);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private UUID uploaded(SignedIn by, String name, byte[] file) {
        return upload(by, name, file).get(0);
    }

    private String problem(SignedIn of, UUID page) {
        return JsonPath.read(awaitRead(of, page), "$.row.problem");
    }

    @Test
    void aPdfThatDrawsForEverIsStoppedAndOthersAreReadMeanwhile() {
        byte[] bomb = Hostile.formsThatCallOneAnother();
        List<UUID> pages = List.of(
                uploaded(attacker, "a.pdf", bomb),
                uploaded(
                        attacker,
                        "b.pdf",
                        (new String(bomb, StandardCharsets.ISO_8859_1) + "% ").getBytes(StandardCharsets.ISO_8859_1)));
        RunInfo run = printed(teacher);
        UUID printedPage = as(teacher, () -> printings.pages(run.id()).get(0).id());
        UUID honest = uploaded(teacher, "scan.jpg", scan(teacher, printedPage, Hand.EXACT, 1));

        assertThat(JsonPath.<String>read(awaitRead(teacher, honest), "$.row.state"))
                .isEqualTo("READ");
        for (UUID page : pages) {
            assertThat(problem(attacker, page)).isEqualTo("TOO_SLOW");
        }
    }

    @Test
    void cancellingFreesTheWorkerBeforeItsTimeIsUp() {
        UUID page = uploaded(attacker, "a.pdf", Hostile.formsThatCallOneAnother());
        until(() -> "READING".equals(state(page)));
        LockSupport.parkNanos(Duration.ofMillis(300).toNanos());
        long before = System.nanoTime();
        assertThat(post(attacker, "/api/returns/pages/{id}/cancellation", Map.of(), page))
                .hasStatusOk();
        until(() -> workersAreFree(page));
        assertThat(Duration.ofNanos(System.nanoTime() - before)).isLessThan(Duration.ofSeconds(3));
        assertThat(state(page)).isEqualTo("CANCELLED");
    }

    @Autowired
    private ReadingWorkers workers;

    private boolean workersAreFree(UUID page) {
        return !workers.isInWork(page);
    }

    private String state(UUID page) {
        return jdbc.queryForObject("select state from returned_page where id = ?", String.class, page);
    }

    @Test
    void aTiffThatLeadsBackToItselfIsRefusedAtTheDoor() {
        String answer = content(uploadAll(attacker, new MockMultipartFile("files", "round.tif", null, circularTiff())));
        assertThat(JsonPath.<String>read(answer, "$[0].problem"))
                .isIn("DAMAGED", "TOO_MANY_PAGES", "TOO_SLOW", "TOO_HEAVY");
        assertThat(jdbc.queryForObject(
                        "select count(*) from scan_file where owner_id = ?", Integer.class, attacker.id()))
                .isZero();
    }

    @Test
    void whatHurtsInTheWatchedFolderIsSetAsideOnce() throws IOException {
        Path inbox = folder.of(attacker);
        Files.write(inbox.resolve("round.tif"), circularTiff());
        until(() -> Files.exists(inbox.resolve("refused").resolve("round.tif")));
        assertThat(inbox.resolve("round.tif")).doesNotExist();
        assertThat(inbox.resolve("refused").resolve("round.tif.txt")).content().startsWith("Not accepted: ");
    }

    @Test
    void aDeepPictureOfManyPixelsDoesNotTakeThisProgramsMemory() throws IOException {
        UUID page = uploaded(attacker, "deep.png", largePng());
        assertThat(problem(attacker, page)).isIn("TOO_HEAVY", "NO_MARKERS", "TOO_SLOW");
    }

    @Test
    void aPageThatNobodyReadsAnyMoreIsReadAgainAndNotForEver() {
        RunInfo run = printed(teacher);
        UUID printedPage = as(teacher, () -> printings.pages(run.id()).get(0).id());
        UUID page = uploaded(teacher, "scan.jpg", scan(teacher, printedPage, Hand.EXACT, 1));
        awaitRead(teacher, page);

        beingRead(page, Instant.now().plusSeconds(3600));
        workers.hold();
        assertThat(state(page)).as("another node may read it").isEqualTo("READING");
        beingRead(page, Instant.now().minusSeconds(1));
        workers.hold();
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");

        jdbc.update("update returned_page set state = 'QUEUED', tries = 20 where id = ?", page);
        workers.look(new PagesWait());
        assertThat(problem(teacher, page)).isEqualTo("FAILED");
    }

    private void beingRead(UUID page, Instant heldUntil) {
        jdbc.update(
                "update returned_page set state = 'READING', held_until = ? where id = ?",
                Timestamp.from(heldUntil),
                page);
    }
}
