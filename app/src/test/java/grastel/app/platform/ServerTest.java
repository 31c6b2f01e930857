package grastel.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.OnlyOnH2;
import grastel.app.ServerTestBase;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What only the server itself does: refusals before any filter, addresses and cookies behind a proxy, files. */
class ServerTest extends ServerTestBase {
    private String answer(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private String signIn(String name, String password, String from, String scheme) throws IOException {
        String session = answer("GET /api/account/session HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        String token = session.replaceAll("(?s).*XSRF-TOKEN=([^;]+);.*", "$1");
        String body = "{\"name\":\"" + name + "\",\"password\":\"" + password + "\"}";
        return answer("POST /api/account/session HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                + "Content-Type: application/json\r\nContent-Length: " + body.length() + "\r\n"
                + "Cookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\n"
                + "X-Forwarded-For: " + from + "\r\nX-Forwarded-Proto: " + scheme + "\r\n\r\n" + body);
    }

    @Test
    void whatTheServerRefusesIsAProblemWithOurHeaders() throws IOException {
        String refused = answer("GET /api/%% HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertThat(refused)
                .startsWith("HTTP/1.1 400")
                .contains("Content-Type: application/problem+json")
                .contains("X-Content-Type-Options: nosniff")
                .contains("Content-Security-Policy: default-src 'none'; frame-ancestors 'none'")
                .contains("\"code\":\"BAD_REQUEST\"")
                .doesNotContain("<html");
    }

    @Test
    void behindAProxyTriesAreCountedByTheClientsAddress() throws IOException {
        useUp("203.0.113.7");
        assertThat(signIn("nobody-49", "guess", "203.0.113.8", "http")).startsWith("HTTP/1.1 401");
        useUp("203.0.113.7");
        assertThat(signIn("nobody-50", "guess", "198.51.100.1, 203.0.113.7", "http"))
                .as("what the client itself wrote does not count")
                .startsWith("HTTP/1.1 429");
    }

    /** Forty tries, and as many as come back while they are made. */
    private void useUp(String from) throws IOException {
        for (int i = 0; i < 200; i++) {
            if (signIn("nobody-" + i, "guess", from, "http").startsWith("HTTP/1.1 429")) {
                return;
            }
        }
        throw new AssertionError("200 tries from " + from + " were all heard");
    }

    @Test
    void behindTlsCookiesAreForTlsOnly() throws IOException {
        String name = "teacher-" + UUID.randomUUID();
        accounts.join(name, "A Teacher", PASSWORD);
        String in = signIn(name, PASSWORD, "203.0.113.20", "https");
        assertThat(in).startsWith("HTTP/1.1 200");
        assertThat(Stream.of(in.split("\r\n")).filter(line -> line.startsWith("Set-Cookie: grastel")))
                .hasSize(2)
                .allMatch(line ->
                        line.contains("Secure") && line.contains("HttpOnly") && line.contains("SameSite=Strict"));
        assertThat(signIn(name, PASSWORD, "203.0.113.20", "http")).doesNotContain("Secure");
    }

    @Test
    @OnlyOnH2
    void theDataIsNobodyElsesToRead() throws IOException {
        try (Stream<Path> files = Files.list(data)) {
            assertThat(files.filter(Files::isRegularFile).toList())
                    .isNotEmpty()
                    .allSatisfy(file -> assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                            .isEqualTo("rw-------"));
        }
    }
}
