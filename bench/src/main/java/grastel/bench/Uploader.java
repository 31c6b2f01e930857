package grastel.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;

/** A teacher's browser sending files in, over HTTP as from outside. */
final class Uploader {
    private static final String BOUNDARY = "grastel-bench-boundary";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    Uploader(int port, String name, String password) throws IOException, InterruptedException {
        base = "http://localhost:" + port;
        send("GET", "/api/account/session", "application/json", new byte[0]);
        String signIn = "{\"name\":\"" + name + "\",\"password\":\"" + password + "\"}";
        send("POST", "/api/account/session", "application/json", signIn.getBytes(StandardCharsets.UTF_8));
        send("GET", "/api/account/session", "application/json", new byte[0]);
    }

    void upload(String name, byte[] file) throws IOException, InterruptedException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.writeBytes(("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + name
                        + "\"\r\nContent-Type: image/jpeg\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
        send("POST", "/api/returns", "multipart/form-data; boundary=" + BOUNDARY, body.toByteArray());
    }

    String get(String path) throws IOException, InterruptedException {
        return send("GET", path, "application/json", new byte[0]);
    }

    void post(String path, String json) throws IOException, InterruptedException {
        send("POST", path, "application/json", json.getBytes(StandardCharsets.UTF_8));
    }

    private String send(String method, String path, String type, byte[] body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, HttpRequest.BodyPublishers.ofByteArray(body))
                .header("Content-Type", type);
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 300) {
            throw new IOException(method + " " + path + " answered " + response.statusCode() + " " + response.body());
        }
        return response.body();
    }
}
