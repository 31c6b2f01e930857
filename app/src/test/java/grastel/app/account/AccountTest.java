package grastel.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.Together;
import grastel.app.platform.SignedIn;
import jakarta.servlet.http.Cookie;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@Tag("database")
class AccountTest extends ApplicationTest {
    private static final String OTHER_PASSWORD = "harbour-gannet-slate-seven";

    /** The program's, not the tests'. */
    @Autowired
    @Qualifier("passwords")
    private PasswordEncoder encoder;

    /** Each test's own: tries are counted by address too. */
    private String address = "10.0." + new Random().nextInt(256) + "." + new Random().nextInt(256);

    @ParameterizedTest
    @ValueSource(strings = {"short", "passwordpassword", "1234567890123", "qwertyuiopas", "letmein12345"})
    void weakPasswordsAreRefusedWithTheirField(String password) {
        MvcTestResult answer = join(administrator(), "ilse.korhonen", password);

        assertThat(answer)
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("password");
        assertThat(accounts.byName("ilse.korhonen")).isEmpty();
    }

    @Test
    void aPasswordThatHoldsTheNameIsWeak() {
        assertThat(join(administrator(), "quillon.marsh", "quillonmarsh1")).hasStatus(422);
    }

    @Test
    void passwordsAreKeptAsArgon2id() {
        String hash = encoder.encode(PASSWORD);

        assertThat(hash).startsWith("$argon2id$v=19$m=16384,t=2,p=1$");
        assertThat(encoder.matches(PASSWORD, hash)).isTrue();
        assertThat(jdbc.queryForObject(
                        "select password_hash from teacher where id = ?",
                        String.class,
                        newTeacher().id()))
                .startsWith("$argon2id$");
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
        SessionOf session = SessionOf.answer(in);

        assertThat(in).hasStatusOk();
        assertThat(session.number()).isNotEqualTo(numberBefore);
        assertThat(mvc.get().uri("/api/classes").with(session)).hasStatusOk();
        assertThat(mvc.delete().uri("/api/account/session").with(session).with(csrf()))
                .hasStatus(204);
        assertThat(mvc.get().uri("/api/classes").with(session)).hasStatus(401);
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

    @ParameterizedTest
    @ValueSource(strings = {" NAME ", "NAME", "\tname", "\uff2e\uff21\uff2d\uff25"})
    void anotherSpellingOfTheNameIsTheSameAccount(String spelling) {
        String name = newTeacher().name();
        for (int i = 0; i < 5; i++) {
            signIn(name, "guess-number-" + i, new MockHttpSession());
        }
        String same = spelling.contains("\uff2e")
                ? name.replace('t', '\uff54')
                : spelling.replaceAll("(?i)name", spelling.contains("N") ? name.toUpperCase(Locale.ROOT) : name);

        assertThat(signIn(same, "guess-number-6", new MockHttpSession())).hasStatus(429);
    }

    @Test
    void guessingFromElsewhereKeepsNoTeacherOutOfABrowserThatWasTheirs() {
        String name = newTeacher().name();
        MvcTestResult in = signIn(name, PASSWORD, new MockHttpSession());
        Cookie device = in.getResponse().getCookie("grastel-device");
        assertThat(device.isHttpOnly()).isTrue();
        for (int i = 0; i < 12; i++) {
            signIn(name, "guess-number-" + i, new MockHttpSession());
        }
        assertThat(signIn(name, PASSWORD, new MockHttpSession())).hasStatus(429);

        assertThat(signIn(name, PASSWORD, new MockHttpSession(), device)).hasStatusOk();
        String other = newTeacher().name();
        for (int i = 0; i < 5; i++) {
            signIn(other, "guess-number-" + i, new MockHttpSession(), device);
        }
        assertThat(signIn(other, PASSWORD, new MockHttpSession(), device))
                .as("the browser is known for its own teacher only")
                .hasStatus(429);
    }

    /** Who guesses a colleague's name at one address does not lock the colleague out at another. */
    @Test
    void guessingAtOneAddressKeepsNobodyOutAtAnother() {
        String name = newTeacher().name();
        for (int i = 0; i < 6; i++) {
            signIn(name, "guess-number-" + i, new MockHttpSession());
        }
        assertThat(signIn(name, PASSWORD, new MockHttpSession())).hasStatus(429);
        String here = address;
        address = "203.0.113." + (1 + Math.abs(name.hashCode() % 250));
        assertThat(signIn(name, PASSWORD, new MockHttpSession())).hasStatusOk();
        address = here;
        assertThat(jdbc.queryForObject("select count(*) from sign_in_bucket where tries_left < 1", Integer.class))
                .as("counted where every node sees it")
                .isPositive();
    }

    @Test
    void aPasswordIsChangedByWhoKnowsItAndOtherSessionsEnd() {
        String name = newTeacher().name();
        SessionOf here = SessionOf.answer(signIn(name, PASSWORD, new MockHttpSession()));
        SessionOf elsewhere = SessionOf.answer(signIn(name, PASSWORD, new MockHttpSession()));
        Map<String, String> wrong = Map.of("old", "not-this-one-at-all", "password", OTHER_PASSWORD);
        assertThat(change(here, wrong)).hasStatus(422).bodyText().contains("\"old\"");
        assertThat(change(here, Map.of("old", PASSWORD, "password", "short"))).hasStatus(422);
        assertThat(mvc.get().uri("/api/classes").with(elsewhere)).hasStatusOk();

        MvcTestResult changed = change(here, Map.of("old", PASSWORD, "password", OTHER_PASSWORD));

        assertThat(changed).hasStatusOk();
        assertThat(mvc.get().uri("/api/classes").with(SessionOf.answer(changed)))
                .hasStatusOk();
        assertThat(mvc.get().uri("/api/classes").with(elsewhere)).hasStatus(401);
        assertThat(signIn(name, PASSWORD, new MockHttpSession())).hasStatus(401);
        assertThat(signIn(name, OTHER_PASSWORD, new MockHttpSession())).hasStatusOk();
    }

    @Test
    void theAdministratorLooksAfterAccountsAndNobodyElse() {
        SignedIn administrator = administrator();
        SignedIn colleague = newTeacher();
        SessionOf session = SessionOf.answer(signIn(colleague.name(), PASSWORD, new MockHttpSession()));
        for (MvcTestResult refused : List.of(
                get(colleague, "/api/account/teachers"),
                join(colleague, "third.teacher", PASSWORD),
                put(
                        colleague,
                        "/api/account/teachers/{id}/password",
                        Map.of("password", OTHER_PASSWORD),
                        colleague.id()),
                put(colleague, "/api/account/teachers/{id}/standing", Map.of("disabled", true), administrator.id()))) {
            assertThat(refused).hasStatus(403).bodyText().contains("ADMINISTRATOR_ONLY");
        }

        assertThat(put(administrator, "/api/account/teachers/{id}/standing", Map.of("disabled", true), colleague.id()))
                .hasStatus(204);
        assertThat(mvc.get().uri("/api/classes").with(session)).hasStatus(401);
        assertThat(signIn(colleague.name(), PASSWORD, new MockHttpSession()))
                .hasStatus(403)
                .bodyText()
                .contains("DISABLED");
        put(administrator, "/api/account/teachers/{id}/standing", Map.of("disabled", false), colleague.id());
        assertThat(put(
                        administrator,
                        "/api/account/teachers/{id}/password",
                        Map.of("password", OTHER_PASSWORD),
                        colleague.id()))
                .hasStatus(204);
        assertThat(signIn(colleague.name(), OTHER_PASSWORD, new MockHttpSession()))
                .hasStatusOk();
        assertThat(put(
                        administrator,
                        "/api/account/teachers/{id}/standing",
                        Map.of("disabled", true),
                        administrator.id()))
                .as("nobody would be left to enable it")
                .hasStatus(409);
        assertThat(get(administrator, "/api/account/teachers")).bodyText().contains(colleague.name());
    }

    @Test
    void aNameThatGrowsWhenFoldedIsRefusedByItsField() {
        assertThat(join(administrator(), "İ".repeat(80), PASSWORD))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("name");
    }

    @Test
    void sameNamesAtTheSameMomentMakeOneAccount() throws Exception {
        SignedIn administrator = administrator();
        List<Integer> answers = Together.run(
                6, i -> join(administrator, "same.name", PASSWORD).getResponse().getStatus());
        assertThat(answers).containsOnlyOnce(201).filteredOn(s -> s != 201).containsOnly(422);
    }

    /** The administrator sees who was let in and who was not; a name that nobody has is not kept, it may be a password. */
    @Test
    void whoSignedInIsWrittenDownForTheAdministrator() {
        SignedIn administrator = administrator();
        SignedIn colleague = newTeacher();
        signIn(colleague.name(), PASSWORD, new MockHttpSession());
        signIn(colleague.name(), OTHER_PASSWORD, new MockHttpSession());
        signIn(OTHER_PASSWORD, OTHER_PASSWORD, new MockHttpSession());

        String list = content(get(administrator, "/api/account/sign-ins"));

        List<Map<String, Object>> here = JsonPath.read(list, "$[?(@.address == '" + address + "')]");
        assertThat(here).extracting(t -> t.get("outcome")).containsExactly("WRONG", "WRONG", "LET_IN");
        assertThat(here)
                .extracting(t -> t.get("name"))
                .containsExactly(null, colleague.displayName(), colleague.displayName());
        assertThat(list).doesNotContain(OTHER_PASSWORD);
        assertThat(jdbc.queryForList("select * from sign_in").toString()).doesNotContain(OTHER_PASSWORD);
        assertThat(get(colleague, "/api/account/sign-ins")).hasStatus(403);
    }

    @Test
    void whatIsOldIsForgotten() {
        SignedIn administrator = administrator();
        jdbc.update(
                "insert into sign_in (id, tried_at, address, outcome) values (?, ?, '192.0.2.1', 'WRONG')",
                UUID.randomUUID(),
                OffsetDateTime.now(ZoneOffset.UTC).minusDays(91));

        signIn(administrator.name(), PASSWORD, new MockHttpSession());

        assertThat(jdbc.queryForObject("select count(*) from sign_in where address = '192.0.2.1'", Integer.class))
                .isZero();
    }

    private MvcTestResult change(SessionOf session, Map<String, String> request) {
        return mvc.perform(MockMvcRequestBuilders.put("/api/account/password")
                .with(session)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(request)));
    }

    private MvcTestResult join(SignedIn by, String name, String password) {
        return post(by, "/api/account/teachers", joinRequest(name, password));
    }

    private static Map<String, String> joinRequest(String name, String password) {
        return Map.of("name", name, "displayName", "Ilse Korhonen", "password", password);
    }

    private MvcTestResult signIn(String name, String password, MockHttpSession session, Cookie... cookies) {
        var request = MockMvcRequestBuilders.post("/api/account/session");
        if (cookies.length > 0) {
            request.cookie(cookies);
        }
        return mvc.perform(request.session(session)
                .with(r -> {
                    r.setRemoteAddr(address);
                    return r;
                })
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(Map.of("name", name, "password", password))));
    }
}
