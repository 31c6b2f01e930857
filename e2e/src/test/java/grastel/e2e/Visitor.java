package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;

/** A teacher's browser without a window: one session, a connection for each request, and once more where a connection broke. */
final class Visitor {
    private static final Duration PATIENCE = Duration.ofMinutes(10);

    private final CookieManager cookies = new CookieManager();
    private final String address;

    private Visitor(String address) {
        this.address = address;
    }

    static Visitor signedIn(String address, String name, String password) throws InterruptedException {
        Visitor visitor = new Visitor(address);
        visitor.look("/api/account/session");
        HttpResponse<String> in = visitor.ask(
                HttpRequest.newBuilder()
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", visitor.token())
                        .POST(BodyPublishers.ofString("{\"name\":\"" + name + "\",\"password\":\"" + password + "\"}")),
                "/api/account/session");
        assertThat(in.statusCode()).isEqualTo(200);
        return visitor;
    }

    /** Whether the program there answers and is well. */
    static boolean isUp(int port) {
        try {
            return HttpClient.newHttpClient()
                            .send(
                                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health"))
                                            .build(),
                                    BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @return the status of the answer */
    int look(String path) throws InterruptedException {
        return get(path).statusCode();
    }

    HttpResponse<String> get(String path) throws InterruptedException {
        return ask(HttpRequest.newBuilder(), path);
    }

    /** Bytes behind a picture make it a file of its own. */
    HttpResponse<String> upload(Path picture, int number) throws IOException, InterruptedException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write(("--page\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + number
                        + ".jpg\"\r\nContent-Type: image/jpeg\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.write(Files.readAllBytes(picture));
        body.write(("page " + number + "\r\n--page--\r\n").getBytes(StandardCharsets.UTF_8));
        return ask(
                HttpRequest.newBuilder()
                        .header("Content-Type", "multipart/form-data; boundary=page")
                        .header("X-XSRF-TOKEN", token())
                        .POST(BodyPublishers.ofByteArray(body.toByteArray())),
                "/api/returns");
    }

    private HttpResponse<String> ask(HttpRequest.Builder request, String path) throws InterruptedException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (true) {
            HttpClient browser = HttpClient.newBuilder()
                    .version(HttpClient.Version.HTTP_1_1)
                    .cookieHandler(cookies)
                    .build();
            try {
                return browser.send(request.uri(URI.create(address + path)).build(), BodyHandlers.ofString());
            } catch (IOException broken) {
                assertThat(System.nanoTime()).as("nobody answers").isLessThan(end);
                Thread.sleep(200);
            }
        }
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
    }
}
