package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.HttpMethod.DELETE;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Sheets;
import grastel.core.scanner.Hand;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every endpoint has a rule here: open to all, about the teacher signed in only, or about a row by its id. An endpoint
 * without a rule fails the build; one by id must answer another teacher exactly as if the row were not there.
 */
class OwnershipTest extends DeskTest {
    private static final Set<String> PUBLIC = Set.of(
            "GET /api/account/session",
            "POST /api/account/session",
            "POST /api/account/first-teacher",
            "GET /api/phone/{token}",
            "POST /api/phone/{token}");
    private static final Set<String> OWN = Set.of(
            "DELETE /api/account/session",
            "POST /api/account/teachers",
            "GET /api/classes",
            "POST /api/classes",
            "POST /api/classes/roster",
            "GET /api/bench/stacks",
            "POST /api/bench/card.pdf",
            "POST /api/bench/look",
            "POST /api/bench/stacks",
            "POST /api/bench/recipes",
            "POST /api/bench/what-if",
            "GET /api/kit",
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

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    private SignedIn owner;
    private SignedIn other;
    private Sheets.RunInfo run;
    private UUID student;
    private UUID page;
    /** What stands for an id in an address, and a body that would be taken: by endpoint. */
    private Map<String, ById> byId;

    private record ById(HttpMethod method, String path, Object body, Map<String, Object> query, Object... ids) {
        ById {
            ids = ids.clone();
        }

        void with(String name, Object value) {
            query.put(name, value);
        }
    }

    @BeforeEach
    void rows() {
        owner = newTeacher();
        other = newTeacher();
        run = printed(owner);
        List<Sheets.PageInfo> pages = as(owner, () -> sheets.pages(run.id()));
        student = pages.get(0).student();
        page = upload(owner, "scan.jpg", scan(owner, pages.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(owner, page);
        assertThat(post(owner, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                .hasStatusOk();

        UUID schoolClass = run.schoolClass();
        Map<String, Object> classChange = Map.of("name", "8 Other", "band", "ADVANCED", "periods", List.of());
        byId = new LinkedHashMap<>();
        add(GET, "/api/classes/{id}", null, schoolClass);
        add(PUT, "/api/classes/{id}", classChange, schoolClass);
        add(POST, "/api/classes/{id}/students", Map.of("names", "New Student"), schoolClass);
        add(GET, "/api/sheets/{id}", null, run.sheet());
        add(PUT, "/api/sheets/{id}", sheetRequest(other), run.sheet());
        add(POST, "/api/sheets/{id}/runs", Map.of("schoolClass", schoolClass), run.sheet());
        add(GET, "/api/sheets/runs/{id}/pages", null, run.id());
        add(GET, "/api/sheets/runs/{id}/pages.pdf", null, run.id());
        add(GET, "/api/returns/runs/{run}/pages", null, run.id());
        add(GET, "/api/returns/pages/{id}", null, page);
        add(GET, "/api/returns/pages/{id}/picture", null, page);
        add(GET, "/api/returns/pages/{id}/original", null, page);
        add(GET, "/api/returns/pages/{id}/overlay", null, page).with("of", "SPECKS");
        add(POST, "/api/returns/pages/{id}/again", null, page);
        add(
                POST,
                "/api/returns/pages/{id}/match",
                Map.of("printedPage", pages.get(0).id()),
                page);
        add(POST, "/api/returns/pages/{id}/cancellation", null, page);
        add(POST, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page);
        add(POST, "/api/returns/pages/{id}/reopening", null, page);
        add(PUT, "/api/returns/pages/{id}/note", Map.of("flagged", true, "note", ""), page);
        add(POST, "/api/returns/pages/{id}/swap", Map.of("with", page), page);
        add(GET, "/api/returns/pages/{id}/rereading", null, page);
        add(POST, "/api/returns/pages/{id}/rereading", null, page);
        add(GET, "/api/returns/runs/{run}/slips.pdf", null, run.id());
        add(DELETE, "/api/returns/phrases/{id}", null, phrase());
        add(DELETE, "/api/returns/phone-links/{id}", null, phoneLink(schoolClass));
        add(GET, "/api/sheets/{id}/teacher.pdf", null, run.sheet());
        add(GET, "/api/sheets/{id}/pages/{number}.svg", null, run.sheet(), 1);
        add(GET, "/api/wall/runs/{id}", null, run.id());
        add(GET, "/api/wall/students/{id}", null, student);
        kitAndBench();
        add(DELETE, "/api/returns/pages/{id}", null, page);
        add(PUT, "/api/classes/{id}/method", Map.of("schools", List.of(), "namesHidden", false), schoolClass);
        add(PUT, "/api/classes/{id}/thresholds", Map.of("thresholds", Map.of("ORDER", 1.1)), schoolClass);
        add(DELETE, "/api/classes/{id}/students/{student}", null, schoolClass, student);
        add(DELETE, "/api/classes/{id}", null, schoolClass);
    }

    private UUID phrase() {
        return idOf(post(owner, "/api/returns/phrases", Map.of("words", "Sharpen first.")), "$[0].id");
    }

    private UUID phoneLink(UUID schoolClass) {
        return idOf(
                post(
                        owner,
                        "/api/returns/phone-links",
                        Map.of("schoolClass", schoolClass, "origin", "http://10.0.0.7:8080")),
                "$.id");
    }

    private static UUID idOf(MvcTestResult answer, String path) {
        assertThat(answer).hasStatusOk();
        AtomicReference<UUID> id = new AtomicReference<>();
        assertThat(answer).bodyJson().extractingPath(path).asString().satisfies(s -> id.set(UUID.fromString(s)));
        return id.get();
    }

    private void kitAndBench() {
        KitPencil pencil = as(owner, () -> kit.pencils().get(5));
        UUID paper = as(owner, () -> kit.papers().get(0).id());
        UUID set = as(owner, () -> kit.sets().get(0).id());
        UUID stack = created(
                owner,
                "/api/bench/stacks",
                Map.of("name", "Sea", "note", "", "stack", Map.of("paper", paper, "layers", List.of())));
        Map<String, Object> lab = Map.of("l", 50, "a", 10, "b", 10);
        Map<String, Object> anyPencil = Map.ofEntries(
                Map.entry("range", "Loose"),
                Map.entry("code", "L1"),
                Map.entry("name", "Loose Red"),
                Map.entry("binder", "WAX"),
                Map.entry("source", "PICKED"),
                Map.entry("lab", lab),
                Map.entry("hiding", 0.5),
                Map.entry("softness", 1),
                Map.entry("copies", 1),
                Map.entry("leadMm", 170));
        Map<String, Object> swatch = Map.of("grade", "FULL", "passes", 2, "lab", lab);
        add(PUT, "/api/kit/pencils/{id}", anyPencil, pencil.id());
        add(GET, "/api/kit/pencils/{id}/swatch.png", null, pencil.id()).with("paper", paper);
        add(GET, "/api/kit/pencils/{id}/substitutes", null, pencil.id());
        add(POST, "/api/kit/pencils/{id}/readings", null, pencil.id()).with("paper", paper);
        add(
                POST,
                "/api/kit/pencils/{id}/calibration",
                Map.of("paper", paper, "swatches", List.of(swatch, swatch), "keep", false),
                pencil.id());
        add(POST, "/api/kit/papers/{id}/readings", null, paper).with("pencil", pencil.id());
        add(
                POST,
                "/api/kit/papers/{id}/calibration",
                Map.of("pencil", pencil.id(), "swatches", List.of(swatch, swatch)),
                paper);
        add(PUT, "/api/kit/papers/{id}", Map.of("name", "Other", "lab", lab, "tooth", 1, "grainMm", 0.3), paper);
        add(PUT, "/api/kit/sets/{id}", Map.of("name", "S", "pencils", List.of(pencil.id()), "users", List.of()), set);
        add(POST, "/api/kit/sets/{id}/reach", null, set).with("paper", paper);
        add(GET, "/api/kit/sets/{id}/reach", null, set).with("paper", paper);
        add(DELETE, "/api/kit/sets/{id}/reach", null, set).with("paper", paper);
        add(DELETE, "/api/kit/sets/{id}", null, set);
        add(DELETE, "/api/kit/pencils/{id}", null, pencil.id());
        add(
                PUT,
                "/api/bench/stacks/{id}",
                Map.of("name", "Sea", "note", "", "version", 0, "stack", Map.of("paper", paper, "layers", List.of())),
                stack);
        add(DELETE, "/api/bench/stacks/{id}", null, stack);
    }

    @Test
    void everyEndpointHasARule() {
        Set<String> ruled = new TreeSet<>(PUBLIC);
        ruled.addAll(OWN);
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

    @Test
    void anotherTeachersRowIsAnsweredAsIfItWereNotThere() {
        for (ById rule : byId.values()) {
            assertThat(send(other, rule))
                    .as("%s by another teacher", rule.path())
                    .hasStatus(404);
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
        UUID foreignPrinted = as(owner, () -> sheets.pages(run.id()).get(1).id());
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
                "/api/classes", "/api/sheets", "/api/sheets/runs", "/api/returns/unplaced", "/api/bench/stacks")) {
            assertThat(get(other, path)).as(path).hasStatusOk().bodyJson().isLenientlyEqualTo("[]");
        }
        assertThat(get(owner, "/api/classes")).bodyText().contains("Amara Diallo");
        assertThat(get(other, "/api/today")).bodyText().doesNotContain("Amara");
    }

    private ById add(HttpMethod method, String path, Object body, Object... ids) {
        ById rule = new ById(method, path, body, new LinkedHashMap<>(), ids);
        byId.put(method + " " + path, rule);
        return rule;
    }

    private MvcTestResult send(SignedIn teacher, ById rule) {
        var request = MockMvcRequestBuilders.request(rule.method(), rule.path(), rule.ids());
        rule.query().forEach((name, value) -> request.queryParam(name, value.toString()));
        if (rule.body() != null) {
            request.contentType(MediaType.APPLICATION_JSON).content(json.writeValueAsString(rule.body()));
        }
        return send(teacher, request);
    }

    private MvcTestResult look(UUID paper, List<Map<String, Object>> layers) {
        return post(other, "/api/bench/look", Map.of("stack", Map.of("paper", paper, "layers", layers), "steps", 5));
    }

    private Map<String, Object> sheetRequest(SignedIn teacher) {
        return Map.of("data", as(teacher, () -> scale("S07", 5, 20)));
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
