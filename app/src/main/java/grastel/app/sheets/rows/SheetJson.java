package grastel.app.sheets.rows;

import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.stored.StoredJson;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a version keeps, as JSON: exercises as chosen, the plan with the pencils as they were, the pages. */
@Component
public class SheetJson {
    private final JsonMapper json;
    private final StoredJson kept;

    public SheetJson(JsonMapper json, StoredJson kept) {
        this.json = json;
        this.kept = kept;
    }

    public String plan(SheetPlan plan) {
        return kept.plan(plan);
    }

    public SheetPlan plan(String text) {
        return kept.plan(text);
    }

    public String pages(List<PageLayout> layout) {
        return kept.pages(layout);
    }

    public List<PageLayout> pages(String text) {
        return kept.pages(text);
    }

    public String firstTries(List<FirstTry> tries) {
        return json.writeValueAsString(tries);
    }

    /** @param text null for none */
    List<FirstTry> firstTries(String text) {
        return text == null ? List.of() : json.readValue(text, new TypeReference<>() {});
    }

    public String exercises(List<ExerciseData> exercises) {
        return json.writeValueAsString(exercises);
    }

    public List<ExerciseData> exercises(String text) {
        return json.readValue(text, new TypeReference<>() {});
    }

    /** What was chosen for a version. */
    public SheetData data(SheetVersion v) {
        return new SheetData(v.schoolClass(), v.pencilSet(), v.paper(), v.pageSize(), exercises(v.exercises()));
    }
}
