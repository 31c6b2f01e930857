package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import grastel.app.account.Accounts;
import grastel.app.platform.Digest;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.StoredName;
import grastel.app.returns.Returns;
import grastel.app.returns.intake.WatchedFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** The program as a process of its own: killed while it reads, and started twice on the same data. */
@Tag("browser")
class KilledProcessTest {
    private static final int PAGES = 10;
    /** At moments that nobody chose; {@code ./grastel campaign kills} kills oftener. */
    private static final int KILLS = Integer.getInteger("grastel.kills", 1);

    private static final int LONGEST_LIFE_MS = 20_000;
    private static final String NAME = "ilse.korhonen";
    private static final String PASSWORD = "gannet-quarry-umbrella-nine";

    @TempDir
    Path data;

    private UUID run;

    @Test
    void pagesWaitingOrHalfReadWhenKilledAreReadOnceAfterwards() throws Exception {
        Path inbox = printAndDraw();
        Process process = start("--grastel.reading.workers=1", "--server.port=0");
        try {
            await(() -> noFiles(inbox));
        } finally {
            process.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }
        int readBefore = count("select count(*) from returned_page where state = 'READ'");
        assertThat(count("select count(*) from returned_page"))
                .as("every page was stored before its file was removed")
                .isEqualTo(PAGES);
        assertThat(readBefore).as("killed before all were read").isLessThan(PAGES);

        try (RunningGrastel again = RunningGrastel.on(data)) {
            SignedIn teacher = again.bean(Accounts.class).byName(NAME).orElseThrow();
            Returns returns = again.bean(Returns.class);
            JdbcTemplate jdbc = again.bean(JdbcTemplate.class);
            await(() -> jdbc.queryForObject(
                            "select count(*) from returned_page where state in ('QUEUED', 'READING')", Integer.class)
                    == 0);
            assertThat(jdbc.queryForList(
                            "select distinct state || ' ' || coalesce(problem, '') from returned_page", String.class))
                    .as("states of the pages and what hinders them")
                    .containsExactly("READ ");
            assertThat(Ownership.as(teacher.id(), () -> returns.progress(run)).read())
                    .isEqualTo(PAGES);
            assertThat(jdbc.queryForObject("select count(*) from returned_page where state = 'READ'", Integer.class))
                    .isEqualTo(PAGES);
            assertThat(jdbc.queryForObject("select count(*) from goal_mark", Integer.class))
                    .isEqualTo(PAGES * 6);
            lookAtAllPages(again.address(), jdbc.queryForList("select id from returned_page", UUID.class));
            assertThat(jdbc.queryForObject("select count(*) from page_image", Integer.class))
                    .as("pictures, too, though the figures of one page may have been kept without them")
                    .isEqualTo(PAGES * 6);
        }
    }

