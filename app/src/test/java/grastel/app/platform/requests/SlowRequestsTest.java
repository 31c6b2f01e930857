package grastel.app.platform.requests;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import grastel.app.ServerTestBase;
import grastel.app.campaign.Campaign;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** Whoever sends slowly, or much, without being signed in keeps nobody else from working. */
class SlowRequestsTest extends ServerTestBase {
    /** More than the server has threads; the campaign "slow" measures with as many. */
    private static final int SLOW = 300;

    private static final int ROUNDS = Integer.getInteger("grastel.rounds", 5);

    private static final String HEAD = "Host: localhost\r\nContent-Type: application/json\r\n";

    private static String head(String path, long length) {
        return "POST " + path + " HTTP/1.1\r\n" + HEAD + "Content-Length: " + length + "\r\n\r\n";
    }

    private Socket open(String request) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.setSoTimeout((int) Duration.ofMinutes(2).toMillis());
        socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
        return socket;
    }

    private String answer(String request) throws IOException {
        try (Socket socket = open(request)) {
            return firstLine(socket);
        }
    }

    private static String firstLine(Socket socket) throws IOException {
        StringBuilder line = new StringBuilder();
        InputStream in = socket.getInputStream();
        for (int c = in.read(); c >= 0 && c != '\r'; c = in.read()) {
            line.append((char) c);
        }
        return line.toString();
    }

    private String signIn(String name) throws IOException {
        String body = "{\"name\":\"" + name + "\",\"password\":\"" + PASSWORD + "\"}";
        return answer(allowed("Content-Length: " + body.length()) + body);
    }

    /** The head of a request to sign in, with the token that a page has. */
    private String allowed(String length) throws IOException {
        try (Socket socket =
                open("GET /api/account/session HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n")) {
            String session = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            String token = session.replaceAll("(?s).*XSRF-TOKEN=([^;]+);.*", "$1");
            return "POST /api/account/session HTTP/1.1\r\n" + HEAD + length + "\r\nCookie: XSRF-TOKEN=" + token
                    + "\r\nX-XSRF-TOKEN: " + token + "\r\n\r\n";
        }
    }

    @Test
    void aTeacherWorksWhileThreeHundredSendOneByteNowAndThen() throws Exception {
        String name = "teacher-" + UUID.randomUUID();
        accounts.join(name, "A Teacher", PASSWORD);
        AtomicBoolean goesOn = new AtomicBoolean(true);
        List<Double> seconds = new ArrayList<>();
        Thread attacker = new Thread(() -> attack(goesOn), "attacker");
        attacker.start();
        try {
            Thread.sleep(1000);
            for (int round = 0; round < ROUNDS; round++) {
                long start = System.nanoTime();
                assertThat(answer("GET /actuator/health HTTP/1.1\r\nHost: localhost\r\n\r\n"))
                        .contains(" 200");
                // as often as one person may sign in
                if (round % 20 == 0 || round < 5) {
                    assertThat(signIn(name)).contains(" 200");
                }
                seconds.add((System.nanoTime() - start) / 1e9);
                Thread.sleep(200);
            }
        } finally {
            goesOn.set(false);
            attacker.join();
        }
        seconds.sort(null);
        Campaign.print(
                "slow: %d senders | %d rounds of health and signing in | half of them %.2f s | 95 %% %.2f s%n",
                SLOW, ROUNDS, seconds.get(ROUNDS / 2), seconds.get((ROUNDS * 95 - 1) / 100));
        assertThat(seconds.get(ROUNDS / 2))
                .as("far from the time that a blocked server takes")
                .isLessThan(15);
    }

    /** Each sends a byte every other second, and begins again when it is sent away. */
    private void attack(AtomicBoolean goesOn) {
        List<Socket> sockets = new ArrayList<>();
        try {
            String allowed = allowed("Content-Length: 500");
            while (goesOn.get()) {
                sockets.removeIf(socket -> !sentOne(socket));
                while (sockets.size() < SLOW) {
                    sockets.add(open(allowed));
                }
                Thread.sleep(2000);
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        } finally {
            sockets.forEach(SlowRequestsTest::close);
        }
    }

    private static boolean sentOne(Socket socket) {
        try {
            if (socket.getInputStream().available() > 0) {
                socket.close();
                return false;
            }
            socket.getOutputStream().write('{');
            return true;
        } catch (IOException e) {
            close(socket);
            return false;
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aBodyThatComesTooSlowlyIsCutOff() throws Exception {
        try (Socket socket = open(allowed("Content-Length: 500"))) {
            long start = System.nanoTime();
            while (socket.getInputStream().available() == 0 && System.nanoTime() - start < 60e9) {
                socket.getOutputStream().write(' ');
                Thread.sleep(500);
            }
            assertThat(firstLine(socket)).contains(" 408");
        }
    }

    @Test
    void whoIsNotKnownSendsLittleAndNothingOfItIsAwaited() throws Exception {
        assertThat(answer(head("/api/account/session", 10_000_000))).contains(" 413");
        assertThat(answer(head("/api/classes", 10_000_000))).contains(" 413");
        String files =
                "Host: localhost\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 150000000\r\n\r\n";
        assertThat(answer("POST /api/phone/no-such-link HTTP/1.1\r\n" + files)).contains(" 410");
        assertThat(answer("POST /api/returns HTTP/1.1\r\n" + files)).contains(" 413");
        assertThat(answer("POST /api/account/session HTTP/1.1\r\n" + files)).contains(" 415");
        assertThat(answer("POST /api/account/session HTTP/1.1\r\nHost: localhost\r\n"
                        + "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: 20\r\n\r\n"))
                .contains(" 415");
    }

    /** A body in chunks announces no length; what is too much is seen as it comes. */
    @Test
    void aLongBodyInChunksIsCutOff() throws Exception {
        try (Socket socket = open(allowed("Transfer-Encoding: chunked"))) {
            byte[] chunk = ("1000\r\n" + " ".repeat(0x1000) + "\r\n").getBytes(StandardCharsets.ISO_8859_1);
            try {
                for (int i = 0; i < 2 * LimitedBody.STRANGERS_MOST / 0x1000; i++) {
                    socket.getOutputStream().write(chunk);
                }
            } catch (IOException closed) {
                // the server may close before it has all
            }
            String line;
            try {
                line = firstLine(socket);
            } catch (IOException closed) {
                return;
            }
            assertThat(line).containsPattern(" 413|^$");
        }
    }

    @Test
    void filesAreTakenJustWhereTheDescriptionSaysSo() throws IOException {
        JsonNode paths = new ObjectMapper()
                .readTree(Path.of("..", "web", "openapi.json").toFile())
                .get("paths");
        paths.properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    boolean isFile =
                            operation.getValue().at("/requestBody/content").has("multipart/form-data");
                    if (isFile) {
                        assertThat(path.getKey().replaceAll("\\{[^}]+}", "x")).matches(BodyLimitFilter.FILES);
                    }
                }));
    }
}
