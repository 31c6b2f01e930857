package grastel.app.sheets.migrations;

import grastel.app.platform.nodes.OnH2;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Carries sheets of the first slice, which knew one exercise kind and one page a student, over to sheets of any exercises:
 * their parameters, plans and pages are written anew as they were.
 */
@Component
@OnH2
class V4__CarryOver extends BaseJavaMigration {
    private final JsonMapper json;

    V4__CarryOver(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select v.id, v.pencil_id, v.steps, v.direction, v.box_mm, v.plan, v.layout, p.code, p.name,"
                                + " p.binder, p.lightness, p.a, p.b, p.spectrum, p.hiding, p.softness"
                                + " from sheet_version v join pencil p on p.id = v.pencil_id");
                PreparedStatement update = connection.prepareStatement(
                        "update sheet_version set exercises = ?, plan = ?, layout = ? where id = ?")) {
            while (rows.next()) {
                update.setString(1, exercises(rows));
                update.setString(2, plan(rows));
                update.setString(3, pages(rows.getString("layout")));
                update.setObject(4, rows.getObject("id"));
                update.executeUpdate();
            }
        }
        try (Statement statement = connection.createStatement()) {
            for (String column : List.of("pencil_id", "steps", "direction", "box_mm")) {
                statement.execute("alter table sheet_version drop column " + column);
            }
            statement.execute("alter table sheet_version alter column exercises set not null");
            allowAgain(statement, "PRINTED_PAGE", "STUDENT_ID");
            statement.execute("alter table printed_page add unique (run_id, student_id, part)");
            allowAgain(statement, "GOAL_MARK", "GOAL");
            statement.execute("alter table goal_mark add unique (page_id, exercise, goal)");
        }
    }

    /** Drops the unnamed uniqueness that a column takes part in. */
    private static void allowAgain(Statement statement, String table, String column) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet found =
                statement.executeQuery("select c.constraint_name from information_schema.table_constraints c"
                        + " join information_schema.key_column_usage k on k.constraint_name = c.constraint_name"
                        + " where c.constraint_type = 'UNIQUE' and k.table_name = '" + table + "' and k.column_name = '"
                        + column
                        + "'")) {
            while (found.next()) {
                names.add(found.getString(1));
            }
        }
        for (String name : names) {
            statement.execute("alter table " + table + " drop constraint " + name);
        }
    }

    private String exercises(ResultSet row) throws SQLException {
        ObjectNode values = json.createObjectNode();
        values.putObject("pencil").put("pencil", row.getObject("pencil_id").toString());
        values.putObject("steps").put("number", row.getInt("steps"));
        values.putObject("direction").put("word", row.getString("direction"));
        values.putObject("boxMm").put("number", row.getDouble("box_mm"));
        ObjectNode exercise = json.createObjectNode();
        exercise.put("kind", "pressure-scale");
        exercise.set("values", values);
        return json.writeValueAsString(List.of(exercise));
    }

    /** In the first shape that plans had; what comes later makes its own of it. */
    private String plan(ResultSet row) throws SQLException {
        JsonNode old = json.readTree(row.getString("plan"));
        ObjectNode exercise = json.createObjectNode();
        exercise.put("kind", "pressure-scale");
        exercise.put("title", "Pressure scale in " + row.getString("name"));
        exercise.put("goal", "");
        exercise.putArray("palette").add(pencil(row));
        ArrayNode fields = exercise.putArray("fields");
        old.get("fields").forEach(f -> fields.add(field(f)));
        double range =
                Math.abs(old.get("lightest").asDouble() - old.get("darkest").asDouble());
        goals(exercise.putArray("goals"), darkening(old.get("fields")), range);
        for (String none : List.of("steps", "notes", "faults", "cautions", "findings")) {
            exercise.putArray(none);
        }
        exercise.put("minutes", old.get("minutes").asDouble());
        ObjectNode plan = json.createObjectNode();
        plan.putArray("exercises").add(exercise);
        return json.writeValueAsString(plan);
    }

    private static List<String> darkening(JsonNode fields) {
        return fields.valueStream()
                .sorted(Comparator.comparingDouble(
                        (JsonNode f) -> -f.get("askedLightness").asDouble()))
                .map(f -> f.get("id").asString())
                .toList();
    }

    /** The thresholds of the first slice, for the developing band. */
    private static void goals(ArrayNode goals, List<String> darkening, double range) {
        double visible = Math.min(4, 0.55 * range / (darkening.size() - 1));
        List<String> darkest = darkening.subList(darkening.size() - 1, darkening.size());
        goal(goals, "ORDER", darkening, 0, visible, 1.5 * visible);
        goal(goals, "EQUAL_STEPS", darkening, 45, 25, 15);
        goal(goals, "FULL_RANGE", darkening, 55, 75, 86);
        goal(goals, "EVEN_INSIDE", darkening, 5.5, 3.5, 2.2);
        goal(goals, "RICH_DARK", darkest, 12, 5, 2);
        goal(goals, "NEAT_EDGE", darkening, 6, 2, 0.7);
    }

    private static void goal(
            ArrayNode goals, String goal, List<String> fields, double nearly, double secure, double beyond) {
        ObjectNode one = goals.addObject().put("goal", goal);
        fields.forEach(one.putArray("fields")::add);
        one.putObject("ladder").put("nearly", nearly).put("secure", secure).put("beyond", beyond);
    }

    private ObjectNode field(JsonNode f) {
        ObjectNode field = json.createObjectNode();
        field.put("id", f.get("id").asString()).put("group", "").put("label", "");
        field.put("widthMm", f.get("widthMm").asDouble());
        field.put("heightMm", f.get("heightMm").asDouble());
        field.putArray("outline");
        field.put("ask", "VALUE");
        ObjectNode asked = field.putArray("asked").addObject();
        asked.put("lightness", f.get("askedLightness").asDouble()).put("a", 0.0).put("b", 0.0);
        // D65
        asked.putObject("white").put("x", 0.95047).put("y", 1.0).put("z", 1.08883);
        ObjectNode step = field.putObject("recipe").putArray("steps").addObject();
        step.put("technique", "COLOUR").put("pencil", 0);
        step.put("grade", f.get("recipe").get("grade").asString());
        step.put("passes", f.get("recipe").get("passes").asInt());
        step.put("stroke", "CIRCLES").put("point", 0.7);
        step.putObject("span")
                .put("from", 0.0)
                .put("full", 0.0)
                .put("fullTo", 1.0)
                .put("to", 1.0);
        field.putArray("predicted").add(f.get("predicted"));
        field.put("specks", f.get("recipe").get("specks").asDouble());
        return field;
    }

    private ObjectNode pencil(ResultSet row) throws SQLException {
        Lab colour = new Lab(row.getDouble("lightness"), row.getDouble("a"), row.getDouble("b"));
        String spectrum = row.getString("spectrum");
        double[] masstone =
                spectrum == null ? SmoothReflectance.of(colour).toArray() : json.readValue(spectrum, double[].class);
        ObjectNode pencil = json.createObjectNode();
        pencil.put("code", row.getString("code")).put("name", row.getString("name"));
        pencil.put("binder", row.getString("binder"));
        DoubleStream.of(masstone).forEach(pencil.putArray("masstone")::add);
        pencil.put("hiding", row.getDouble("hiding"));
        pencil.put("softness", row.getDouble("softness"));
        return pencil.put("colourless", false);
    }

    /** One page becomes a list of one; shapes and key boxes there were none. */
    private String pages(String layout) {
        ObjectNode page = (ObjectNode) json.readTree(layout);
        page.get("fields").forEach(f -> ((ObjectNode) f).putArray("outline"));
        page.putArray("keys");
        return json.writeValueAsString(List.of(page));
    }
}
