package grastel.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class AccountTest extends DeskTest {
    @Autowired
    private PasswordEncoder encoder;

    @ParameterizedTest
    @ValueSource(strings = {"short", "passwordpassword", "1234567890123", "qwertyuiopas", "letmein12345"})
    void weakPasswordsAreRefusedWithTheirField(String password) {
        MvcTestResult answer = join(newTeacher(), "ilse.korhonen", password);

        assertThat(answer)
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("password");
        assertThat(accounts.byName("ilse.korhonen")).isEmpty();
    }

    @Test
    void aPasswordThatHoldsTheNameIsWeak() {
        assertThat(join(newTeacher(), "quillon.marsh", "quillonmarsh1")).hasStatus(422);
    }

    @Test
    void passwordsAreKeptAsArgon2id() {
        SignedIn teacher = newTeacher();
        String hash = jdbc.queryForObject("select password_hash from teacher where id = ?", String.class, teacher.id());

        assertThat(hash).startsWith("$argon2id$");
        assertThat(encoder.matches(PASSWORD, hash)).isTrue();
    }

    @Test
    void theFirstTeacherCanOnlyBeMadeOnce() {
        newTeacher();

        MvcTestResult answer = post(null, "/api/account/first-teacher", joinRequest("second.first", PASSWORD));

        assertThat(answer).hasStatus(403).bodyJson().extractingPath("$.code").isEqualTo("NOT_FIRST_START");
    }

    @Test
    void signingInOpensASessionOfANewNumberAndSigningOutEndsIt() {
        SignedIn teacher = newTeacher();
        MockHttpSession before = new MockHttpSession();
        String numberBefore = before.getId();

        MvcTestResult in = signIn(teacher.name(), PASSWORD, before);
        MockHttpSession session = (MockHttpSession) in.getRequest().getSession(false);

        assertThat(in).hasStatusOk();
        assertThat(session.getId()).isNotEqualTo(numberBefore);
        assertThat(mvc.get().uri("/api/classes").session(session)).hasStatusOk();
        assertThat(mvc.delete().uri("/api/account/session").session(session).with(csrf()))
                .hasStatus(204);
        assertThat(session.isInvalid()).isTrue();
    }

    @Test
    void aWrongPasswordAndAnUnknownNameAreAnsweredAlike() {
        MvcTestResult wrong = signIn(newTeacher().name(), "not-this-one-at-all", new MockHttpSession());
        MvcTestResult unknown = signIn("nobody.here", "not-this-one-at-all", new MockHttpSession());

        assertThat(wrong).hasStatus(401).bodyText().isEqualTo(content(unknown));
    }

    @Test
    void guessingIsSlowedDown() {
        String name = newTeacher().name();
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(name, "guess-number-" + i, new MockHttpSession())).hasStatus(401);
        }

        assertThat(signIn(name, PASSWORD, new MockHttpSession())).hasStatus(429);
    }

    @Test
    void aRequestWithoutTheTokenOfThePageIsRefused() {
        MvcTestResult answer = mvc.perform(MockMvcRequestBuilders.post("/api/account/session")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{}"));

        assertThat(answer).hasStatus(403);
    }

    @Test
    void pagesAndAnswersCarryTheirPolicies() {
        MvcTestResult page = mvc.perform(MockMvcRequestBuilders.get("/returns"));
        MvcTestResult answer = mvc.perform(MockMvcRequestBuilders.get("/api/account/session"));

        String policy = page.getResponse().getHeader("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
        String nonce = policy.replaceAll(".*'nonce-([^']+)'.*", "$1");
        assertThat(content(page)).contains(nonce).doesNotContain("__NONCE__");
        assertThat(answer.getResponse().getHeader("Content-Security-Policy"))
                .isEqualTo("default-src 'none'; frame-ancestors 'none'");
        assertThat(answer.getResponse().getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    private MvcTestResult join(SignedIn by, String name, String password) {
        return post(by, "/api/account/teachers", joinRequest(name, password));
    }

    private static Map<String, String> joinRequest(String name, String password) {
        return Map.of("name", name, "displayName", "Ilse Korhonen", "password", password);
    }

    private MvcTestResult signIn(String name, String password, MockHttpSession session) {
        return mvc.perform(MockMvcRequestBuilders.post("/api/account/session")
                .session(session)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(Map.of("name", name, "password", password))));
    }
}
