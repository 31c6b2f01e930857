package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.classes.Classes;
import grastel.core.scanner.hand.Hand;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Two people, or one in two windows, do things at the same moment: nothing is lost, and whoever came too late is told. */
@Tag("database")
class RacesTest extends EveryEndpoint {
    private static final int PAIRS = Integer.getInteger("grastel.pairs", 30);
    private static final int ROUNDS = Boolean.getBoolean("grastel.soak") ? 20 : 5;

    private static int status(MvcTestResult answer) {
        return answer.getResponse().getStatus();
    }

    @Test
    void everyChangeSentTwiceAtTheSameMomentIsAnsweredInWords() throws Exception {
        List<String> failed = new ArrayList<>();
        for (ById rule : byId.values()) {
            if (rule.method() != HttpMethod.GET) {
                List<Integer> both = Together.run(2, i -> status(send(owner, rule)));
                if (both.stream().anyMatch(s -> s >= 500)) {
                    failed.add(rule.method() + " " + rule.path() + " " + both);
                }
            }
        }
        assertThat(failed).isEmpty();
    }

    @Test
    void everyPairOfChangesOfAPageLeavesItWhole() throws Exception {
        List<ById> ofPage = byId.values().stream()
                .filter(r -> r.method() != HttpMethod.GET && r.path().startsWith("/api/returns/pages/{id}"))
                .filter(r -> r.method() != HttpMethod.DELETE)
                .toList();
        List<String> failed = new ArrayList<>();
        for (ById one : ofPage) {
            for (ById other : ofPage) {
                // each with itself, with the next and with confirming; every pair in the whole run
                boolean usual = (ofPage.indexOf(one) + 1) % ofPage.size() == ofPage.indexOf(other)
                        || one == other
                        || other.path().endsWith("/confirmation");
                if (!usual && !Boolean.getBoolean("grastel.soak")) {
                    continue;
                }
                awaitRead(owner, page);
                List<Integer> both = Together.run(2, i -> status(send(owner, i == 0 ? one : other)));
                String after = awaitRead(owner, page);
                boolean confirmed = JsonPath.read(after, "$.row.confirmed");
                String state = JsonPath.read(after, "$.row.state");
                List<Integer> levels = JsonPath.read(after, "$.goals[*].level");
                boolean whole = !confirmed || state.equals("READ") && !levels.isEmpty() && !levels.contains(null);
                if (!whole || both.stream().anyMatch(s -> s >= 500)) {
                    failed.add(one.path() + " with " + other.path() + ": " + both + ", " + state + ", confirmed "
                            + confirmed + ", levels " + levels);
                }
            }
        }
        assertThat(failed).isEmpty();
    }

