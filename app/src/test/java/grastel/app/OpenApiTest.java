package grastel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.ActiveProfiles;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;

/**
 * The description that the interface's types are made from is the one the code gives. Where they differ: run the test with
 * {@code -Dopenapi.update=true}, then {@code npm run api} in web/.
 */
@ActiveProfiles("demo")
class OpenApiTest extends ApplicationTest {
    private static final Path KEPT = Path.of("..", "web", "openapi.json");

    @Test
    void keptDescriptionIsTheCodes() throws IOException {
        JsonNode now = json.readTree(content(get(newTeacher(), "/v3/api-docs")));
        if (Boolean.getBoolean("openapi.update")) {
            Files.writeString(
                    KEPT, json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(now) + "\n");
        }

        assertThat(json.readTree(Files.readString(KEPT))).isEqualTo(now);
    }
}
