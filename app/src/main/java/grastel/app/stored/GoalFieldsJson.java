package grastel.app.stored;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalFields.Among;
import grastel.core.exercise.plan.GoalFields.Change;
import grastel.core.exercise.plan.GoalFields.Changes;
import grastel.core.exercise.plan.GoalFields.Each;
import grastel.core.exercise.plan.GoalFields.Families;
import grastel.core.exercise.plan.GoalFields.Family;
import grastel.core.exercise.plan.GoalFields.Row;
import grastel.core.exercise.plan.GoalFields.Temperatures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The fields of a goal in a kept plan: an object that says what they are; before, a list whose order said it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "are")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Each.class, name = "each"),
    @JsonSubTypes.Type(value = Row.class, name = "row"),
    @JsonSubTypes.Type(value = Families.class, name = "families"),
    @JsonSubTypes.Type(value = Changes.class, name = "changes"),
    @JsonSubTypes.Type(value = Temperatures.class, name = "temperatures"),
    @JsonSubTypes.Type(value = Among.class, name = "among")
})
interface GoalFieldsJson {
    /** A plan in which no list stands for what its fields are. */
    static JsonNode named(JsonNode plan, JsonMapper json) {
        for (JsonNode exercise : plan.path("exercises")) {
            for (JsonNode goal : exercise.path("goals")) {
                if (goal.get("fields") != null) {
                    GoalFields of = listed(Goal.valueOf(goal.get("goal").asString()), ids(goal.get("fields")));
                    ((ObjectNode) goal).remove("fields");
                    ((ObjectNode) goal).set("of", json.valueToTree(of));
                }
            }
        }
        return plan;
    }

    private static List<String> ids(JsonNode list) {
        List<String> ids = new ArrayList<>();
        list.forEach(id -> ids.add(id.asString()));
        return ids;
    }

    /** What the order of a list meant. */
    private static GoalFields listed(Goal goal, List<String> ids) {
        return switch (goal) {
            case ORDER, SHRINKING_STEPS, EQUAL_STEPS, FULL_RANGE, CHROMA_FALLS -> new Row(ids);
            case HUE_HOLDS, TINT_LIGHTER, SHADE_DARKER, SHADE_CHROMA ->
                new Families(IntStream.range(0, ids.size() / 3)
                        .mapToObj(i -> new Family(ids.get(3 * i), ids.get(3 * i + 1), ids.get(3 * i + 2)))
                        .toList());
            case BLENDER_KEEPS_VALUE ->
                new Changes(IntStream.range(0, ids.size() / 2)
                        .mapToObj(i -> new Change(ids.get(2 * i), ids.get(2 * i + 1)))
                        .toList());
            case TEMPERATURE_TURNS ->
                new Temperatures(new Change(ids.get(0), ids.get(1)), new Change(ids.get(2), ids.get(3)));
            // Zones were listed from the highlight to the darkest.
            case CORE_DARKEST -> new Among(ids.get(ids.size() - 1), ids.subList(0, ids.size() - 1));
            default -> new Each(ids);
        };
    }
}
