package grastel.app.returns.migrations;

import grastel.app.platform.nodes.OnH2;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Writes beside each mark which kind of exercise it is of, which stood only in the plan of its sheet. */
@Component
@OnH2
class V10__KindsOfMarks extends BaseJavaMigration {
    private final JsonMapper json;

    V10__KindsOfMarks(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            statement.execute("alter table goal_mark add column kind varchar(40) default '' not null");
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select r.id, v.plan from print_run r join sheet_version v on v.id = r.version_id");
                PreparedStatement update =
                        connection.prepareStatement("update goal_mark set kind = ? where exercise = ?"
                                + " and page_id in (select id from returned_page where run_id = ?)")) {
            while (rows.next()) {
                int exercise = 0;
                for (JsonNode planned : json.readTree(rows.getString("plan")).path("exercises")) {
                    update.setString(1, planned.path("kind").asString());
                    update.setInt(2, exercise++);
                    update.setObject(3, rows.getObject("id"));
                    update.executeUpdate();
                }
            }
        }
    }
}
