package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;

import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every endpoint has a rule: open to all, about the teacher signed in only, or about a row by its id. An endpoint without a
 * rule fails the build; one by id must answer another teacher exactly as if the row were not there.
 */
@Tag("database")
class OwnershipTest extends EveryEndpoint {
    private static final Set<String> PUBLIC = Set.of(
            "GET /api/account/session",
            "POST /api/account/session",
            "POST /api/account/first-teacher",
            "GET /api/account/invites/{token}",
            "POST /api/account/invites/{token}",
            "GET /api/feed/{token}",
            "GET /api/phone/{token}",
            "POST /api/phone/{token}");
    private static final Set<String> OWN = Set.of(
            "DELETE /api/account/session",
            "PUT /api/account/password",
            "GET /api/classes",
            "GET /api/shared-classes",
            "POST /api/classes",
            "POST /api/classes/roster",
            "GET /api/find",
            "GET /api/meanings",
            "GET /api/projects",
            "POST /api/projects",
            "GET /api/courses",
            "GET /api/courses/calendar.ics",
            "GET /api/courses/stock",
            "GET /api/courses/stock.csv",
            "GET /api/courses/feed",
            "POST /api/courses/feed",
            "DELETE /api/courses/feed",
            "GET /api/courses/outlines",
            "GET /api/courses/past",
            "GET /api/bench/stacks",
            "POST /api/bench/card.pdf",
            "POST /api/bench/look",
            "POST /api/bench/stacks",
            "POST /api/bench/recipes",
            "POST /api/bench/what-if",
            "GET /api/charts",
            "POST /api/charts",
            "POST /api/charts/lines",
            "GET /api/kit",
            "GET /api/kit/eyes",
            "GET /api/kit/export",
            "POST /api/kit/imports",
            "POST /api/kit/imports/preview",
            "POST /api/kit/meter",
            "POST /api/kit/papers",
            "POST /api/kit/pencils",
            "POST /api/kit/sets",
            "GET /api/bench/grain",
            "GET /api/sheets",
            "POST /api/sheets",
            "GET /api/classes/method-questions",
            "GET /api/sheets/kinds",
            "POST /api/sheets/method-effect",
            "GET /api/sheets/packs",
            "POST /api/sheets/packs",
            "POST /api/sheets/packs/preview",
            "POST /api/sheets/preview",
            "POST /api/sheets/drawn-lines",
            "GET /api/sheets/runs",
            "POST /api/returns",
            "GET /api/returns/events",
            "GET /api/returns/unplaced",
            "GET /api/returns/phrases",
            "POST /api/returns/phrases",
            "GET /api/returns/agreement",
            "GET /api/returns/phone-reach",
            "POST /api/returns/phone-links",
            "GET /api/today");

    /** For the administrator only. */
    private static final Set<String> ADMINISTRATION = Set.of(
            "GET /api/account/teachers",
            "POST /api/account/teachers",
            "PUT /api/account/teachers/{id}/password",
            "PUT /api/account/teachers/{id}/standing",
            "GET /api/account/sign-ins",
            "GET /api/account/invites",
            "POST /api/account/invites",
            "DELETE /api/account/invites/{id}",
            "GET /api/backups",
            "POST /api/backups");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    @Test
    void everyEndpointHasARule() {
        Set<String> ruled = new TreeSet<>(PUBLIC);
        ruled.addAll(OWN);
        ruled.addAll(ADMINISTRATION);
        ruled.addAll(byId.keySet());

        assertThat(endpoints()).as("endpoints of the application").isEqualTo(ruled);
    }

    @Test
    void withoutSigningInNothingButThePublicAnswers() {
        for (String endpoint : endpoints()) {
            if (!PUBLIC.contains(endpoint)) {
                String[] parts = endpoint.split(" ");
                String path = parts[1].replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                MvcTestResult answer = send(null, MockMvcRequestBuilders.request(HttpMethod.valueOf(parts[0]), path));
                assertThat(answer).as(endpoint).hasStatus(401);
            }
        }
    }

    /** Whatever changes anything comes from a page of ours. */
    @Test
    void withoutThePagesTokenNothingIsChanged() {
        for (String endpoint : endpoints()) {
            String[] parts = endpoint.split(" ");
            if (!parts[0].equals("GET")) {
                String path = parts[1].replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                MvcTestResult answer = mvc.perform(MockMvcRequestBuilders.request(HttpMethod.valueOf(parts[0]), path)
                        .with(authentication(
                                UsernamePasswordAuthenticationToken.authenticated(owner, null, List.of()))));
                assertThat(answer).as(endpoint).hasStatus(403).bodyText().contains("FORBIDDEN");
            }
        }
    }

