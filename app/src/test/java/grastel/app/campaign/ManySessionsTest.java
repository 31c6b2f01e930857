package grastel.app.campaign;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ServerTestBase;
import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.core.exercise.goal.GradeBand;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A staff room: forty sessions that look about and write at the same time. */
@Tag("soak")
class ManySessionsTest extends ServerTestBase {
    private static final int SESSIONS = 40;
    private static final int TEACHERS = 8;
    /** {@code ./grastel campaign sessions} goes on for longer. */
    private static final Duration TIME = Duration.ofSeconds(Integer.getInteger("grastel.seconds", 3));

    private static final List<String> LOOKED_AT = List.of(
            "/api/today", "/api/classes", "/api/sheets", "/api/kit", "/api/returns/agreement", "/api/courses", "/");

    @Autowired
    private Classes classes;

    private record Asked(int status, double millis) {}

    /** One browser. */
    private final class Browser {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .build();
        private final String from;

        Browser(int number) {
            from = "203.0.113." + number;
        }

        HttpResponse<String> send(String method, String path, String body) throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                    .header("X-Forwarded-For", from)
                    .timeout(Duration.ofMinutes(1));
            if (body == null) {
                request.GET();
            } else {
                String token = cookies.getCookieStore().getCookies().stream()
                        .filter(c -> c.getName().equals("XSRF-TOKEN"))
                        .findFirst()
                        .orElseThrow()
                        .getValue();
                request.header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .method(method, BodyPublishers.ofString(body));
            }
            return client.send(request.build(), BodyHandlers.ofString());
        }

        List<Asked> lookAbout(String name, int number) throws IOException, InterruptedException {
            send("GET", "/api/account/session", null);
            assertThat(send(
                                    "POST",
                                    "/api/account/session",
                                    "{\"name\":\"" + name + "\",\"password\":\"" + PASSWORD + "\"}")
                            .statusCode())
                    .isEqualTo(200);
            List<Asked> asked = new ArrayList<>();
            long end = System.nanoTime() + TIME.toNanos();
            for (int i = number; System.nanoTime() < end; i++) {
                long start = System.nanoTime();
                HttpResponse<String> answer = i % 8 == 7
                        ? send("POST", "/api/returns/phrases", "{\"words\":\"Word " + UUID.randomUUID() + "\"}")
                        : send("GET", LOOKED_AT.get(i % LOOKED_AT.size()), null);
                asked.add(new Asked(answer.statusCode(), (System.nanoTime() - start) / 1e6));
            }
            return asked;
        }
    }

    @Test
    void fortySessionsAtOnceAreAllAnswered() throws Exception {
        List<String> names =
                IntStream.range(0, TEACHERS).mapToObj(i -> teacher()).toList();
        ExecutorService room = Executors.newFixedThreadPool(SESSIONS);
        List<Asked> all = new ArrayList<>();
        try {
            List<Future<List<Asked>>> sessions = IntStream.range(0, SESSIONS)
                    .mapToObj(i -> room.submit(() -> new Browser(i + 1).lookAbout(names.get(i % TEACHERS), i)))
                    .toList();
            for (Future<List<Asked>> session : sessions) {
                all.addAll(session.get());
            }
        } finally {
            room.shutdownNow();
        }
        List<Double> times = new ArrayList<>(all.stream().map(Asked::millis).toList());
        Collections.sort(times);
        Campaign.print(
                "sessions %d | %d s | requests %d | median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms%n",
                SESSIONS,
                TIME.toSeconds(),
                times.size(),
                times.get(times.size() / 2),
                times.get((int) (0.95 * (times.size() - 1))),
                times.get(times.size() - 1));
        assertThat(all).extracting(Asked::status).allMatch(status -> status < 400);
        assertThat(all).extracting(Asked::millis).allMatch(millis -> millis < 10_000);
    }

    private String teacher() {
        SignedIn made = accounts.join("teacher-" + UUID.randomUUID(), "A Teacher", PASSWORD);
        Ownership.as(
                made.id(),
                () -> classes.create(
                        "8 Dunlin", GradeBand.DEVELOPING, List.of("Amara Diallo", "Björn Sæther"), CalendarData.NONE));
        return made.name();
    }
}
