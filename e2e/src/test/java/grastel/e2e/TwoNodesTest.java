package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.account.Accounts;
import grastel.app.platform.SignedIn;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Two nodes behind a proxy on one PostgreSQL: each is killed while pages come in, and in the end one after the other restarted. */
@EnabledIfEnvironmentVariable(named = "GRASTEL_TEST_POSTGRES", matches = ".+")
@Tag("soak")
class TwoNodesTest {
    /** {@code ./grastel campaign nodes} takes more. */
    private static final int PAGES = Integer.getInteger("grastel.pages", 20);

    private static final int STUDENTS = 5;
    private static final int WORKERS = 1;
    private static final String NAME = "ilse.korhonen";
    private static final String PASSWORD = "gannet-quarry-umbrella-nine";
    private static final Duration PATIENCE = Duration.ofMinutes(10);

    @TempDir
    Path folder;

    private final Map<Integer, Process> nodes = new HashMap<>();
    private String database;
    private JdbcTemplate jdbc;
    private TurnProxy proxy;
    private Visitor teacher;

    private static String server() {
        return "jdbc:postgresql://" + System.getenv("GRASTEL_TEST_POSTGRES") + "/";
    }

    @AfterEach
    void stop() throws IOException {
        nodes.values().forEach(Process::destroyForcibly);
        if (proxy != null) {
            proxy.close();
        }
    }

    @Test
    void whicheverIsKilledEachPageIsReadOnceAndNobodyIsSignedOut() throws Exception {
        Path drawn = prepare();
        int one = freePort();
        int two = freePort();
        start(one);
        start(two);
        proxy = new TurnProxy(one, two);
        await(() -> Visitor.isUp(one) && Visitor.isUp(two));
        long begun = System.nanoTime();
        teacher = Visitor.signedIn(proxy.address(), NAME, PASSWORD);

        for (int page = 0; page < PAGES; page++) {
            if (page == PAGES / 3) {
                kill(one);
            } else if (page == PAGES / 2) {
                start(one);
                await(() -> Visitor.isUp(one));
            } else if (page == PAGES * 2 / 3) {
                kill(two);
            }
            taken(drawn.resolve(1 + page % STUDENTS + ".jpg"), page);
        }
        start(two);
        await(() -> count("select count(*) from returned_page where state not in ('QUEUED', 'READING')") == PAGES);
        long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun);

        assertThat(count("select count(*) from returned_page")).isEqualTo(PAGES);
        assertThat(count("select count(*) from returned_page where state = 'READ'"))
                .isEqualTo(PAGES);
        assertThat(count("select count(*) from goal_mark")).isEqualTo(PAGES * 6);
        int tries = count("select sum(tries) from returned_page");
        assertThat(tries)
                .as("only what was in a killed node's hands was begun anew")
                .isBetween(PAGES, PAGES + 2 * WORKERS);
        restartByTurns(one, two);
        System.out.printf(
                "nodes 2 | kills 2 | pages %d | read %d | begun anew %d | lost 0 | %d s | signed out 0%n",
                PAGES, PAGES, tries - PAGES, seconds);
    }

    /** Pages in a second by one node and by two, each with a core of its own; the same pages, read again. */
    @Test
    @EnabledIfSystemProperty(named = "grastel.pages", matches = "\\d+")
    void twoNodesReadMoreThanOne() throws Exception {
        Path drawn = prepare();
        int one = freePort();
        int two = freePort();
        startOn(0, one);
        await(() -> Visitor.isUp(one));
        proxy = new TurnProxy(one);
        teacher = Visitor.signedIn(proxy.address(), NAME, PASSWORD);
        for (int page = 0; page < PAGES; page++) {
            taken(drawn.resolve(1 + page % STUDENTS + ".jpg"), page);
        }
        await(this::areAllRead);
        double alone = secondsToReadAllAgain();
        startOn(1, two);
        await(() -> Visitor.isUp(two));
        secondsToReadAllAgain();
        double both = secondsToReadAllAgain();
        System.out.printf(
                "pages in a second: one node %.2f | two %.2f | ratio %.2f%n",
                PAGES / alone, PAGES / both, alone / both);
    }

    private boolean areAllRead() {
        return count("select count(*) from returned_page where state = 'READ'") == PAGES;
    }

    private double secondsToReadAllAgain() {
        long begun = System.nanoTime();
        jdbc.update("update returned_page set state = 'QUEUED', tries = 0");
        await(this::areAllRead);
        return (System.nanoTime() - begun) / 1e9;
    }

    /** A database with a teacher and a printed class. @return where its drawn pages lie */
    private Path prepare() throws IOException {
        database = "grastel_" + UUID.randomUUID().toString().replace("-", "");
        new JdbcTemplate(new DriverManagerDataSource(server() + "postgres", "grastel", ""))
                .execute("create database " + database);
        jdbc = new JdbcTemplate(new DriverManagerDataSource(server() + database, "grastel", ""));
        Path drawn = Files.createDirectory(folder.resolve("drawn"));
        try (RunningGrastel grastel = RunningGrastel.on(
                folder.resolve("first"),
                "--spring.profiles.active=postgres",
                "--spring.datasource.url=" + server() + database)) {
            SignedIn teacher = grastel.bean(Accounts.class).join(NAME, "Ilse Korhonen", PASSWORD);
            DrawnClass.into(drawn, grastel, teacher, STUDENTS);
        }
        return drawn;
    }

    /** As for a new version. */
    private void restartByTurns(int... ports) throws Exception {
        for (int port : ports) {
            await(() -> Visitor.isUp(port));
        }
        for (int port : ports) {
            Process node = nodes.get(port);
            node.destroy();
            assertThat(teacher.look("/api/classes")).isEqualTo(200);
            assertThat(node.waitFor(60, TimeUnit.SECONDS))
                    .as("it stops by itself")
                    .isTrue();
            assertThat(teacher.look("/api/classes")).isEqualTo(200);
            start(port);
            await(() -> Visitor.isUp(port));
            assertThat(teacher.look("/api/classes")).isEqualTo(200);
        }
    }

    private void start(int port) throws IOException {
        nodes.put(port, GrastelProcess.start(data(port), arguments(port)));
    }

    private void startOn(int core, int port) throws IOException {
        nodes.put(port, GrastelProcess.startOn(core, data(port), arguments(port)));
    }

    private Path data(int port) throws IOException {
        return Files.createDirectories(folder.resolve("node-" + port));
    }

    private String[] arguments(int port) {
        return new String[] {
            "--spring.profiles.active=postgres",
            "--spring.datasource.url=" + server() + database,
            "--server.port=" + port,
            "--grastel.warm-up=false",
            "--grastel.reading.workers=" + WORKERS,
            "--grastel.reading.hold=5s",
            "--grastel.reading.hold-again=1s"
        };
    }

    private void kill(int port) throws InterruptedException {
        nodes.get(port).destroyForcibly().waitFor(20, TimeUnit.SECONDS);
    }

    private int count(String query) {
        return jdbc.queryForObject(query, Integer.class);
    }

    private static int freePort() throws IOException {
        try (ServerSocket any = new ServerSocket(0)) {
            return any.getLocalPort();
        }
    }

    private void taken(Path picture, int number) throws IOException, InterruptedException {
        HttpResponse<String> answer = teacher.upload(picture, number);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
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
