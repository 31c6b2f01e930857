package grastel.app.course.outlines;

import static grastel.core.words.Words.say;

import grastel.app.platform.JsonFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Outlines as files: those that ship, and those that teachers give one another. */
@Component
class OutlineFiles {
    private static final List<String> SHIPPED = List.of("first-steps", "colour-in-depth", "one-thing-from-the-harbour");

    private final JsonFormat<Outline> format;
    private final Map<String, Outline> shipped = new LinkedHashMap<>();

    OutlineFiles(JsonMapper json) {
        format = new JsonFormat<>(
                json,
                Outline.class,
                "outline.schema.json",
                "outline",
                say("thing.an-outline"),
                "grastelOutline",
                Outline.VERSION);
        SHIPPED.forEach(id -> shipped.put(id, format.parsed(JsonFormat.resource(Outline.class, id + ".json"))));
    }

    /** By id, in the order they build on one another. */
    Map<String, Outline> shipped() {
        return shipped;
    }

    String written(Outline outline) {
        return format.written(outline);
    }

    Outline parsed(String text) {
        return format.parsed(text);
    }
}