    /** Whenever it is killed: what came in is stored or still in the folder, and every stored file is what its name says. */
    @Test
    @Tag("soak")
    void killedAtAnyMomentNothingThatCameInIsLost() throws Exception {
        Path inbox = printAndDraw();
        Random moment = new Random(KILLS);
        int stored = 0;
        for (int kill = 1; kill <= KILLS; kill++) {
            Process process = start("--grastel.reading.workers=1", "--server.port=0");
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(moment.nextInt(LONGEST_LIFE_MS)));
            process.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
            stored = count("select count(*) from returned_page");
            assertThat(stored + filesIn(inbox)).as("after %d kills", kill).isGreaterThanOrEqualTo(PAGES);
            assertThat(damaged("select sha256 from scan_file union select sha256 from page_image"))
                    .as("after %d kills", kill)
                    .isEmpty();
            // There is always something to be read when it is killed the next time.
            count(
                    "select count(*) from final table (update returned_page set state = 'QUEUED', tries = 0 where state = 'READ')");
        }
        try (RunningGrastel again = RunningGrastel.on(data)) {
            JdbcTemplate jdbc = again.bean(JdbcTemplate.class);
            await(() -> noFiles(inbox)
                    && jdbc.queryForObject(
                                    "select count(*) from returned_page where state in ('QUEUED', 'READING')",
                                    Integer.class)
                            == 0);
            assertThat(jdbc.queryForList(
                            "select distinct state || ' ' || coalesce(problem, '') from returned_page", String.class))
                    .as("states of the pages and what hinders them")
                    .containsExactly("READ ");
            assertThat(jdbc.queryForObject("select count(*) from returned_page", Integer.class))
                    .isEqualTo(PAGES);
            assertThat(jdbc.queryForObject("select count(*) from goal_mark", Integer.class))
                    .isEqualTo(PAGES * 6);
        }
        System.out.printf("kills %d | pages stored at the last %d of %d | lost 0 | damaged 0%n", KILLS, stored, PAGES);
    }

    /** Names of stored files that are gone, or are not what their names say. */
    private List<String> damaged(String names) throws SQLException, IOException {
        List<String> damaged = new ArrayList<>();
        try (Connection connection = open();
                ResultSet rows = connection.createStatement().executeQuery(names)) {
            while (rows.next()) {
                Path file = StoredName.file(data.resolve(StoredName.FOLDER), rows.getString(1));
                if (!Files.exists(file)
                        || !Digest.sha256(Files.readAllBytes(file)).equals(rows.getString(1))) {
                    damaged.add(rows.getString(1));
                }
            }
        }
        return damaged;
    }

    private static void lookAtAllPages(String address, List<UUID> pages) {
        try (TestBrowser desk = new TestBrowser(address, 1280, 800)) {
            desk.open("/");
            desk.field("Sign-in name").fill(NAME);
            desk.field("Password").fill(PASSWORD);
            desk.page.keyboard().press("Enter");
            desk.heading("Today").waitFor();
            for (UUID page : pages) {
                APIResponse picture = desk.page.request().get(address + "/api/returns/pages/" + page + "/picture");
                assertThat(picture.status()).isEqualTo(200);
            }
        }
    }

    @Test
    void aSecondInstanceOnTheSameDataSaysSo() throws Exception {
        try (RunningGrastel first = RunningGrastel.on(data)) {
            assertThat(first.address()).isNotEmpty();
            Process second = start("--server.port=0");
            assertThat(second.waitFor(90, TimeUnit.SECONDS)).isTrue();
            assertThat(second.exitValue()).isNotZero();
            assertThat(Files.readString(data.resolve("process.log")))
                    .contains("The data folder is in use by another running Grastel");
        }
    }

    /** Makes a teacher, a class and a printed sheet, and lays drawn pages into the watched folder. */
    private Path printAndDraw() throws IOException {
        Path drawn = Files.createDirectory(data.resolve("drawn"));
        Path inbox;
        try (RunningGrastel grastel = RunningGrastel.on(data)) {
            SignedIn teacher = grastel.bean(Accounts.class).join(NAME, "Ilse Korhonen", PASSWORD);
            run = DrawnClass.into(drawn, grastel, teacher, PAGES);
            inbox = grastel.bean(WatchedFolder.class).of(teacher);
        }
        for (int i = 1; i <= PAGES; i++) {
            Files.move(drawn.resolve(i + ".jpg"), inbox.resolve(i + ".jpg"));
        }
        return inbox;
    }

    private Process start(String... arguments) throws IOException {
        return GrastelProcess.start(data, arguments);
    }

    /** Looks into the database while no program has it open. */
    private int count(String query) throws SQLException {
        try (Connection connection = open();
                ResultSet result = connection.createStatement().executeQuery(query)) {
            result.next();
            return result.getInt(1);
        }
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection(
                "jdbc:h2:file:" + data.toAbsolutePath().resolve("grastel"), "grastel", "");
    }

    private static boolean noFiles(Path folder) {
        return filesIn(folder) == 0;
    }

    private static int filesIn(Path folder) {
        try (var files = Files.list(folder)) {
            return (int) files.filter(Files::isRegularFile).count();
        } catch (IOException e) {
            return Integer.MAX_VALUE / 2;
        }
    }

    private interface Condition {
        boolean holds();
    }

    private static void await(Condition condition) {
        long end = System.nanoTime() + Duration.ofSeconds(120).toNanos();
        while (!condition.holds()) {
            assertThat(System.nanoTime()).as("waited two minutes").isLessThan(end);
            LockSupport.parkNanos(20_000_000);
        }
    }
}
