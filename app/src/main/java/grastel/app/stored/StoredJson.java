package grastel.app.stored;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import grastel.core.reading.PageReading;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Plans with the pencils as they were, pages, and what was read of them, as JSON. Where a record of the core changes, the shape
 * that is kept changes only by a new number and a step from the one before; what the record can tell of itself is not kept.
 */
@Component
public class StoredJson {
    private final SchemaVersion<SheetPlan> plans;
    private final SchemaVersion<List<PageLayout>> pages;
    private final SchemaVersion<PageReading> readings;

    public StoredJson(JsonMapper base) {
        JsonMapper json = base.rebuild()
                .addModule(SpectrumJson.module())
                .addMixIn(GoalFields.class, GoalFieldsJson.class)
                .changeDefaultVisibility(v -> v.withIsGetterVisibility(Visibility.NONE))
                .build();
        plans = new SchemaVersion<>(
                json,
                "plan",
                json.constructType(SheetPlan.class),
                List.of(plan -> togetherByMeaning(GoalFieldsJson.named(plan, json))));
        pages = new SchemaVersion<>(
                json,
                "layout",
                json.getTypeFactory().constructCollectionType(List.class, PageLayout.class),
                List.of(StoredJson::asIs));
        readings = new SchemaVersion<>(
                json, "reading", json.constructType(PageReading.class), List.of(StoredJson::readTogetherByMeaning));
    }

    /** What is settled of a plan: findings were for whoever composed it. */
    public String plan(SheetPlan plan) {
        return plans.write(new SheetPlan(
                plan.exercises().stream().map(ExercisePlan::withoutFindings).toList()));
    }

    public SheetPlan plan(String text) {
        return plans.read(text);
    }

    public String pages(List<PageLayout> layout) {
        return pages.write(layout);
    }

    public List<PageLayout> pages(String text) {
        return pages.read(text);
    }

    public String reading(PageReading reading) {
        return readings.write(reading);
    }

    public PageReading reading(String text) {
        return readings.read(text);
    }

    /** Only the number was missing. */
    private static JsonNode asIs(JsonNode kept) {
        return kept;
    }

    private static JsonNode togetherByMeaning(JsonNode plan) {
        for (JsonNode exercise : plan.path("exercises")) {
            Regrouped.group(exercise, "teaching", List.of("steps", "notes", "faults", "cautions", "minutes"));
            for (JsonNode field : exercise.path("fields")) {
                Regrouped.group(field, "printed", List.of("group", "label", "widthMm", "heightMm", "outline"));
                Regrouped.group(field, "made", List.of("recipe", "predicted", "specks", "picture"));
            }
        }
        return plan;
    }

    private static JsonNode readTogetherByMeaning(JsonNode reading) {
        for (JsonNode field : reading.path("fields")) {
            Regrouped.group(field, "mean", List.of("colour", "lightness", "value"));
            Regrouped.group(field, "surface", List.of("specks", "unevenness", "outside", "blank", "glare"));
        }
        return reading;
    }
}
