package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.classes.CalendarData;
import grastel.app.platform.SignedIn;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.platform.colleagues.Right;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** A class shared with a colleague: what says that it is open, of that class, within the right that was given, and nothing else. */
class ColleaguesTest extends EveryEndpoint {
    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    private SignedIn looking;
    private SignedIn marking;
    private UUID schoolClass;

    @BeforeEach
    void shared() {
        looking = newTeacher();
        marking = newTeacher();
        schoolClass = run.schoolClass();
        share(looking, Right.LOOK);
        share(marking, Right.MARK);
    }

    private void share(SignedIn with, Right right) {
        assertThat(put(owner, "/api/classes/{id}/shares", Map.of("name", with.name(), "right", right), schoolClass))
                .hasStatusOk();
    }

    private String at(String path) {
        return "/api/shared/" + schoolClass + path.substring("/api".length());
    }

    private MvcTestResult sendAt(SignedIn colleague, ById rule) {
        return send(colleague, new ById(rule.method(), at(rule.path()), rule.body(), rule.query(), rule.ids()));
    }

    private MvcTestResult getAt(SignedIn colleague, String path, Object... ids) {
        return get(colleague, at(path), ids);
    }

    /** With the wrong variable the gate would look at another id than the endpoint does. */
    @Test
    void everyOpenEndpointHasTheVariableThatTheGateLooksAt() {
        mappings.getHandlerMethods().forEach((info, method) -> {
            ForColleagues open = method.getMethodAnnotation(ForColleagues.class);
            if (open != null && open.value() != About.LIST) {
                assertThat(info.getPatternValues()).allMatch(path -> path.contains("{" + open.by() + "}"));
            }
        });
    }

    @Test
    void whateverDoesNotSayThatItIsOpenIsClosed() {
        int open = 0;
        int closed = 0;
        for (var mapping : mappings.getHandlerMethods().entrySet()) {
            RequestMappingInfo info = mapping.getKey();
            String path = info.getPathPatternsCondition()
                    .getPatternValues()
                    .iterator()
                    .next();
            if (!path.startsWith("/api/")) {
                continue;
            }
            HttpMethod method =
                    info.getMethodsCondition().getMethods().iterator().next().asHttpMethod();
            if (mapping.getValue().hasMethodAnnotation(ForColleagues.class)) {
                assertThat(byId.keySet().stream().anyMatch((method + " " + path)::equals)
                                || List.of("/api/classes", "/api/sheets/runs").contains(path))
                        .as("%s %s is tried below", method, path)
                        .isTrue();
                open++;
                continue;
            }
            String made = at(path.replaceAll("\\{[^}]+}", UUID.randomUUID().toString()));
            MvcTestResult answer = send(marking, MockMvcRequestBuilders.request(method, made));
            assertThat(answer.getResponse().getStatus())
                    .as("%s %s", method, path)
                    .isIn(403, 415);
            closed++;
        }
        assertThat(open).isBetween(15, 40);
        assertThat(closed).isGreaterThan(100);
    }

    @Test
    void whatIsOpenAnswersWithinTheRightThatWasGiven() {
        for (ById rule : byId.values()) {
            ForColleagues open = openness(rule);
            if (open == null) {
                continue;
            }
            assertThat(sendAt(newTeacher(), rule))
                    .as("%s by a stranger", rule.path())
                    .hasStatus(404);
            if (open.right() == Right.LOOK) {
                assertThat(sendAt(looking, rule)).as(rule.path()).hasStatus2xxSuccessful();
            } else {
                assertThat(sendAt(looking, rule))
                        .as("%s by who may look", rule.path())
                        .hasStatus(403);
                assertThat(sendAt(marking, rule).getResponse().getStatus())
                        .as("%s by who may mark", rule.path())
                        .isIn(200, 409);
            }
        }
    }

