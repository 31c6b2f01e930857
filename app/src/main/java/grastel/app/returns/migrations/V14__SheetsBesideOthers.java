package grastel.app.returns.migrations;

import grastel.app.platform.nodes.OnH2;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Several sheets in one picture are a page each: where its sheet lies; a page of a file is no longer there only once. */
@Component
@OnH2
class V14__SheetsBesideOthers extends BaseJavaMigration {
    /** The constraint was given no name of its own. */
    private static final String UNIQUE_PAGES = "select c.constraint_name from information_schema.table_constraints c"
            + " join information_schema.key_column_usage k on k.constraint_name = c.constraint_name"
            + " where upper(c.table_name) = 'RETURNED_PAGE' and c.constraint_type = 'UNIQUE'"
            + " and upper(k.column_name) = 'PAGE_INDEX'";

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            for (String name : names(statement)) {
                statement.execute("alter table returned_page drop constraint \"" + name + "\"");
            }
            statement.execute("alter table returned_page add column spot varchar(40)");
            statement.execute("alter table returned_page add constraint returned_page_once"
                    + " unique (file_id, page_index, spot)");
        }
    }

    private static List<String> names(Statement statement) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(UNIQUE_PAGES)) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }
}
