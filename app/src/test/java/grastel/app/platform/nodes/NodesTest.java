package grastel.app.platform.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import grastel.app.ApplicationTest;
import grastel.app.GrastelApplication;
import grastel.app.OnlyOnPostgres;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Two nodes on one database: this test's, and another with a port of its own. */
@OnlyOnPostgres
@Tag("app")
@Tag("database")
class NodesTest extends ApplicationTest {
    @TempDir
    static Path data;

    @Autowired
    private DataSource connections;

    private static ConfigurableApplicationContext other;
    private static String address;

    @BeforeAll
    static void another(@Value("${spring.datasource.url}") String database) {
        other = SpringApplication.run(
                GrastelApplication.class,
                "--server.port=0",
                "--grastel.data=" + data,
                "--grastel.warm-up=false",
                "--grastel.reading.hold=2s",
                "--grastel.reading.hold-again=500ms",
                "--spring.jmx.enabled=false",
                "--spring.datasource.url=" + database);
        address = "http://localhost:" + other.getEnvironment().getProperty("local.server.port");
    }

    @AfterAll
    static void stop() {
        other.close();
    }

    private static <T> T there(SignedIn teacher, Supplier<T> task) {
        return Ownership.as(teacher.id(), task);
    }

    private static HttpResponse<String> ask(HttpClient browser, HttpRequest.Builder request, String path)
            throws IOException, InterruptedException {
        return browser.send(request.uri(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** A browser that signed in at the other node. */
    private HttpClient signedIn(String name, CookieManager cookies) throws IOException, InterruptedException {
        HttpClient browser = HttpClient.newBuilder().cookieHandler(cookies).build();
        ask(browser, HttpRequest.newBuilder().GET(), "/api/account/session");
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        HttpResponse<String> in = ask(
                browser,
                HttpRequest.newBuilder()
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(
                                json.writeValueAsString(Map.of("name", name, "password", PASSWORD)))),
                "/api/account/session");
        assertThat(in.statusCode()).isEqualTo(200);
        return browser;
    }

    @Test
    void aSessionIsOneOfEveryNodeAndEndsOnAllAtOnce() throws Exception {
        SignedIn teacher = newTeacher();
        CookieManager cookies = new CookieManager();
        HttpClient browser = signedIn(teacher.name(), cookies);
        String session = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("grastel"))
                .findFirst()
                .orElseThrow()
                .getValue();
        assertThat(mvc.get().uri("/api/classes").cookie(new Cookie("grastel", session)))
                .as("opened at the other node")
                .hasStatusOk();

        put(administrator(), "/api/account/teachers/{id}/standing", Map.of("disabled", true), teacher.id());

        until(() -> status(browser) == 401);
    }

    private static int status(HttpClient browser) {
        try {
            return ask(browser, HttpRequest.newBuilder().GET(), "/api/classes").statusCode();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whatOneRemembersIsForgottenWhenTheOtherChangesIt() throws Exception {
        SignedIn teacher = newTeacher();
        Kit kitThere = other.getBean(Kit.class);
        int before = there(teacher, kitThere::pencils).size();
        Map<String, Object> pencil = Map.ofEntries(
                Map.entry("range", "Loose"),
                Map.entry("code", "Z1"),
                Map.entry("name", "Loose Red"),
                Map.entry("binder", "WAX"),
                Map.entry("source", "PICKED"),
                Map.entry("lab", Map.of("l", 50, "a", 10, "b", 10)),
                Map.entry("hiding", 0.5),
                Map.entry("softness", 1),
                Map.entry("extra", 1),
                Map.entry("leadMm", 170));

        assertThat(post(teacher, "/api/kit/pencils", pencil)).hasStatus(201);

        until(() -> there(teacher, kitThere::pencils).size() == before + 1);
    }

    /** What was told while nobody could hear it may be anything: all is forgotten. */
    @Test
    void afterALineThatBrokeNothingOldIsRemembered() throws Exception {
        SignedIn teacher = newTeacher();
        HttpClient browser = signedIn(teacher.name(), new CookieManager());
        assertThat(status(browser)).isEqualTo(200);
        // Behind everybody's back, as if it had been told while no line was open.
        jdbc.update("update teacher set disabled = true where id = ?", teacher.id());
        assertThat(status(browser)).as("remembered").isEqualTo(200);

        cutLines();

        until(() -> status(browser) == 401);
    }

    /** Of both nodes; on this database alone, as other tests have theirs on the same server. */
    private void cutLines() {
        until(() -> lines() == 2);
        assertThat(jdbc.queryForList("""
                select pg_terminate_backend(pid) from pg_stat_activity
                where query = 'listen grastel' and datname = current_database()
                """)).hasSize(2);
    }

    /** The pool asks a connection that came back just now nothing, and a broken one would go to whoever comes next. */
    @Test
    void aLineThatBrokeIsNobodyElsesConnection() throws Exception {
        HikariDataSource pool = connections.unwrap(HikariDataSource.class);
        cutLines();
        long end = System.nanoTime() + Duration.ofMillis(400).toNanos();
        while (System.nanoTime() < end) {
            List<Connection> idle = new ArrayList<>();
            for (int i = pool.getHikariPoolMXBean().getIdleConnections(); i > 0; i--) {
                idle.add(pool.getConnection());
            }
            for (Connection one : idle) {
                one.createStatement().execute("select 1");
                one.close();
            }
        }
        until(() -> lines() == 2);
    }

    private int lines() {
        return jdbc.queryForObject(
                "select count(*) from pg_stat_activity where query = 'listen grastel' and datname = current_database()",
                Integer.class);
    }

    @Test
    void openPagesHearOfChangesOnTheOtherNode() throws Exception {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        HttpClient browser = signedIn(teacher.name(), new CookieManager());
        BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        browser.sendAsync(
                        HttpRequest.newBuilder()
                                .uri(URI.create(address + "/api/returns/events"))
                                .build(),
                        HttpResponse.BodyHandlers.ofLines())
                .thenAccept(answer -> answer.body().forEach(heard::add));
        assertThat(heard.poll(60, TimeUnit.SECONDS)).as("the line is open").isNotNull();

        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);

        String line;
        do {
            line = heard.poll(60, TimeUnit.SECONDS);
            assertThat(line).as("told of the page").isNotNull();
        } while (!line.contains(page.toString()));
    }

    /** Each page is read by one of them, whichever. */
    @Test
    void bothReadFromOneQueueAndEachPageIsReadOnce() throws Exception {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        List<UUID> pages = IntStream.range(0, 3)
                .mapToObj(i -> upload(
                                teacher,
                                i + ".jpg",
                                scan(teacher, printedPage(teacher, run.id(), i), Hand.EXACT, 10 + i))
                        .get(0))
                .toList();
        pages.forEach(page -> awaitRead(teacher, page));
        assertThat(jdbc.queryForObject(
                        "select count(*) from returned_page where run_id = ? and state = 'READ' and tries = 1",
                        Integer.class,
                        run.id()))
                .isEqualTo(3);
        Returns returnsThere = other.getBean(Returns.class);
        assertThat(there(teacher, () -> returnsThere.progress(run.id()).read())).isEqualTo(3);
        assertThat(there(teacher, () -> other.getBean(Classes.class).all())).hasSize(1);
    }

    /** Its reader's process has ended: nobody holds it any more, and it is read by another. */
    @Test
    void aPageOfANodeThatIsGoneIsReadByAnother() throws Exception {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        jdbc.update(
                "update returned_page set state = 'READING', held_until = now() + interval '3 seconds' where id = ?",
                page);
        Thread.sleep(1_000);
        assertThat(jdbc.queryForObject("select state from returned_page where id = ?", String.class, page))
                .as("held by somebody")
                .isEqualTo("READING");
        awaitRead(teacher, page);
    }
}
