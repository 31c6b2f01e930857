package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import grastel.app.account.Accounts;
import grastel.app.platform.Digest;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.StoredName;
import java.io.IOException;
import java.io.OutputStream;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * A disk of its own that is really full, and a folder of pictures that is really read-only, while the program runs: what was
 * taken is there in the end, and nothing else. Making one takes leave to mount.
 */
@Tag("soak")
class RealDiskTest {
    /** {@code ./grastel campaign disk} does it oftener. */
    private static final int ROUNDS = Integer.getInteger("grastel.rounds", 1);

    private static final int STUDENTS = 3;
    private static final int DISK_MB = 700;
    private static final String NAME = "ilse.korhonen";
    private static final String PASSWORD = "gannet-quarry-umbrella-nine";
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    @TempDir
    Path folder;

    private Path disk;
    private Process process;
    private int port;

    @AfterEach
    void unmount() throws Exception {
        if (process != null) {
            process.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }
        if (disk != null) {
            run("umount", "-l", disk.toString());
        }
    }

    private static boolean run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start()
                        .waitFor()
                == 0;
    }

    @Test
    void whateverWasTakenIsThereAndNothingElse() throws Exception {
        Path at = Files.createDirectory(folder.resolve("disk"));
        assumeThat(run("mount", "-t", "tmpfs", "-o", "size=" + DISK_MB + "m", "grastel", at.toString()))
                .as("leave to mount a disk")
                .isTrue();
        disk = at;
        Path data = Files.createDirectory(disk.resolve("data"));
        Path drawn = Files.createDirectory(folder.resolve("drawn"));
        try (RunningGrastel grastel = RunningGrastel.on(data)) {
            SignedIn teacher = grastel.bean(Accounts.class).join(NAME, "Ilse Korhonen", PASSWORD);
            DrawnClass.into(drawn, grastel, teacher, STUDENTS);
        }
        start(data);
        Visitor teacher = Visitor.signedIn("http://127.0.0.1:" + port, NAME, PASSWORD);
        int page = 0;
        for (int round = 0; round < ROUNDS; round++) {
            taken(teacher, drawn.resolve("1.jpg"), ++page);

            Path ballast = fill();
            refused(teacher, drawn.resolve("2.jpg"), page + 1);
            // The reserve keeps the database from the end of the disk, but not where another program takes it all.
            assertThat(teacher.look("/api/classes"))
                    .as("looking, on a full disk")
                    .isIn(200, 503);
            Files.delete(ballast);
            taken(teacher, drawn.resolve("2.jpg"), ++page);

            String pictures = data.resolve(StoredName.FOLDER).toString();
            assumeThat(run("mount", "--bind", pictures, pictures) && run("mount", "-o", "remount,bind,ro", pictures))
                    .as("leave to mount a folder read-only")
                    .isTrue();
            refused(teacher, drawn.resolve("3.jpg"), page + 1);
            assertThat(teacher.look("/api/classes")).as("looking, read-only").isEqualTo(200);
            assertThat(run("umount", "-l", pictures)).isTrue();
            taken(teacher, drawn.resolve("3.jpg"), ++page);
        }
        process.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        try (RunningGrastel grastel = RunningGrastel.on(data)) {
            JdbcTemplate jdbc = grastel.bean(JdbcTemplate.class);
            int expected = page;
            await(() -> jdbc.queryForObject("select count(*) from returned_page where state = 'READ'", Integer.class)
                    == expected);
            assertThat(jdbc.queryForObject("select count(*) from returned_page", Integer.class))
                    .isEqualTo(page);
            for (String name : jdbc.queryForList("select sha256 from scan_file", String.class)) {
                Path file = StoredName.file(data.resolve(StoredName.FOLDER), name);
                assertThat(Digest.sha256(Files.readAllBytes(file))).isEqualTo(name);
            }
        }
        System.out.printf(
                "disk full %d times, pictures read-only %d times | pages taken %d, read %d | refused with words %d | half-stored 0%n",
                ROUNDS, ROUNDS, page, page, 2 * ROUNDS);
    }

    private void start(Path data) throws IOException {
        try (ServerSocket any = new ServerSocket(0)) {
            port = any.getLocalPort();
        }
        // A log on the full disk would say nothing of it.
        process = GrastelProcess.start(
                data,
                "--server.port=" + port,
                "--grastel.warm-up=false",
                "--logging.file.name=" + Path.of("target", "real-disk.log").toAbsolutePath());
        await(() -> Visitor.isUp(port));
    }

    /** Takes every byte that is left. */
    private Path fill() throws IOException {
        Path ballast = disk.resolve("ballast");
        byte[] much = new byte[1 << 16];
        try (OutputStream out = Files.newOutputStream(ballast)) {
            while (true) {
                out.write(much);
            }
        } catch (IOException full) {
            return ballast;
        }
    }

    private static void refused(Visitor teacher, Path picture, int number) throws Exception {
        HttpResponse<String> answer = teacher.upload(picture, number);
        assertThat(answer.statusCode()).as(answer.body()).isIn(503, 507);
        assertThat(answer.body()).contains("\"detail\":");
    }

    /** In the end: a database that closed itself is opened again when somebody asks. */
    private static void taken(Visitor teacher, Path picture, int number) throws Exception {
        long end = System.nanoTime() + PATIENCE.toNanos();
        HttpResponse<String> answer = teacher.upload(picture, number);
        while (answer.statusCode() != 200) {
            assertThat(System.nanoTime()).as(answer.body()).isLessThan(end);
            assertThat(answer.statusCode()).as(answer.body()).isIn(503, 507);
            Thread.sleep(200);
            answer = teacher.upload(picture, number);
        }
        assertThat(answer.body()).containsAnyOf("\"pages\":1", "ALREADY_HERE");
    }

    private interface Condition {
        boolean holds();
    }

    private static void await(Condition condition) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!condition.holds()) {
            assertThat(System.nanoTime()).as("waited long").isLessThan(end);
            LockSupport.parkNanos(100_000_000);
        }
    }
}