    @Test
    void anotherTeachersRowIsAnsweredAsIfItWereNotThere() {
        for (ById rule : byId.values()) {
            assertThat(send(other, rule).getResponse().getStatus())
                    .as("%s %s by another teacher", rule.method(), rule.path())
                    .isEqualTo(404);
        }
        for (ById rule : byId.values()) {
            if (rule.method() == GET) {
                assertThat(send(owner, rule)).as("%s by its owner", rule.path()).hasStatus2xxSuccessful();
            }
        }
    }

    @Test
    void idsInABodyAreChecked() {
        UUID ownSheet = as(other, () -> sheets.create(null, scale("S07", 5, 20)).id());
        assertThat(post(other, "/api/sheets", sheetRequest(owner)))
                .as("another's paper")
                .hasStatus(404);
        assertThat(get(other, "/api/sheets/packs?sheets={id}", run.sheet()))
                .as("another's sheet in a pack")
                .hasStatus(404);
        assertThat(post(
                        other,
                        "/api/sheets/method-effect",
                        Map.of("schoolClass", run.schoolClass(), "schools", List.of())))
                .as("another's class")
                .hasStatus(404);
        assertThat(post(other, "/api/sheets/preview", sheetRequest(owner))).hasStatus(404);
        UUID foreignPaper = as(owner, () -> kit.papers().get(0).id());
        UUID ownPaper = as(other, () -> kit.papers().get(0).id());
        UUID foreignPencil = as(owner, () -> kit.pencils().get(0).id());
        assertThat(look(foreignPaper, List.of())).as("another's paper").hasStatus(404);
        assertThat(post(
                        other,
                        "/api/bench/recipes",
                        Map.of(
                                "stack",
                                Map.of("paper", ownPaper, "layers", List.of()),
                                "goal",
                                Map.of("l", 50, "a", 0, "b", 0),
                                "closeness",
                                "COLOUR",
                                "schoolClass",
                                run.schoolClass(),
                                "mostLayers",
                                3)))
                .as("another's class")
                .hasStatus(404);
        assertThat(look(ownPaper, List.of(Map.of("kind", "COLOUR", "pencil", foreignPencil))))
                .as("another's pencil")
                .hasStatus(422)
                .bodyText()
                .contains("UNKNOWN_PENCIL");
        assertThat(post(
                        other,
                        "/api/kit/sets",
                        Map.of("name", "Stolen", "pencils", List.of(foreignPencil), "users", List.of())))
                .as("another's pencil in a set")
                .hasStatus(404);
        assertThat(post(other, "/api/sheets/{id}/runs", Map.of("schoolClass", run.schoolClass()), ownSheet))
                .as("another's class")
                .hasStatus(404);
        UUID foreignPrinted = as(owner, () -> printings.pages(run.id()).get(1).id());
        UUID ownPage = upload(other, "scan.jpg", scan(owner, foreignPrinted, Hand.EXACT, 2))
                .get(0);
        awaitRead(other, ownPage);
        assertThat(post(other, "/api/returns/pages/{id}/match", Map.of("printedPage", foreignPrinted), ownPage))
                .as("another's printed page")
                .hasStatus(404);
    }

    @Test
    void listsShowOnlyOwnRows() {
        for (String path : List.of(
                "/api/classes",
                "/api/projects",
                "/api/sheets",
                "/api/sheets/runs",
                "/api/returns/unplaced",
                "/api/bench/stacks")) {
            assertThat(get(other, path)).as(path).hasStatusOk().bodyJson().isLenientlyEqualTo("[]");
        }
        assertThat(get(owner, "/api/classes")).bodyText().contains("Amara Diallo");
        assertThat(get(other, "/api/today")).bodyText().doesNotContain("Amara");
    }

    private MvcTestResult look(UUID paper, List<Map<String, Object>> layers) {
        return post(other, "/api/bench/look", Map.of("stack", Map.of("paper", paper, "layers", layers), "steps", 5));
    }

    private Set<String> endpoints() {
        return mappings.getHandlerMethods().entrySet().stream()
                .filter(e -> e.getValue().getBeanType().getPackageName().startsWith("grastel"))
                .flatMap(e -> names(e.getKey()).stream())
                .filter(name -> name.contains(" /api/"))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> names(RequestMappingInfo info) {
        return info.getPatternValues().stream()
                .flatMap(
                        path -> info.getMethodsCondition().getMethods().stream().map(m -> m + " " + path))
                .collect(Collectors.toSet());
    }
}
