package grastel.app.demo;

import java.io.IOException;
import java.net.ConnectException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code ./grastel scan --class "8 Dunlin"}: presses the simulated scanner's button in the running demo and waits for it. */
public final class ScanCommand {
    private static final JsonMapper JSON = new JsonMapper();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    private ScanCommand(String base) {
        this.base = base;
    }

    public static void main(String[] args) throws InterruptedException {
        if (args.length != 2 || !args[0].equals("--class")) {
            System.err.println("Usage: ./grastel scan --class \"8 Dunlin\"");
            System.exit(2);
        }
        String port = System.getenv().getOrDefault("GRASTEL_PORT", "8080");
        try {
            System.exit(new ScanCommand("http://localhost:" + port).scan(args[1]));
        } catch (ConnectException e) {
            System.err.println("The demo is not running on port " + port + ". Start it with ./grastel demo.");
            System.exit(1);
        } catch (IOException e) {
            System.err.println("The demo cannot be reached: " + e.getMessage());
            System.exit(1);
        }
    }

    private int scan(String className) throws IOException, InterruptedException {
        DemoTeacher teacher = new DemoTeacher();
        send("GET", "/api/account/session", null);
        String signIn = "{\"name\":\"" + teacher.name() + "\",\"password\":\"" + teacher.password() + "\"}";
        if (failed(send("POST", "/api/account/session", signIn))) {
            return 1;
        }
        send("GET", "/api/account/session", null);
        String query = "?className=" + URLEncoder.encode(className, StandardCharsets.UTF_8);
        if (failed(send("POST", "/api/demo/scanner" + query, ""))) {
            return 1;
        }
        JsonNode state;
        do {
            Thread.sleep(500);
            state = JSON.readTree(send("GET", "/api/demo/scanner", null).body());
            System.out.print("\r" + state.get("done").asInt() + " of "
                    + state.get("pages").asInt() + " pages scanned");
        } while (state.get("busy").asBoolean());
        System.out.println("; they are in the watched folder and being read.");
        return state.get("done").asInt() == state.get("pages").asInt() ? 0 : 1;
    }

    private static boolean failed(HttpResponse<String> response) {
        if (response.statusCode() < 400) {
            return false;
        }
        JsonNode detail = JSON.readTree(response.body()).get("detail");
        System.err.println(detail == null ? "The demo answered " + response.statusCode() : detail.asString());
        return true;
    }

    private HttpResponse<String> send(String method, String path, @Nullable String body)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", "application/json");
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
}
