package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.http.HttpMethod.DELETE;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import grastel.app.chart.ChartPen;
import grastel.app.chart.Charts;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.SignedIn;
import grastel.app.projects.Projects;
import grastel.app.projects.Rights;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import grastel.core.stilllife.HarbourFind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.core.type.TypeReference;

/** Every endpoint that is about a row by its id, with a row of each kind and a request that would be taken. */
public abstract class EveryEndpoint extends ApplicationTest {
    @Autowired
    private Charts charts;

    @Autowired
    private Projects projects;

    protected SignedIn owner;
    protected SignedIn other;
    protected RunInfo run;
    protected UUID student;
    protected UUID page;
    /** What stands for an id in an address, and a body that would be taken: by endpoint. */
    protected Map<String, ById> byId;

    /** @param body a file as its bytes; anything else as JSON; null for none */
    public record ById(HttpMethod method, String path, Object body, Map<String, Object> query, Object... ids) {
        public ById {
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
        List<Printings.PageInfo> pages = as(owner, () -> printings.pages(run.id()));
        student = pages.get(0).student();
        page = upload(owner, "scan.jpg", scan(owner, pages.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(owner, page);
        assertThat(post(owner, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                .hasStatusOk();

        UUID schoolClass = run.schoolClass();
        Map<String, Object> classChange = Map.of("name", "8 Other", "band", "ADVANCED");
        byId = new LinkedHashMap<>();
        add(GET, "/api/classes/{id}", null, schoolClass);
        add(PUT, "/api/classes/{id}", classChange, schoolClass);
        add(GET, "/api/classes/{id}/shares", null, schoolClass);
        add(PUT, "/api/classes/{id}/shares", Map.of("name", other.name(), "right", "LOOK"), schoolClass);
        add(DELETE, "/api/classes/{id}/shares/{share}", null, schoolClass, UUID.randomUUID());
        add(POST, "/api/classes/{id}/students", Map.of("names", "New Student"), schoolClass);
        add(GET, "/api/sheets/{id}", null, run.sheet());
        add(PUT, "/api/sheets/{id}", sheetRequest(other), run.sheet());
        add(POST, "/api/sheets/{id}/runs", Map.of("schoolClass", schoolClass), run.sheet());
        add(GET, "/api/sheets/runs/{id}/pages", null, run.id());
        add(GET, "/api/sheets/runs/{id}/pages.pdf", null, run.id());
        add(GET, "/api/returns/runs/{run}/pages", null, run.id());
        add(GET, "/api/returns/runs/{run}/sure", null, run.id());
        add(
                POST,
                "/api/returns/runs/{run}/sure",
                Map.of("pages", List.of(Map.of("page", UUID.randomUUID(), "read", "2026-10-01T09:00:00Z"))),
                run.id());
        add(GET, "/api/returns/pages/{id}", null, page);
        add(GET, "/api/returns/pages/{id}/picture", null, page);
        add(GET, "/api/returns/pages/{id}/original", null, page);
        add(GET, "/api/returns/pages/{id}/overlay", null, page).with("of", "SPECKS");
        add(GET, "/api/returns/pages/{id}/drawing", null, page)
                .with("run", run.id().toString());
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
        add(GET, "/api/progress/classes/{id}", null, schoolClass);
        add(GET, "/api/progress/students/{id}", null, student);
        add(GET, "/api/progress/students/{id}/hand", null, student);
        add(GET, "/api/returns/pages/{id}/hand", null, page);
        Map<String, Object> report = Map.of("student", student, "secure", "", "grew", "", "next", "");
        add(GET, "/api/progress/classes/{id}/reports", null, schoolClass);
        add(GET, "/api/progress/classes/{id}/holdings", null, schoolClass);
        add(GET, "/api/progress/classes/{id}/first-and-latest", null, schoolClass);
        add(GET, "/api/progress/classes/{id}/pressures", null, schoolClass);
        add(PUT, "/api/progress/classes/{id}/pressures", null, schoolClass);
        add(DELETE, "/api/progress/classes/{id}/pressures", null, schoolClass);
        add(GET, "/api/courses/{schoolClass}/retaught", null, schoolClass);
        for (ById poster : List.of(
                add(GET, "/api/progress/classes/{id}/poster.pdf", null, schoolClass),
                add(GET, "/api/progress/runs/{id}/poster.pdf", null, run.id()))) {
            poster.with("format", "A3");
            poster.with("labels", "NONE");
        }
        add(GET, "/api/progress/classes/{id}/archive", null, schoolClass);
        add(GET, "/api/progress/classes/{id}/report.pdf", null, schoolClass);
        add(
                POST,
                "/api/progress/classes/{id}/reports.pdf",
                Map.of("named", true, "reports", List.of(report)),
                schoolClass);
        add(GET, "/api/progress/classes/{id}/marks", null, schoolClass);
        add(PUT, "/api/progress/classes/{id}/marks", scale(), schoolClass);
        add(POST, "/api/progress/classes/{id}/marks/preview", scale(), schoolClass);
        add(GET, "/api/progress/classes/{id}/marks/export", null, schoolClass).with("format", "MARKS");
        add(POST, "/api/progress/classes/{id}/redo/preview", Map.of(), schoolClass);
        add(POST, "/api/progress/classes/{id}/redo", Map.of("run", run.id(), "field", "3"), schoolClass);
        add(
                POST,
                "/api/courses/{schoolClass}/next-lesson",
                Map.of("title", "Once more", "workMinutes", 20),
                schoolClass);
        add(
                POST,
                "/api/courses/{schoolClass}/beside",
                Map.of("title", "Redo sheets", "students", List.of(student)),
                schoolClass);
        add(GET, "/api/wall/runs/{id}", null, run.id());
        add(PUT, "/api/classes/{id}/students/{student}", Map.of("name", "Ana Silva", "seen", ""), schoolClass, student);
        add(GET, "/api/wall/students/{id}", null, student);
        kitAndBench();
        chart();
        project();
        course(schoolClass);
        add(DELETE, "/api/returns/pages/{id}", null, page);
        add(PUT, "/api/classes/{id}/method", Map.of("schools", List.of(), "namesHidden", false), schoolClass);
        add(PUT, "/api/classes/{id}/thresholds", Map.of("thresholds", Map.of("ORDER", 1.1)), schoolClass);
        add(PUT, "/api/classes/{id}/readiness", Map.of("share", 0.5), schoolClass);
        add(POST, "/api/classes/{id}/students/{student}/leaving", null, schoolClass, student);
        add(DELETE, "/api/classes/{id}/students/{student}/leaving", null, schoolClass, student);
        add(
                POST,
                "/api/classes/{id}/moves",
                Map.of("students", List.of(student), "to", newClass(owner).id()),
                schoolClass);
        add(
                POST,
                "/api/classes/{id}/promotion",
                Map.of("students", List.of(student), "name", "9 Next", "band", "ADVANCED", "revision", 0),
                schoolClass);
        add(GET, "/api/progress/students/{student}/archive", null, student);
        add(DELETE, "/api/classes/{id}/students/{student}", null, schoolClass, student);
        add(DELETE, "/api/classes/{id}", null, schoolClass);
    }

    private static Map<String, Object> scale() {
        List<Map<String, Integer>> steps =
                IntStream.range(0, 5).mapToObj(level -> Map.of("value", level)).toList();
        return Map.of("scale", Map.of("weights", Map.of(), "steps", steps));
    }

    /** A class that met on the first Tuesday of September 2026, with a lesson. */
    private void course(UUID schoolClass) {
        Map<String, Object> calendar = Map.of(
                "term", Map.of("from", "2026-08-31", "to", "2026-12-18"),
                "slots", List.of(Map.of("day", "TUESDAY", "starts", "11:05", "minutes", 50)));
        UUID lessonId = UUID.randomUUID();
        Map<String, Object> lesson = Map.of("id", lessonId, "title", "Scale", "sheets", List.of(run.sheet()));
        Map<String, Object> course = Map.of("course", Map.of("lessons", List.of(lesson)));
        Map<String, Object> log = Map.of("period", "2026-09-01T11:05:00", "outcome", "DONE");
        assertThat(put(owner, "/api/classes/{id}/calendar", Map.of("calendar", calendar), schoolClass))
                .hasStatusOk();
        assertThat(put(owner, "/api/courses/{class}", course, schoolClass)).hasStatusOk();
        assertThat(post(owner, "/api/courses/{class}/log", log, schoolClass)).hasStatusOk();
        UUID paper = as(owner, () -> kit.papers().get(0).id());
        add(PUT, "/api/classes/{id}/calendar", Map.of("calendar", calendar), schoolClass);
        add(PUT, "/api/courses/{schoolClass}", course, schoolClass);
        add(GET, "/api/courses/{schoolClass}/outline", null, schoolClass);
        add(GET, "/api/courses/{schoolClass}/calendar.ics", null, schoolClass);
        add(POST, "/api/courses/{schoolClass}/log", log, schoolClass);
        add(DELETE, "/api/courses/{schoolClass}/log/{period}", null, schoolClass, "2026-09-01T11:05:00");
        add(GET, "/api/courses/{schoolClass}/term.pdf", null, schoolClass);
        add(GET, "/api/courses/{schoolClass}/lessons/{lesson}/plan.pdf", null, schoolClass, lessonId);
        add(GET, "/api/courses/{schoolClass}/lessons/{lesson}/rota", null, schoolClass, lessonId);
        add(GET, "/api/courses/{schoolClass}/lessons/{lesson}/rota.pdf", null, schoolClass, lessonId);
        add(GET, "/api/show/lessons/{schoolClass}/{lesson}", null, schoolClass, lessonId);
        add(GET, "/api/show/sheets/{id}", null, run.sheet());
        ById papers = add(GET, "/api/today/papers.pdf", null);
        papers.with("schoolClass", schoolClass.toString());
        papers.with("period", "2026-09-01T11:05:00");
        add(
                POST,
                "/api/courses/{schoolClass}/lessons",
                Map.of("kind", "layer-ladder", "at", 0, "paper", paper),
                schoolClass);
        add(POST, "/api/courses/{schoolClass}/outline", Map.of("outline", "first-steps", "paper", paper), schoolClass);
        add(POST, "/api/courses/{schoolClass}/copy", Map.of("of", schoolClass), schoolClass);
        add(
                POST,
                "/api/courses/{schoolClass}/outline-file",
                Map.of("text", content(get(owner, "/api/courses/" + schoolClass + "/outline")), "paper", paper),
                schoolClass);
    }

    /** A picture to draw from. */
    private void project() {
        byte[] picture;
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(HarbourFind.MUSSEL.picture(300, 1), "png", out);
            picture = out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Projects.ProjectInfo made = as(owner, () -> projects.create("Shell", null, Rights.OWN_PHOTO, "", picture));
        Map<String, Object> settings = json.convertValue(made.settings(), new TypeReference<>() {});
        settings.values().removeIf(v -> v == null || List.of().equals(v));
        for (String measured : List.of("reference.png", "values.png", "values", "zones", "zones/glaze", "focus")) {
            ById asked = add(GET, "/api/projects/{id}/" + measured, null, made.id());
            settings.forEach((name, value) -> asked.with(name, String.valueOf(value)));
        }
        ById colours = add(GET, "/api/projects/{id}/zones/{number}/colours", null, made.id(), 1);
        settings.forEach((name, value) -> colours.with(name, String.valueOf(value)));
        ById sessions = add(GET, "/api/projects/{id}/sessions.pdf", null, made.id());
        sessions.with("paper", "A4");
        sessions.with("minutes", "45");
        add(GET, "/api/projects/{id}/sessions", null, made.id()).with("minutes", "45");
        add(GET, "/api/projects/{id}/zones/plan.pdf", null, made.id()).with("paper", "A4");
        add(GET, "/api/projects/{id}/keeping.pdf", null, made.id()).with("paper", "A4");
        ById guide = add(GET, "/api/projects/{id}/guide.pdf", null, made.id());
        guide.with("paper", "A4");
        guide.with("lines", "GRID");
        guide.with("outlines", "true");
        ById finished = add(GET, "/api/projects/{id}/finished.png", null, made.id());
        settings.forEach((name, value) -> finished.with(name, String.valueOf(value)));
        finished.with("seen", "VALUES");
        add(GET, "/api/projects/{id}/pieces", null, made.id());
        ById own = add(POST, "/api/projects/{id}/own", picture, made.id());
        own.with("student", UUID.randomUUID());
        own.with("rights", "OWN_PHOTO");
        add(POST, "/api/projects/{id}/sheet", Map.of("paper", "A4"), made.id());
        add(GET, "/api/projects/{id}", null, made.id());
        add(PUT, "/api/projects/{id}", Map.of("title", "Shell", "settings", settings), made.id());
        add(DELETE, "/api/projects/{id}", null, made.id());
    }

    /** A chart of two pencils that was filled, read and fitted. */
    private void chart() {
        UUID paper = as(owner, () -> kit.papers().get(0).id());
        List<UUID> two = as(
                owner,
                () -> kit.pencils().stream()
                        .filter(p -> List.of("S07", "S16").contains(p.pencil().code()))
                        .map(KitPencil::id)
                        .toList());
        UUID set = created(owner, "/api/kit/sets", Map.of("name", "Two", "pencils", two, "users", List.of()));
        UUID chart = created(owner, "/api/charts", Map.of("set", set, "paper", paper, "pageSize", "A4", "copies", 1));
        UUID scanned = upload(owner, "chart.jpg", as(owner, () -> ChartPen.filled(charts, chart, 1, 1)))
                .get(0);
        awaitRead(owner, scanned);
        await().untilAsserted(() -> assertThat(get(owner, "/api/charts/{id}/export?format=CSV", chart))
                .hasStatusOk());
        add(GET, "/api/charts/{id}", null, chart);
        add(GET, "/api/charts/{id}/pdf", null, chart);
        add(GET, "/api/charts/{id}/export", null, chart).with("format", "CSV");
        add(GET, "/api/charts/{id}/pages/{number}/picture", null, chart, 1);
        add(POST, "/api/charts/{id}/taking", Map.of("pencils", List.of(), "paper", false), chart);
        add(DELETE, "/api/charts/{id}", null, chart);
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
                Map.entry("extra", 1),
                Map.entry("leadMm", 170));
        Map<String, Object> swatch = Map.of("grade", "FULL", "passes", 2, "lab", lab);
        add(PUT, "/api/kit/pencils/{id}", anyPencil, pencil.id());
        add(GET, "/api/kit/pencils/{id}/swatch.png", null, pencil.id()).with("paper", paper);
        add(POST, "/api/kit/pencils/{id}/copies", Map.of("copies", 3), pencil.id());
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
        add(POST, "/api/kit/pencils/{id}/lead", Map.of("leadMm", 45), pencil.id());
        add(DELETE, "/api/kit/pencils/{id}", null, pencil.id());
        add(
                PUT,
                "/api/bench/stacks/{id}",
                Map.of("name", "Sea", "note", "", "version", 0, "stack", Map.of("paper", paper, "layers", List.of())),
                stack);
        add(GET, "/api/show/stacks/{id}", null, stack);
        add(DELETE, "/api/bench/stacks/{id}", null, stack);
    }

    private ById add(HttpMethod method, String path, Object body, Object... ids) {
        ById rule = new ById(method, path, body, new LinkedHashMap<>(), ids);
        byId.put(method + " " + path, rule);
        return rule;
    }

    protected MvcTestResult send(SignedIn teacher, ById rule) {
        boolean looks = rule.method() == HttpMethod.PUT
                || rule.path().endsWith("/lessons")
                || rule.path().contains("/returns/pages/");
        Object body = looks ? asSeen(owner, rule.path(), rule.body(), rule.ids()) : rule.body();
        return sendAsIs(teacher, new ById(rule.method(), rule.path(), body, rule.query(), rule.ids()));
    }

    /** Without what the interface would have seen before. */
    protected MvcTestResult sendAsIs(SignedIn teacher, ById rule) {
        if (rule.body() instanceof byte[] file) {
            var sent = MockMvcRequestBuilders.multipart(rule.path(), rule.ids()).file("file", file);
            rule.query().forEach((name, value) -> sent.queryParam(name, value.toString()));
            return send(teacher, sent);
        }
        var request = MockMvcRequestBuilders.request(rule.method(), rule.path(), rule.ids());
        rule.query().forEach((name, value) -> request.queryParam(name, value.toString()));
        if (rule.body() != null) {
            request.contentType(MediaType.APPLICATION_JSON)
                    .content(rule.body() instanceof String written ? written : json.writeValueAsString(rule.body()));
        }
        return send(teacher, request);
    }

    protected Map<String, Object> sheetRequest(SignedIn teacher) {
        return Map.of("data", as(teacher, () -> scale("S07", 5, 20)));
    }
}
