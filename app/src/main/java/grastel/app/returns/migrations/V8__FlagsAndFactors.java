package grastel.app.returns.migrations;

import grastel.app.platform.nodes.OnH2;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Writes into columns what stood only inside kept JSON: what to know of a page, and what a goal's thresholds were multiplied by. */
@Component
@OnH2
class V8__FlagsAndFactors extends BaseJavaMigration {
    private final JsonMapper json;

    V8__FlagsAndFactors(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        flags(connection);
        factors(connection);
    }

    private void flags(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select id, reading from returned_page where reading like '%\"flags\":[\"%'");
                PreparedStatement update =
                        connection.prepareStatement("update returned_page set flags = ? where id = ?")) {
            while (rows.next()) {
                List<String> flags = new ArrayList<>();
                json.readTree(rows.getString("reading")).path("flags").forEach(f -> flags.add(f.asString()));
                update.setString(1, String.join(" ", flags));
                update.setObject(2, rows.getObject("id"));
                update.executeUpdate();
            }
        }
    }

    private void factors(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select r.id, v.plan from print_run r join sheet_version v on v.id = r.version_id"
                                + " where v.plan like '%\"factor\":%'");
                PreparedStatement update = connection.prepareStatement(
                        "update goal_mark set factor = ?"
                                + " where exercise = ? and goal = ? and page_id in (select id from returned_page where run_id = ?)")) {
            while (rows.next()) {
                int exercise = 0;
                for (JsonNode planned : json.readTree(rows.getString("plan")).path("exercises")) {
                    for (JsonNode goal : planned.path("goals")) {
                        double factor = goal.path("factor").asDouble(1);
                        if (factor != 1) {
                            update.setDouble(1, factor);
                            update.setInt(2, exercise);
                            update.setString(3, goal.get("goal").asString());
                            update.setObject(4, rows.getObject("id"));
                            update.executeUpdate();
                        }
                    }
                    exercise++;
                }
            }
        }
    }
}
