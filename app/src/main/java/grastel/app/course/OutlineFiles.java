package grastel.app.course;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Outlines as files: those that ship, and those that teachers give one another. */
@Component
class OutlineFiles {
    private static final List<String> SHIPPED = List.of("first-steps", "colour-in-depth", "one-thing-from-the-harbour");
    private static final int MOST_PROBLEMS = 20;

    private final JsonMapper json;
    private final Schema schema;
    private final Map<String, Outline> shipped = new LinkedHashMap<>();

    OutlineFiles(JsonMapper json) {
        this.json = json;
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(resource("outline.schema.json"));
        SHIPPED.forEach(id -> shipped.put(id, parsed(resource(id + ".json"))));
    }

    /** By id, in the order they build on one another. */
    Map<String, Outline> shipped() {
        return shipped;
    }

    String written(Outline outline) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(outline);
    }

    /** @throws ApiProblem naming every place where the text is not an outline */
    final Outline parsed(String text) {
        JsonNode version;
        try {
            version = json.readTree(text).path("grastelOutline");
        } catch (JacksonException e) {
            throw ApiProblem.invalid("outline", "NOT_JSON", "This is not JSON: " + e.getOriginalMessage());
        }
        if (version.isNumber() && version.asInt() != Outline.VERSION) {
            throw ApiProblem.invalid(
                    "outline",
                    "UNKNOWN_VERSION",
                    "This outline is of version " + version.asInt() + "; this Grastel reads version 1.");
        }
        List<FieldProblem> problems = schema.validate(text, InputFormat.JSON).stream()
                .limit(MOST_PROBLEMS)
                .map(e -> new FieldProblem(
                        "outline" + e.getInstanceLocation(), "SCHEMA", e.getInstanceLocation() + ": " + e.getMessage()))
                .toList();
        if (!problems.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "INVALID",
                    "This is not an outline: " + problems.get(0).message(),
                    problems);
        }
        return json.readValue(text, Outline.class);
    }

    private static String resource(String name) {
        try (InputStream in =
                Objects.requireNonNull(OutlineFiles.class.getResourceAsStream("/grastel/app/course/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
