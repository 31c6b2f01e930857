package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Every request with every part of its body taken away or made wrong, one at a time: told, never failed on. */
class MutilatedRequestsTest extends EveryEndpoint {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
    private static final List<JsonNode> WRONG = List.of(
            MAKE.nullNode(),
            MAKE.stringNode(""),
            MAKE.stringNode("İ".repeat(80)),
            MAKE.stringNode("x\u0000y"),
            MAKE.numberNode(-1),
            MAKE.numberNode(1e308),
            MAKE.booleanNode(true),
            MAKE.arrayNode(),
            MAKE.arrayNode().addNull(),
            MAKE.objectNode());

    /** Requests without an id in their address. */
    private Map<String, Object> others() {
        UUID pencil = as(owner, () -> kit.pencils().get(5).id());
        UUID paper = as(owner, () -> kit.papers().get(0).id());
        Map<String, Object> layer = Map.of(
                "kind", "COLOUR", "pencil", pencil, "pressure", 0.4, "point", 0.7, "stroke", "CIRCLES", "passes", 1);
        Map<String, Object> stack = Map.of(
                "paper",
                paper,
                "under",
                Map.of("kind", "MARKER", "colour", "#808080", "strength", 0.5),
                "layers",
                List.of(layer));
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("/api/account/session", Map.of("name", "nobody.here", "password", "not-this-one-at-all"));
        all.put("/api/classes", Map.of("name", "9 Plover", "band", "ADVANCED", "names", "Ana\nUgo"));
        all.put("/api/sheets/preview", sheetRequest(owner));
        all.put("/api/sheets", sheetRequest(owner));
        all.put(
                "/api/sheets/method-effect",
                Map.of("schoolClass", run.schoolClass(), "schools", List.of("DARKS_FIRST")));
        all.put("/api/bench/look", Map.of("stack", stack, "steps", 5, "goal", Map.of("l", 50, "a", 0, "b", 0)));
        all.put("/api/bench/what-if", Map.of("stack", stack, "steps", 5));
        all.put(
                "/api/bench/recipes",
                Map.of(
                        "stack",
                        stack,
                        "goal",
                        Map.of("l", 50, "a", 0, "b", 0),
                        "closeness",
                        "COLOUR",
                        "mostLayers",
                        1));
        all.put("/api/bench/stacks", Map.of("name", "Sky", "note", "", "stack", stack));
        all.put(
                "/api/kit/sets",
                Map.of(
                        "name",
                        "Ten",
                        "pencils",
                        List.of(pencil),
                        "users",
                        List.of(Map.of("schoolClass", run.schoolClass(), "howMany", 3))));
        all.put("/api/returns/phrases", Map.of("words", "Sharpen."));
        all.put("/api/returns/phone-links", Map.of("schoolClass", run.schoolClass(), "origin", "http://10.0.0.7:8080"));
        return all;
    }

    @Test
    void nothingSentMakesItFail() {
        List<ById> rules = new ArrayList<>(byId.values().stream()
                .filter(r -> r.body() != null && !(r.body() instanceof byte[]) && r.method() != HttpMethod.DELETE)
                .toList());
        others().forEach((path, body) -> rules.add(new ById(HttpMethod.POST, path, body, new LinkedHashMap<>())));
        List<String> failed = new ArrayList<>();
        int sent = 0;
        for (ById rule : rules) {
            for (String body : mutilated(json.valueToTree(rule.body()))) {
                int status = send(owner, new ById(rule.method(), rule.path(), body, rule.query(), rule.ids()))
                        .getResponse()
                        .getStatus();
                sent++;
                if (status >= 500) {
                    failed.add(status + " " + rule.method() + " " + rule.path() + " " + body);
                }
            }
        }
        assertThat(failed).as("of %d requests", sent).isEmpty();
        assertThat(sent).isGreaterThan(1000);
    }

    /** The body with one part missing or wrong, for every part and every wrong. */
    private static List<String> mutilated(JsonNode body) {
        List<String> all = new ArrayList<>();
        for (JsonNode wrong : WRONG) {
            all.add(wrong.toString());
        }
        at(body, body, all);
        return all;
    }

    private static void at(JsonNode whole, JsonNode here, List<String> all) {
        if (here instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                JsonNode was = object.get(name);
                each(wrong -> object.set(name, wrong), whole, all);
                object.remove(name);
                all.add(whole.toString());
                object.set(name, was);
                at(whole, was, all);
            }
        } else if (here instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int place = i;
                JsonNode was = array.get(i);
                each(wrong -> array.set(place, wrong), whole, all);
                array.set(i, was);
                at(whole, was, all);
            }
        }
    }

    private static void each(Consumer<JsonNode> put, JsonNode whole, List<String> all) {
        for (JsonNode wrong : WRONG) {
            put.accept(wrong);
            all.add(whole.toString());
        }
    }
}
