package grastel.app.sheets.migrations;

import grastel.app.sheets.rows.SheetJson;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.exercise.plan.Span;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Stroke;
import grastel.core.media.Pencil;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Carries sheets of the first slice, which knew one exercise kind and one page a student, over to sheets of any exercises:
 * their parameters, plans and pages are written anew as they were.
 */
@Component
class V4__CarryOver extends BaseJavaMigration {
    private final JsonMapper json;
    private final SheetJson sheetJson;

    V4__CarryOver(JsonMapper json) {
        this.json = json;
        this.sheetJson = new SheetJson(json);
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

    private String plan(ResultSet row) throws SQLException {
        JsonNode old = json.readTree(row.getString("plan"));
        Pencil pencil = pencil(row);
        List<FieldPlan> fields = new ArrayList<>();
        old.get("fields").forEach(f -> fields.add(field(f)));
        List<String> darkening = fields.stream()
                .sorted(Comparator.comparingDouble(FieldPlan::askedLightness).reversed())
                .map(FieldPlan::id)
                .toList();
        double range =
                Math.abs(old.get("lightest").asDouble() - old.get("darkest").asDouble());
        ExercisePlan plan = new ExercisePlan(
                "pressure-scale",
                "Pressure scale in " + pencil.name(),
                "",
                List.of(pencil),
                fields,
                goals(darkening, range),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                old.get("minutes").asDouble(),
                List.of(),
                Pressures.TAUGHT);
        return sheetJson.write(new SheetPlan(List.of(plan)));
    }

    /** The thresholds of the first slice, for the developing band. */
    private static List<GoalPlan> goals(List<String> darkening, double range) {
        GoalFields row = new GoalFields.Row(darkening);
        GoalFields each = new GoalFields.Each(darkening);
        double visible = Math.min(4, 0.55 * range / (darkening.size() - 1));
        return List.of(
                new GoalPlan(Goal.ORDER, row, new Ladder(0, visible, 1.5 * visible)),
                new GoalPlan(Goal.EQUAL_STEPS, row, new Ladder(45, 25, 15)),
                new GoalPlan(Goal.FULL_RANGE, row, new Ladder(55, 75, 86)),
                new GoalPlan(Goal.EVEN_INSIDE, each, new Ladder(5.5, 3.5, 2.2)),
                new GoalPlan(
                        Goal.RICH_DARK,
                        new GoalFields.Each(darkening.subList(darkening.size() - 1, darkening.size())),
                        new Ladder(12, 5, 2)),
                new GoalPlan(Goal.NEAT_EDGE, each, new Ladder(6, 2, 0.7)));
    }

    private FieldPlan field(JsonNode f) {
        Step step = new Step(
                Technique.COLOUR,
                0,
                PressureGrade.valueOf(f.get("recipe").get("grade").asString()),
                f.get("recipe").get("passes").asInt(),
                Stroke.CIRCLES,
                0.7,
                Span.WHOLE);
        return new FieldPlan(
                f.get("id").asString(),
                "",
                "",
                f.get("widthMm").asDouble(),
                f.get("heightMm").asDouble(),
                List.of(),
                Ask.VALUE,
                List.of(new Lab(f.get("askedLightness").asDouble(), 0, 0)),
                new Recipe(List.of(step)),
                List.of(json.treeToValue(f.get("predicted"), Lab.class)),
                f.get("recipe").get("specks").asDouble());
    }

    private Pencil pencil(ResultSet row) throws SQLException {
        Lab colour = new Lab(row.getDouble("lightness"), row.getDouble("a"), row.getDouble("b"));
        String spectrum = row.getString("spectrum");
        return new Pencil(
                row.getString("code"),
                row.getString("name"),
                Pencil.Binder.valueOf(row.getString("binder")),
                spectrum == null ? SmoothReflectance.of(colour) : Spectrum.of(json.readValue(spectrum, double[].class)),
                row.getDouble("hiding"),
                row.getDouble("softness"),
                false);
    }

    /** One page becomes a list of one; shapes and key boxes there were none. */
    private String pages(String layout) {
        ObjectNode page = (ObjectNode) json.readTree(layout);
        page.get("fields").forEach(f -> ((ObjectNode) f).putArray("outline"));
        page.putArray("keys");
        return json.writeValueAsString(List.of(page));
    }
}
