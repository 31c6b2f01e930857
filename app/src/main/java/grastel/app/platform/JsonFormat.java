package grastel.app.platform;

import static grastel.core.words.Words.say;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import grastel.app.platform.ApiProblem.FieldProblem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A documented JSON format: text is taken only where its version is known and its schema holds.
 *
 * @param <T> what it becomes
 */
public final class JsonFormat<T> {
    private static final int MOST_PROBLEMS = 20;

    private final JsonMapper json;
    private final Class<T> type;
    private final String path;
    private final String name;
    private final String versionField;
    private final int version;
    private final Schema schema;

    /**
     * @param schema name of its resource beside {@code type}
     * @param path what a request calls it
     * @param name what people call it, with its article
     * @param versionField the field that names the format and holds its version
     */
    public JsonFormat(
            JsonMapper json, Class<T> type, String schema, String path, String name, String versionField, int version) {
        this.json = json;
        this.type = type;
        this.path = path;
        this.name = name;
        this.versionField = versionField;
        this.version = version;
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(resource(type, schema));
    }

    public String written(T value) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }

    /** @throws ApiProblem naming every place where the text is none of this format */
    public T parsed(String text) {
        JsonNode found;
        try {
            found = json.readTree(text).path(versionField);
        } catch (JacksonException e) {
            throw ApiProblem.invalid(path, "NOT_JSON", notJson(e));
        }
        if (found.isNumber() && found.asInt() != version) {
            throw ApiProblem.invalid(
                    path, "UNKNOWN_VERSION", say("problem.this-is-of-version", path, found.asInt(), version));
        }
        List<FieldProblem> problems = schema.validate(text, InputFormat.JSON).stream()
                .limit(MOST_PROBLEMS)
                .map(e -> new FieldProblem(path + e.getInstanceLocation(), "SCHEMA", words(e)))
                .toList();
        if (!problems.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "INVALID",
                    say("problem.this-is-not", name, problems.get(0).message()),
                    problems);
        }
        return json.readValue(text, type);
    }

    private static String notJson(JacksonException problem) {
        TokenStreamLocation at = problem.getLocation();
        return at == null || at.getLineNr() < 1
                ? say("problem.this-is-not-json")
                : say("problem.this-is-not-json-at", at.getLineNr(), at.getColumnNr());
    }

    /** What is wrong at a place of the text, without the words of whoever checks it. */
    private static String words(com.networknt.schema.Error error) {
        String place = error.getInstanceLocation().toString();
        String at = place.isEmpty() ? say("problem.the-top-level") : place;
        String keyword = String.valueOf(error.getKeyword());
        Object first = error.getArguments() == null || error.getArguments().length == 0 ? "" : error.getArguments()[0];
        return switch (keyword) {
            case "required" -> say("problem.schema-required", at, error.getProperty());
            case "additionalProperties", "unevaluatedProperties" ->
                say("problem.schema-unknown", at, error.getProperty());
            case "type" -> say("problem.schema-type", at);
            case "enum", "const" -> say("problem.schema-choice", at);
            case "minimum", "maximum", "exclusiveMinimum", "exclusiveMaximum" ->
                say("problem.schema-range", at, String.valueOf(first));
            case "minLength", "maxLength", "minItems", "maxItems", "pattern" -> say("problem.schema-length", at);
            default -> say("problem.schema-other", at);
        };
    }

    /** A text that ships beside a class. */
    public static String resource(Class<?> beside, String name) {
        try (InputStream in = Objects.requireNonNull(beside.getResourceAsStream(name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