    private ForColleagues openness(ById rule) {
        return mappings.getHandlerMethods().entrySet().stream()
                .filter(m ->
                        m.getKey().getPathPatternsCondition().getPatternValues().contains(rule.path())
                                && m.getKey().getMethodsCondition().getMethods().stream()
                                        .anyMatch(
                                                method -> method.asHttpMethod().equals(rule.method())))
                .map(m -> m.getValue().getMethodAnnotation(ForColleagues.class))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** The owner's other classes are as if they were not there. */
    @Test
    void nothingOfAnotherClassOfTheOwnerIsSeen() {
        RunInfo secret = printed(owner);
        UUID hidden = upload(owner, "hidden.jpg", scan(owner, printedPage(owner, secret.id(), 0), Hand.EXACT, 9))
                .get(0);
        awaitRead(owner, hidden);
        UUID student = as(owner, () -> classes.one(secret.schoolClass()))
                .students()
                .get(0)
                .id();
        for (String path : List.of(
                "/api/classes/" + secret.schoolClass(),
                "/api/progress/classes/" + secret.schoolClass(),
                "/api/returns/runs/" + secret.id() + "/pages",
                "/api/wall/runs/" + secret.id(),
                "/api/sheets/runs/" + secret.id() + "/pages",
                "/api/wall/students/" + student,
                "/api/progress/students/" + student,
                "/api/returns/pages/" + hidden,
                "/api/returns/pages/" + hidden + "/picture",
                "/api/returns/pages/" + hidden + "/original")) {
            assertThat(getAt(marking, path)).as(path).hasStatus(404);
        }
        assertThat(post(marking, at("/api/returns/pages/{id}/confirmation"), Map.of("changed", List.of()), hidden))
                .hasStatus(404);
        assertThat(JsonPath.<List<String>>read(content(getAt(marking, "/api/classes")), "$[*].id"))
                .containsExactly(schoolClass.toString());
        assertThat(JsonPath.<List<String>>read(content(getAt(marking, "/api/sheets/runs")), "$[*].id"))
                .containsExactly(run.id().toString());
        UUID own = as(marking, () -> classes.create("7 Own", GradeBand.DEVELOPING, List.of("Ana"), CalendarData.NONE))
                .id();
        assertThat(getAt(marking, "/api/classes/{id}", own))
                .as("one's own class is elsewhere")
                .hasStatus(404);
    }

    @Test
    void whatAColleagueDecidesBearsTheColleaguesName() {
        assertThat(post(marking, at("/api/returns/pages/{id}/reopening"), null, page))
                .hasStatusOk();
        assertThat(post(marking, at("/api/returns/pages/{id}/confirmation"), Map.of("changed", List.of()), page))
                .hasStatusOk();
        assertThat(jdbc.queryForList("select distinct decided_by from goal_mark where page_id = ?", UUID.class, page))
                .containsExactly(marking.id());
        assertThat(jdbc.queryForObject("select owner_id from returned_page where id = ?", UUID.class, page))
                .as("it stays the owner's")
                .isEqualTo(owner.id());
        assertThat(content(get(owner, "/api/returns/pages/{id}", page))).contains("\"confirmed\":true");
    }

    @Test
    void theOwnerSaysWhoSeesItAndTakesItBack() {
        assertThat(JsonPath.<List<String>>read(content(get(looking, "/api/shared-classes")), "$[*].right"))
                .containsExactly("LOOK");
        share(looking, Right.MARK);
        String shares = content(get(owner, "/api/classes/{id}/shares", schoolClass));
        assertThat(JsonPath.<List<String>>read(shares, "$[*].right")).containsExactly("MARK", "MARK");
        assertThat(put(owner, "/api/classes/{id}/shares", Map.of("name", "nobody.here", "right", "LOOK"), schoolClass))
                .hasStatus(422)
                .bodyText()
                .contains("\"name\"");
        assertThat(put(owner, "/api/classes/{id}/shares", Map.of("name", owner.name(), "right", "LOOK"), schoolClass))
                .as("with oneself")
                .hasStatus(422);

        String first = JsonPath.read(shares, "$[0].id");
        assertThat(send(owner, MockMvcRequestBuilders.delete("/api/classes/{id}/shares/{share}", schoolClass, first)))
                .hasStatus(204);

        assertThat(getAt(looking, "/api/classes/{id}", schoolClass)).hasStatus(404);
        assertThat(content(get(looking, "/api/shared-classes"))).isEqualTo("[]");
        assertThat(getAt(marking, "/api/classes/{id}", schoolClass)).hasStatusOk();
        assertThat(getAt(null, "/api/classes/{id}", schoolClass)).as("nobody").hasStatus(401);
    }

    @Test
    void aClassThatIsGoneIsSharedNoMore() {
        assertThat(send(owner, MockMvcRequestBuilders.delete("/api/classes/{id}", schoolClass)))
                .hasStatus(204);
        assertThat(content(get(marking, "/api/shared-classes"))).isEqualTo("[]");
        assertThat(getAt(marking, "/api/classes")).hasStatus(404);
    }
}
