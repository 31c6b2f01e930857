package grastel.app.stored;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What stood side by side and stands together under a name now. */
final class Regrouped {
    private Regrouped() {}

    /** Moves fields of an object into a new object within it. Those that are not there are left out. */
    static void group(JsonNode of, String into, List<String> fields) {
        ObjectNode from = (ObjectNode) of;
        ObjectNode group = from.objectNode();
        for (String field : fields) {
            JsonNode value = from.remove(field);
            if (value != null) {
                group.set(field, value);
            }
        }
        from.set(into, group);
    }
}