    @Test
    void aNoteAndAConfirmationAtTheSameMomentAreBothKept() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String words = "Round " + round;
            post(owner, "/api/returns/pages/{id}/reopening", Map.of(), page);
            List<Integer> both = Together.run(
                    2,
                    i -> status(
                            i == 0
                                    ? put(owner, "/api/returns/pages/{id}/note", Map.of("note", words), page)
                                    : post(
                                            owner,
                                            "/api/returns/pages/{id}/confirmation",
                                            Map.of("changed", List.of()),
                                            page)));
            String after = content(get(owner, "/api/returns/pages/{id}", page));
            assertThat(both).containsOnly(200);
            assertThat(JsonPath.<String>read(after, "$.note")).isEqualTo(words);
            assertThat(JsonPath.<Boolean>read(after, "$.row.confirmed")).isTrue();
        }
    }

    /** Whoever comes second has not seen what the first wrote: told, with the words and the name, and nothing is lost. */
    @Test
    void ofTwoNotesOnTheSameStateOneIsSavedAndTheOtherToldOfIt() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String seen = JsonPath.read(content(get(owner, "/api/returns/pages/{id}", page)), "$.note");
            String words = "Round " + round + " by ";
            List<MvcTestResult> both = Together.run(
                    2, i -> put(owner, "/api/returns/pages/{id}/note", Map.of("note", words + i, "seen", seen), page));
            assertThat(both).extracting(RacesTest::status).containsExactlyInAnyOrder(200, 409);
            int first = status(both.get(0)) == 200 ? 0 : 1;
            assertThat(JsonPath.<String>read(content(get(owner, "/api/returns/pages/{id}", page)), "$.note"))
                    .isEqualTo(words + first);
            assertThat(content(both.get(1 - first))).contains(words + first).contains(owner.displayName());
        }
    }

    @Test
    void ofTwoConfirmationsOfTheSameStateOneIsSavedAndTheOtherToldOfIt() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            post(owner, "/api/returns/pages/{id}/reopening", Map.of(), page);
            String detail = content(get(owner, "/api/returns/pages/{id}", page));
            String seen = JsonPath.read(detail, "$.row.seen");
            String mark = JsonPath.read(detail, "$.goals[0].id");
            List<String> levels = List.of("BEGINNING", "BEYOND");
            List<MvcTestResult> both = Together.run(
                    2,
                    i -> post(
                            owner,
                            "/api/returns/pages/{id}/confirmation",
                            Map.of("seen", seen, "changed", List.of(Map.of("mark", mark, "level", levels.get(i)))),
                            page));
            assertThat(both).extracting(RacesTest::status).containsExactlyInAnyOrder(200, 409);
            int first = status(both.get(0)) == 200 ? 0 : 1;
            assertThat(JsonPath.<Integer>read(content(get(owner, "/api/returns/pages/{id}", page)), "$.goals[0].level"))
                    .isEqualTo(first == 0 ? 1 : 4);
            assertThat(content(both.get(1 - first)))
                    .contains("confirmed this page")
                    .contains(owner.displayName());
            assertThat(status(post(owner, "/api/returns/pages/{id}/reopening", Map.of("seen", seen), page)))
                    .as("a stale page cannot take it back")
                    .isEqualTo(409);
        }
    }

    @Test
    void aNoteWhileAPageIsReadKeepsItFromNothing() throws Exception {
        for (int round = 0; round < 6; round++) {
            post(owner, "/api/returns/pages/{id}/reopening", Map.of(), page);
            post(owner, "/api/returns/pages/{id}/again", Map.of(), page);
            for (int i = 0; i < 10; i++) {
                assertThat(put(owner, "/api/returns/pages/{id}/note", Map.of("note", "Note " + i), page))
                        .hasStatusOk();
            }
            String after = awaitRead(owner, page);
            assertThat(JsonPath.<String>read(after, "$.row.state")).isEqualTo("READ");
            assertThat(JsonPath.<String>read(after, "$.note")).isEqualTo("Note 9");
        }
    }

    @Test
    void editsOfAClassAtTheSameMomentDoNotMergeAndOneOnAnOldStateIsRefused() throws Exception {
        UUID schoolClass = run.schoolClass();
        List<Integer> answers =
                Together.run(8, i -> status(put(owner, "/api/classes/{id}/calendar", edit(i, null), schoolClass)));
        assertThat(answers).allMatch(s -> s == 200 || s == 409).contains(200);
        Classes.ClassInfo after = as(owner, () -> classes.one(schoolClass));
        int who = after.calendar().setUpMinutes();
        assertThat(after.calendar().slots()).as("those of %s alone", who).hasSize(who % 3 + 1);

        List<Integer> known = Together.run(
                8, i -> status(put(owner, "/api/classes/{id}/calendar", edit(i, after.revision()), schoolClass)));
        assertThat(known).containsOnlyOnce(200).filteredOn(s -> s != 200).containsOnly(409);
    }

    private static Map<String, Object> edit(int i, Integer revision) {
        List<Map<String, Object>> slots = new ArrayList<>();
        for (int p = 0; p <= i % 3; p++) {
            slots.add(Map.of("day", "MONDAY", "starts", "1" + p + ":00", "minutes", 50));
        }
        Map<String, Object> calendar = Map.of("slots", slots, "setUpMinutes", i);
        return revision == null ? Map.of("calendar", calendar) : Map.of("calendar", calendar, "revision", revision);
    }

    @Test
    void lessonsAddedAtTheSameMomentAreAllThere() throws Exception {
        UUID schoolClass = run.schoolClass();
        UUID paper = as(owner, () -> kit.papers().get(0).id());
        Map<String, Object> one = Map.of("kind", "layer-ladder", "at", 0, "paper", paper);
        assertThat(post(owner, "/api/courses/{class}/lessons", one, schoolClass))
                .hasStatusOk();
        String before = content(get(owner, "/api/courses"));
        List<Integer> answers =
                Together.run(5, i -> status(post(owner, "/api/courses/{class}/lessons", one, schoolClass)));
        assertThat(answers).allMatch(s -> s == 200 || s == 409);
        int added = (int) answers.stream().filter(s -> s == 200).count();
        assertThat(lessons(schoolClass)).as("none is lost").isEqualTo(lessons(before, schoolClass) + added);
    }

    private int lessons(UUID schoolClass) {
        return lessons(content(get(owner, "/api/courses")), schoolClass);
    }

    private static int lessons(String courses, UUID schoolClass) {
        return JsonPath.<List<?>>read(courses, "$.lanes[?(@.schoolClass == '" + schoolClass + "')].lessons[*]")
                .size();
    }

    @Test
    void aPeriodLoggedTwiceAtTheSameMomentIsLoggedOnce() throws Exception {
        UUID schoolClass = run.schoolClass();
        String key = "2026-09-01T11:05:00";
        List<Integer> answers = Together.run(
                6,
                i -> status(post(
                        owner,
                        "/api/courses/{class}/log",
                        Map.of("period", key, "outcome", i % 2 == 0 ? "DONE" : "DID_NOT_HAPPEN"),
                        schoolClass)));
        assertThat(answers).allMatch(s -> s == 200 || s == 409).contains(200);
        assertThat(jdbc.queryForObject(
                        "select count(*) from lesson_log where class_id = ?", Integer.class, schoolClass))
                .isEqualTo(1);
    }

    @Test
    void theSameMadeAtTheSameMomentIsThereOnce() throws Exception {
        Map<String, Object> newClass = Map.of("name", "9 Plover", "band", "ADVANCED", "names", "Ana");
        UUID pencil = as(owner, () -> kit.pencils().get(0).id());
        Map<String, Object> set = Map.of("name", "Ten", "pencils", List.of(pencil), "users", List.of());
        for (Map.Entry<String, Map<String, Object>> made :
                Map.of("/api/classes", newClass, "/api/kit/sets", set).entrySet()) {
            List<Integer> answers = Together.run(4, i -> status(post(owner, made.getKey(), made.getValue())));
            assertThat(answers)
                    .as(made.getKey())
                    .containsOnlyOnce(201)
                    .filteredOn(s -> s != 201)
                    .allMatch(s -> s == 409 || s == 422);
        }
        List<Integer> phrases =
                Together.run(4, i -> status(post(owner, "/api/returns/phrases", Map.of("words", "Circles."))));
        assertThat(phrases).containsOnly(200);

        byte[] file =
                scan(owner, as(owner, () -> printings.pages(run.id())).get(1).id(), Hand.EXACT, 5);
        List<String> outcomes =
                Together.run(4, i -> content(uploadAll(owner, new MockMultipartFile("files", "same.jpg", null, file))));
        assertThat(outcomes)
                .filteredOn(o -> JsonPath.<Integer>read(o, "$[0].pages") == 1)
                .hasSize(1);
        assertThat(outcomes)
                .filteredOn(o -> "ALREADY_HERE".equals(JsonPath.read(o, "$[0].problem")))
                .hasSize(3);
    }

    @Test
    void aPageThatIsDeletedTwiceIsGoneOnce() throws Exception {
        List<Integer> answers = Together.run(
                4,
                i -> status(send(
                        owner,
                        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(
                                "/api/returns/pages/{id}", page))));
        assertThat(answers).containsOnlyOnce(204).filteredOn(s -> s != 204).containsOnly(404);
        Set<String> left =
                new HashSet<>(jdbc.queryForList("select state from returned_page where id = ?", String.class, page));
        assertThat(left).isEmpty();
    }

    /** Changes that need not say what was seen, and why. Everything else that changes something must. */
    private static final Map<String, String> NEEDS_NO_STATE = Map.ofEntries(
            Map.entry("POST /api/account/.*|DELETE /api/account/.*|PUT /api/account/.*", "one's own session, or once"),
            Map.entry("DELETE .*", "what is deleted twice is gone once"),
            Map.entry("POST /api/demo/.*|POST /api/backups|POST /api/courses/feed", "makes something anew each time"),
            Map.entry(
                    "POST /api/(bench/(card.pdf|look|recipes|what-if|stacks)|charts(/lines)?|classes(/roster)?|projects|sheets"
                            + "|kit/(papers|pencils|sets|imports(/preview)?|meter))",
                    "computes, or makes something new"),
            Map.entry(
                    "POST /api/(sheets/(drawn-lines|method-effect|packs(/preview)?|preview|\\{id}/runs)"
                            + "|projects/\\{id}/(own|sheet)|progress/classes/\\{id}/(marks/preview|redo(/preview)?|reports.pdf))",
                    "computes, or makes something new"),
            Map.entry("POST /api/(returns|phone/\\{token}|returns/(phone-links|phrases))", "adds"),
            Map.entry("POST /api/classes/\\{id}/students|PUT /api/classes/\\{id}/shares", "adds, or names all it sets"),
            Map.entry(
                    "(POST /api/classes/\\{id}/moves|(POST|DELETE) /api/classes/\\{id}/students/\\{student}/leaving)",
                    "only who is in the class, or has left it, can go or come: of two the second is told"),
            Map.entry(
                    "POST /api/kit/.*/(calibration|copies|lead|readings|reach)|PUT /api/progress/classes/\\{id}/pressures",
                    "puts what was measured in place of what was measured before"),
            Map.entry(
                    "POST /api/courses/\\{schoolClass}/(beside|copy|log|next-lesson|outline|outline-file)",
                    "names the period or adds behind the last lesson"),
            Map.entry(
                    "POST /api/returns/pages/\\{id}/(again|cancellation|match|swap|rereading)",
                    "the page's own state lets only one of two pass"),
            Map.entry("POST /api/returns/runs/\\{run}/sure", "names the reading of each page"));

    @Test
    void everyChangeSaysWhatItWasMadeOnOrNeedsNotTo() throws Exception {
        JsonNode api = json.readTree(Files.readString(Path.of("..", "web", "openapi.json")));
        List<String> without = new ArrayList<>();
        api.get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String name = operation.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey();
                    String schema = operation
                            .getValue()
                            .at("/requestBody/content/application~1json/schema/$ref")
                            .asString("");
                    JsonNode properties = api.at(schema.replace("#", "") + "/properties");
                    boolean says = properties.has("revision") || properties.has("seen") || properties.has("version");
                    boolean exempt = NEEDS_NO_STATE.keySet().stream().anyMatch(name::matches);
                    if (!name.startsWith("GET ") && !says && !exempt) {
                        without.add(name);
                    }
                }));
        assertThat(without)
                .as("changes that do not say what was seen, and no reason why")
                .isEmpty();
    }

    /** Changes that must say what they were made on, each with what was seen just now. */
    private Map<ById, Map<?, ?>> changesOfAState() {
        Map<ById, Map<?, ?>> changes = new LinkedHashMap<>();
        for (ById rule : byId.values()) {
            if (rule.method() == HttpMethod.PUT
                    && rule.body() instanceof Map<?, ?> body
                    && asSeen(owner, rule.path(), body, rule.ids()) instanceof Map<?, ?> filled
                    && filled.size() > body.size()) {
                changes.put(rule, filled);
            }
        }
        return changes;
    }

    @Test
    void aChangeThatDoesNotSayWhatItWasMadeOnIsRefused() {
        List<String> taken = new ArrayList<>();
        for (ById rule : changesOfAState().keySet()) {
            int answer = status(sendAsIs(owner, rule));
            if (answer != 422 && answer != 428) {
                taken.add(rule.path() + " " + answer);
            }
        }
        assertThat(taken).isEmpty();
    }

    /** The same user in two windows, on one state: one change is taken, the other told. */
    @Test
    void ofTwoChangesOnOneStateOneIsTaken() throws Exception {
        List<String> wrong = new ArrayList<>();
        int taken = 0;
        for (ById rule : changesOfAState().keySet()) {
            Map<?, ?> seen = (Map<?, ?>) asSeen(owner, rule.path(), rule.body(), rule.ids());
            ById onOneState = new ById(rule.method(), rule.path(), seen, rule.query(), rule.ids());
            List<Integer> both = Together.run(2, i -> status(sendAsIs(owner, onOneState)));
            taken += both.contains(200) ? 1 : 0;
            // the same note twice is one note
            if (both.contains(200) && !both.contains(409) && !rule.path().endsWith("/note")) {
                wrong.add(rule.path() + " " + both);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(taken).as("changes that were made").isGreaterThanOrEqualTo(8);
    }

    /** Any two changes at the same moment: both are answered in words, and of two on one state at most one is taken. */
    @Test
    void pairsOfAnyChangesLoseNothing() throws Exception {
        Random random = new Random(Integer.getInteger("grastel.seed", 1));
        List<ById> changes = byId.values().stream()
                .filter(r -> r.method() != HttpMethod.GET && r.method() != HttpMethod.DELETE)
                .toList();
        List<ById> ofAState = List.copyOf(changesOfAState().keySet());
        List<String> failed = new ArrayList<>();
        int lost = 0;
        int told = 0;
        for (int pair = 0; pair < PAIRS; pair++) {
            if (pair % 2 == 0) {
                ById rule = ofAState.get(random.nextInt(ofAState.size()));
                Map<?, ?> seen = (Map<?, ?>) asSeen(owner, rule.path(), rule.body(), rule.ids());
                String words = "pair " + pair + " by ";
                boolean differ = NAMED.stream().anyMatch(seen::containsKey);
                List<Integer> both = Together.run(2, i -> status(sendAsIs(owner, named(rule, seen, words + i))));
                lost += differ && both.stream().allMatch(s -> s == 200) ? 1 : 0;
                told += both.contains(409) ? 1 : 0;
                failed.addAll(faults(rule.path(), both));
            } else {
                ById one = changes.get(random.nextInt(changes.size()));
                ById other = changes.get(random.nextInt(changes.size()));
                List<Integer> both = Together.run(2, i -> status(send(owner, i == 0 ? one : other)));
                failed.addAll(faults(one.path() + " with " + other.path(), both));
            }
        }
        if (Boolean.getBoolean("grastel.campaign")) {
            System.out.printf(
                    "races: %d pairs of %d endpoints | %d lost | %d answered 409 | %d answered 5xx%n",
                    PAIRS, changes.size(), lost, told, failed.size());
        }
        assertThat(failed).isEmpty();
        assertThat(lost).isZero();
    }

    /** What can be said otherwise by two: a change that says the same twice is one change. */
    private static final List<String> NAMED = List.of("name", "title", "note");

    private static ById named(ById rule, Map<?, ?> seen, String words) {
        Map<Object, Object> body = new LinkedHashMap<>(seen);
        NAMED.forEach(key -> body.computeIfPresent(key, (k, before) -> words));
        return new ById(rule.method(), rule.path(), body, rule.query(), rule.ids());
    }

    private static List<String> faults(String name, List<Integer> answers) {
        return answers.stream().anyMatch(s -> s >= 500) ? List.of(name + " " + answers) : List.of();
    }
}
