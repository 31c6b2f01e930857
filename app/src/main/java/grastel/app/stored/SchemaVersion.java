package grastel.app.stored;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * How something is kept as JSON: {@code {"shape": 2, "kept": …}}. The first shape stood alone, without its number.
 *
 * @param <T> what it is
 */
final class SchemaVersion<T> {
    private static final String NUMBER = "shape";
    private static final String KEPT = "kept";

    private final JsonMapper json;
    private final String name;
    private final JavaType type;
    /** What stands within the rest. */
    private final ObjectReader within;

    private final List<UnaryOperator<JsonNode>> steps;

    /**
     * @param name for errors
     * @param steps what makes the second shape of the first, the third of the second …
     */
    SchemaVersion(JsonMapper json, String name, JavaType type, List<UnaryOperator<JsonNode>> steps) {
        this.json = json;
        this.name = name;
        this.type = type;
        this.within = json.readerFor(type).without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        this.steps = List.copyOf(steps);
    }

    /** The number of the shape that is written now. */
    private int now() {
        return 1 + steps.size();
    }

    String write(T value) {
        return "{\"" + NUMBER + "\":" + now() + ",\"" + KEPT + "\":"
                + json.writerFor(type).writeValueAsString(value) + "}";
    }

    T read(String text) {
        try (JsonParser in = json.createParser(text)) {
            return isOfNow(in) ? within.readValue(in) : json.treeToValue(upgraded(json.readTree(text)), type);
        }
    }

    /** True where the shape of now follows. */
    private boolean isOfNow(JsonParser in) {
        return in.nextToken() == JsonToken.START_OBJECT
                && NUMBER.equals(in.nextName())
                && in.nextIntValue(0) == now()
                && KEPT.equals(in.nextName())
                && in.nextToken() != null;
    }

    private JsonNode upgraded(JsonNode found) {
        boolean numbered = found.has(NUMBER) && found.has(KEPT);
        int number = numbered ? found.get(NUMBER).asInt() : 1;
        if (number < 1 || number > now()) {
            throw new UnknownShapeException(name, number, now());
        }
        JsonNode kept = numbered ? found.get(KEPT) : found;
        for (UnaryOperator<JsonNode> step : steps.subList(number - 1, steps.size())) {
            kept = step.apply(kept);
        }
        return kept;
    }
}
