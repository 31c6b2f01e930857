package grastel.app.sheets.rows;

import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.core.colour.Spectrum;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** What a version keeps, as JSON: exercises as chosen, the plan with the pencils as they were, the pages. */
@Component
public class SheetJson {
    private final JsonMapper json;

    public SheetJson(JsonMapper json) {
        SimpleModule spectra = new SimpleModule("spectra")
                .addSerializer(Spectrum.class, new Writer())
                .addDeserializer(Spectrum.class, new Reader());
        this.json = json.rebuild()
                .addModule(spectra)
                .addMixIn(GoalFields.class, GoalFieldsJson.class)
                .build();
    }

    /** What is settled of a plan: findings were for whoever composed it. */
    public String write(SheetPlan plan) {
        return json.writeValueAsString(new SheetPlan(
                plan.exercises().stream().map(ExercisePlan::withoutFindings).toList()));
    }

    public String write(Object value) {
        return json.writeValueAsString(value);
    }

    public SheetPlan plan(String text) {
        return json.treeToValue(GoalFieldsJson.present(json.readTree(text), json), SheetPlan.class);
    }

    public List<PageLayout> pages(String text) {
        return json.readValue(text, new TypeReference<>() {});
    }

    /** @param text null for none */
    List<FirstTry> firstTries(String text) {
        return text == null ? List.of() : json.readValue(text, new TypeReference<>() {});
    }

    public List<ExerciseData> exercises(String text) {
        return json.readValue(text, new TypeReference<>() {});
    }

    private static final class Writer extends StdSerializer<Spectrum> {
        Writer() {
            super(Spectrum.class);
        }

        @Override
        public void serialize(Spectrum spectrum, JsonGenerator out, SerializationContext context) {
            out.writeArray(spectrum.toArray(), 0, Spectrum.SAMPLES);
        }
    }

    private static final class Reader extends StdDeserializer<Spectrum> {
        Reader() {
            super(Spectrum.class);
        }

        @Override
        public Spectrum deserialize(JsonParser in, DeserializationContext context) {
            return Spectrum.of(context.readValue(in, double[].class));
        }
    }
}
