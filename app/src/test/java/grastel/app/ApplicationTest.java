package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.jayway.jsonpath.JsonPath;
import grastel.app.account.Accounts;
import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.SheetPapers;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.junit.jupiter.api.Tag;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.json.JsonMapper;

/** A running application with a database of its own, and teachers to try it with. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("test")
@Tag("app")
public abstract class ApplicationTest {
    /** No measure: what takes longer on a machine with much else to do is not there. */
    protected static final Duration PATIENCE = Duration.ofMinutes(5);

    /** Fine enough for {@link #scan}, which sees no more. */
    private static final double DRAWN_PX_PER_MM = 6;

    protected static final String PASSWORD = "gannet-quarry-umbrella-nine";

    @Autowired
    protected MockMvcTester mvc;

    @Autowired
    protected JsonMapper json;

    @Autowired
    protected Accounts accounts;

    @Autowired
    protected Classes classes;

    @Autowired
    protected Kit kit;

    @Autowired
    protected Sheets sheets;

    @Autowired
    protected Printings printings;

    @Autowired
    protected SheetPapers papers;

    @Autowired
    protected Returns returns;

    @Autowired
    protected JdbcTemplate jdbc;

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry properties) {
        TestDatabase.fresh(properties);
        properties.add("grastel.warm-up", () -> false);
        properties.add("spring.jpa.hibernate.ddl-auto", () -> "validate");
    }

    protected SignedIn newTeacher() {
        return accounts.join("teacher-" + UUID.randomUUID(), "A Teacher", PASSWORD);
    }

    /** One who looks after the installation. */
    protected SignedIn administrator() {
        SignedIn teacher = newTeacher();
        jdbc.update("update teacher set administrator = true where id = ?", teacher.id());
        return teacher;
    }

    protected <T> T as(SignedIn teacher, Supplier<T> task) {
        return Ownership.as(teacher.id(), task);
    }

    /** A class of three with a printed pressure scale of five boxes. */
    protected RunInfo printed(SignedIn teacher) {
        return as(teacher, () -> {
            UUID sheet = sheets.create(null, scale("S07", 5, 20)).id();
            return printings.print(sheet, newClass(teacher).id());
        });
    }

    protected Classes.ClassInfo newClass(SignedIn teacher) {
        return as(
                teacher,
                () -> classes.create(
                        "8 " + UUID.randomUUID().toString().substring(0, 6),
                        GradeBand.DEVELOPING,
                        List.of("Amara Diallo", "Björn Sæther", "Nguyễn Minh Anh"),
                        CalendarData.NONE));
    }

    /** A printing for a new class whose students have two pages each: families of tint, hue and shade. */
    protected List<PageInfo> onTwoPages(SignedIn teacher) {
        UUID schoolClass = newClass(teacher).id();
        return as(teacher, () -> {
            SheetData data =
                    SheetData.of(paper("Harbour Cartridge"), "tint-hue-shade", Map.of("boxMm", ValueData.of(28.0)));
            return printings.pages(printings
                    .print(sheets.create("Families", data).id(), schoolClass)
                    .id());
        });
    }

    /** A pressure scale on cartridge. Call as a teacher. */
    protected SheetData scale(String pencilCode, int steps, double boxMm) {
        UUID pencil = kit.pencils().stream()
                .filter(p -> p.pencil().code().equals(pencilCode))
                .findFirst()
                .orElseThrow()
                .id();
        return SheetData.of(
                paper("Harbour Cartridge"),
                PressureScale.ID,
                Map.of(
                        "pencil", ValueData.of(pencil),
                        "steps", ValueData.of(steps),
                        "boxMm", ValueData.of(boxMm)));
    }

    /** The paper that most sheets of the tests are on. */
    protected UUID cartridge(SignedIn teacher) {
        return as(teacher, () -> paper("Harbour Cartridge"));
    }

    /** A paper of the kit. Call as a teacher. */
    protected UUID paper(String name) {
        return kit.papers().stream()
                .filter(p -> p.paper().name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** The page of a run that a student had. @param student in the order of the class, from 0 */
    protected UUID printedPage(SignedIn teacher, UUID run, int student) {
        return as(teacher, () -> printings.pages(run)).get(student).id();
    }

    /** A page, drawn, scanned, read and confirmed as proposed. */
    protected UUID confirmed(SignedIn teacher, UUID printed, Hand hand, long seed) {
        UUID page = upload(teacher, "scan-" + seed + ".jpg", scan(teacher, printed, hand, seed))
                .get(0);
        String detail = awaitRead(teacher, page);
        assertThat(JsonPath.<String>read(detail, "$.row.state")).as(detail).isEqualTo("READ");
        MvcTestResult answer =
                post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page);
        assertThat(answer).as(content(answer)).hasStatusOk();
        return page;
    }

    /** A page of a run, drawn by a hand and scanned at 150 dpi. */
    protected byte[] scan(SignedIn teacher, UUID printedPage, Hand hand, long seed) {
        return as(teacher, () -> {
            Printings.PrintedSheet sheet = printings.printed(printedPage);
            ScanConditions conditions = new ScanConditions(150, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);
            return new SimulatedScanner(sheet.paper(), DRAWN_PX_PER_MM)
                    .file(
                            sheet.layout(),
                            FieldTask.of(sheet.plan(), sheet.layout()),
                            sheet.plan().palette(),
                            hand,
                            conditions,
                            seed);
        });
    }

    /** Posts and gives the id of what was made. */
    protected UUID created(SignedIn teacher, String path, Object body) {
        MvcTestResult answer = post(teacher, path, body);
        assertThat(answer).hasStatus(201);
        return UUID.fromString(JsonPath.read(content(answer), "$.id"));
    }

    protected MvcTestResult get(SignedIn teacher, String path, Object... variables) {
        return send(teacher, MockMvcRequestBuilders.get(path, variables));
    }

    protected MvcTestResult post(SignedIn teacher, String path, Object body, Object... variables) {
        return send(
                teacher,
                json(MockMvcRequestBuilders.post(path, variables), asSeenIfPosted(teacher, path, body, variables)));
    }

    protected MvcTestResult put(SignedIn teacher, String path, Object body, Object... variables) {
        return send(teacher, json(MockMvcRequestBuilders.put(path, variables), asSeen(teacher, path, body, variables)));
    }

    private Object asSeenIfPosted(SignedIn teacher, String path, Object body, Object... variables) {
        boolean changes = path.endsWith("/lessons") || path.contains("/returns/pages/");
        return changes ? asSeen(teacher, path, body, variables) : body;
    }

    /** Where the state of what a request changes is told, and how it is found there by its id. */
    private record State(String changed, String told, String found, String field) {}

    private static final List<State> STATES = List.of(
            new State("/api/courses/[^/]+", "/api/courses", "$.lanes[?(@.schoolClass == '%s')].revision", "revision"),
            new State(
                    "/api/courses/[^/]+/lessons",
                    "/api/courses",
                    "$.lanes[?(@.schoolClass == '%s')].revision",
                    "revision"),
            new State(
                    "/api/classes/[^/]+(/calendar|/method|/readiness|/thresholds)?",
                    "/api/classes",
                    "$[?(@.id == '%s')].revision",
                    "revision"),
            new State("/api/sheets/[^/]+", "/api/sheets", "$[?(@.id == '%s')].revision", "revision"),
            new State("/api/projects/[^/]+", "/api/projects", "$[?(@.id == '%s')].revision", "revision"),
            new State("/api/kit/(pencils|papers|sets)/[^/]+", "/api/kit", "$..[?(@.id == '%s')].revision", "revision"),
            new State(
                    "/api/progress/classes/[^/]+/marks", "/api/progress/classes/{id}/marks", "$..revision", "revision"),
            new State("/api/bench/stacks/[^/]+", "/api/bench/stacks", "$[?(@.id == '%s')].version", "version"));

    /** As the interface does: who changes something has looked at it just before, unless the test says what was seen. */
    protected Object asSeen(SignedIn teacher, String path, Object body, Object... variables) {
        if (!(body == null || body instanceof Map<?, ?>) || teacher == null || variables.length == 0) {
            return body;
        }
        Map<Object, Object> filled = new HashMap<>(body == null ? Map.of() : (Map<?, ?>) body);
        if (filled.containsKey("seen") || filled.containsKey("revision") || filled.containsKey("version")) {
            return body;
        }
        if (path.matches(".*/returns/pages/.*/(confirmation|reopening|note)")) {
            String page = content(get(teacher, path.substring(0, path.lastIndexOf('/')), variables));
            String seen = path.endsWith("/note") ? "$.note" : "$.row.seen";
            filled.putIfAbsent("seen", page.contains("\"seen\"") ? JsonPath.read(page, seen) : "");
            return filled;
        }
        for (State state : STATES) {
            if (path.matches(state.changed())) {
                String told = content(
                        state.told().contains("{")
                                ? get(teacher, state.told(), variables[0])
                                : get(teacher, state.told()));
                List<Integer> found = told.contains("evision") || told.contains("ersion")
                        ? JsonPath.read(told, String.format(state.found(), variables[0]))
                        : List.of();
                filled.putIfAbsent(state.field(), found.isEmpty() ? 0 : found.get(0));
                return filled;
            }
        }
        return body;
    }

    protected MvcTestResult send(SignedIn teacher, AbstractMockHttpServletRequestBuilder<?> request) {
        if (teacher != null) {
            request.with(authentication(UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of())));
        }
        return mvc.perform(request.with(csrf()));
    }

    private AbstractMockHttpServletRequestBuilder<?> json(
            AbstractMockHttpServletRequestBuilder<?> request, Object body) {
        return request.contentType(MediaType.APPLICATION_JSON).content(json.writeValueAsString(body));
    }

    /** Sends a file in and gives the ids of its pages. */
    protected List<UUID> upload(SignedIn teacher, String name, byte[] file) {
        MvcTestResult answer = uploadAll(teacher, new MockMultipartFile("files", name, null, file));
        assertThat(answer).hasStatusOk();
        Integer taken = JsonPath.read(content(answer), "$[0].pages");
        assertThat(taken).as(content(answer)).isPositive();
        return jdbc.queryForList("""
                select id from returned_page where file_id =
                    (select id from scan_file where owner_id = ? order by created_at desc limit 1)
                order by page_index
                """, UUID.class, teacher.id());
    }

    protected MvcTestResult uploadAll(SignedIn teacher, MockMultipartFile... files) {
        var request = MockMvcRequestBuilders.multipart("/api/returns");
        for (MockMultipartFile file : files) {
            request.file(file);
        }
        return send(teacher, request);
    }

    /** Waits until a page has been read, or could not be; gives its detail. */
    protected String awaitRead(SignedIn teacher, UUID page) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < end) {
            String detail = content(get(teacher, "/api/returns/pages/{id}", page));
            String state = JsonPath.read(detail, "$.row.state");
            if (!state.equals("QUEUED") && !state.equals("READING")) {
                return detail;
            }
            LockSupport.parkNanos(50_000_000);
        }
        throw new AssertionError("Page " + page + " was not read in " + PATIENCE);
    }

    protected static void until(BooleanSupplier condition) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!condition.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited " + PATIENCE).isLessThan(end);
            LockSupport.parkNanos(10_000_000);
        }
    }

    protected static String content(MvcTestResult answer) {
        return new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }
}
