package grastel.app.campaign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import grastel.app.EveryEndpoint;
import grastel.app.platform.SignedIn;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.util.UriComponentsBuilder;

/** Requests made by chance from the OpenAPI document, by a teacher, a colleague and a stranger, with and without the page's token. */
class HostileRequestsTest extends EveryEndpoint {
    /** {@code ./grastel campaign requests} sends more. */
    private static final int REQUESTS = Integer.getInteger("grastel.requests", 150);

    private static final long SEED = Long.getLong("grastel.seed", 1);
    private static final long LONGEST_MS = 10_000;
    /** What only a program's inside is called. */
    private static final Pattern INSIDE = Pattern.compile(
            "Exception|java\\.(lang|util|io)|org\\.(springframework|hibernate|h2|postgresql)|grastel\\.(app|core)|\tat ");

    /** How one was answered. */
    private record Answer(int status, long millis, String body) {}

    @Test
    void noRequestMakesItFailOrTellOfItsInside() throws IOException {
        RandomRequests requests = new RandomRequests(
                json.readTree(Files.readString(Path.of("..", "web", "openapi.json"))), new Random(SEED), ids());
        Random chance = new Random(SEED + 1);
        List<SignedIn> askers = Arrays.asList(owner, owner, owner, other, null);
        Map<Integer, Integer> statuses = new TreeMap<>();
        List<String> wrong = new ArrayList<>();
        long slowest = 0;
        for (int i = 0; i < REQUESTS; i++) {
            RandomRequests.Made made = requests.next();
            SignedIn asker = askers.get(chance.nextInt(askers.size()));
            boolean token = chance.nextInt(10) > 0;
            Answer answer = ask(made, asker, token);
            statuses.merge(answer.status(), 1, Integer::sum);
            slowest = Math.max(slowest, answer.millis());
            boolean changedWithoutToken = !token && !made.method().equals("get") && answer.status() < 400;
            if (answer.status() >= 500
                    || answer.millis() > LONGEST_MS
                    || changedWithoutToken
                    || INSIDE.matcher(answer.body()).find()) {
                wrong.add(answer.status() + " in " + answer.millis() + " ms: " + made.method() + " " + made.path()
                        + made.query().stream().map(Arrays::toString).toList() + " "
                        + shortened(made.body()) + " -> " + shortened(answer.body()));
            }
        }
        Campaign.print(
                "requests %d of %d kinds | seed %d | answers %s | slowest %d ms%n",
                REQUESTS, requests.kinds(), SEED, statuses, slowest);
        assertThat(wrong).isEmpty();
        assertThat(get(newTeacher(), "/api/classes")).as("still well").hasStatusOk();
    }

    private List<String> ids() {
        return byId.values().stream()
                .flatMap(rule -> Stream.of(rule.ids()))
                .map(String::valueOf)
                .distinct()
                .toList();
    }

    private Answer ask(RandomRequests.Made made, SignedIn asker, boolean token) {
        MockHttpServletRequestBuilder request = MockMvcRequestBuilders.request(
                HttpMethod.valueOf(made.method().toUpperCase(java.util.Locale.ROOT)),
                UriComponentsBuilder.fromPath(made.path()).build().encode().toUri());
        made.query().forEach(q -> request.param(q[0], q[1]));
        if (made.body() != null) {
            request.header("Content-Type", made.contentType())
                    .content(made.body().getBytes(StandardCharsets.UTF_8));
        }
        if (asker != null) {
            request.with(SecurityMockMvcRequestPostProcessors.authentication(
                    UsernamePasswordAuthenticationToken.authenticated(asker, null, List.of())));
        }
        if (token) {
            request.with(csrf());
        }
        long start = System.nanoTime();
        MvcTestResult answer = mvc.perform(request);
        long millis = (System.nanoTime() - start) / 1_000_000;
        return answer.getUnresolvedException() != null
                ? new Answer(599, millis, String.valueOf(answer.getUnresolvedException()))
                : new Answer(answer.getResponse().getStatus(), millis, text(answer));
    }

    /** What is drawn may hold anything; words are answers. */
    private static String text(MvcTestResult answer) {
        String type = String.valueOf(answer.getResponse().getContentType());
        return type.contains("json") ? content(answer) : "";
    }

    private static String shortened(String text) {
        return text == null ? "" : text.substring(0, Math.min(400, text.length()));
    }
}
