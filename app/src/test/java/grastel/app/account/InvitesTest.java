package grastel.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.Together;
import grastel.app.platform.SignedIn;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@Tag("database")
class InvitesTest extends ApplicationTest {
    private static int names;

    private String invitation(SignedIn administrator) {
        return JsonPath.read(content(post(administrator, "/api/account/invites", null)), "$.token");
    }

    private static Map<String, String> request(String name, String password) {
        return Map.of("name", name, "displayName", "Wren Adeyemi", "password", password);
    }

    private static String freshName() {
        return "w.adeyemi-" + ++names;
    }

    private MvcTestResult join(String token, String name) {
        return post(null, "/api/account/invites/{token}", request(name, PASSWORD), token);
    }

    @Test
    void aColleagueMakesTheirAccountByALinkOnce() {
        SignedIn administrator = administrator();
        String token = invitation(administrator);
        assertThat(get(null, "/api/account/invites/{token}", token)).hasStatusOk();
        assertThat(content(get(administrator, "/api/account/invites"))).doesNotContain(token);
        String name = freshName();

        MvcTestResult joined = join(token, name);

        assertThat(joined).hasStatus(201).bodyJson().extractingPath("$.name").isEqualTo(name);
        assertThat(mvc.get().uri("/api/kit").with(SessionOf.answer(joined))).hasStatusOk();
        assertThat(join(token, freshName()))
                .hasStatus(410)
                .bodyJson()
                .extractingPath("$.code")
                .isEqualTo("LINK_OVER");
        assertThat(get(null, "/api/account/invites/{token}", token)).hasStatus(410);
    }

    @Test
    void whatCannotBeDoesNotUseItUp() {
        SignedIn administrator = administrator();
        String token = invitation(administrator);

        assertThat(post(null, "/api/account/invites/{token}", request(freshName(), "short"), token))
                .hasStatus(422);
        assertThat(join(token, administrator.name())).hasStatus(422);

        assertThat(join(token, freshName())).hasStatus(201);
    }

    @Test
    void ofManyAtTheSameMomentOneGetsIt() throws Exception {
        String token = invitation(administrator());
        List<String> some = List.of(freshName(), freshName(), freshName(), freshName());

        List<Integer> answers =
                Together.run(4, i -> join(token, some.get(i)).getResponse().getStatus());

        assertThat(answers).containsOnlyOnce(201).filteredOn(s -> s != 201).containsOnly(410);
        assertThat(some.stream().filter(n -> accounts.byName(n).isPresent())).hasSize(1);
    }

    @Test
    void whatIsOverOrTakenBackLetsNobodyIn() {
        SignedIn administrator = administrator();
        String late = invitation(administrator);
        jdbc.update(
                "update invite set expires_at = ?",
                OffsetDateTime.now(ZoneOffset.UTC).minusMinutes(1));
        assertThat(join(late, freshName())).hasStatus(410);

        String token = invitation(administrator);
        List<String> open = JsonPath.read(content(get(administrator, "/api/account/invites")), "$[*].id");
        assertThat(open).hasSize(1);
        assertThat(send(administrator, MockMvcRequestBuilders.delete("/api/account/invites/{id}", open.get(0))))
                .hasStatus(204);
        assertThat(join(token, freshName())).hasStatus(410);
        assertThat(join("guessed", freshName())).hasStatus(410);
    }

    @Test
    void onlyTheAdministratorInvites() {
        SignedIn colleague = newTeacher();
        assertThat(post(colleague, "/api/account/invites", null)).hasStatus(403);
        assertThat(get(colleague, "/api/account/invites")).hasStatus(403);
    }
}
