package grastel.app.keeping.migrations;

import grastel.app.platform.nodes.OnH2;
import grastel.app.platform.storage.StoredFiles;
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

/**
 * Scans and pictures become files beside the database; rows keep their names. Broken off, it goes on where it was: a row's picture
 * is a file on the disk before the row says so, and columns are taken away last.
 */
@Component
@OnH2
class V25__PicturesAsFiles extends BaseJavaMigration {
    /** @param name column of the file's name; @param known true where rows have it already */
    private record Moved(String table, String content, String name, boolean known) {}

    private static final List<Moved> ALL = List.of(
            new Moved("scan_file", "content", "sha256", true),
            new Moved("page_image", "jpeg", "sha256", false),
            new Moved("chart_page", "picture", "picture_sha256", false),
            new Moved("project", "picture", "picture_sha256", false));

    private final StoredFiles files;

    V25__PicturesAsFiles(StoredFiles files) {
        this.files = files;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        try (Statement statement = connection.createStatement()) {
            for (Moved moved : ALL) {
                if (hasColumn(statement, moved)) {
                    move(connection, statement, moved);
                }
            }
        }
    }

    private static boolean hasColumn(Statement statement, Moved moved) throws SQLException {
        try (ResultSet found = statement.executeQuery("select count(*) from information_schema.columns where"
                + " lower(table_name) = '" + moved.table() + "' and lower(column_name) = '" + moved.content() + "'")) {
            found.next();
            return found.getInt(1) > 0;
        }
    }

    private void move(Connection connection, Statement statement, Moved moved) throws SQLException {
        if (!moved.known()) {
            statement.execute(
                    "alter table " + moved.table() + " add column if not exists " + moved.name() + " varchar(64)");
        }
        for (Object id : ids(statement, moved)) {
            moveOne(connection, moved, id);
        }
        if (!moved.known()) {
            statement.execute("alter table " + moved.table() + " alter column " + moved.name() + " set not null");
            statement.execute("create index if not exists " + moved.table() + "_file on " + moved.table() + " ("
                    + moved.name() + ")");
        }
        statement.execute("alter table " + moved.table() + " drop column " + moved.content());
    }

    private static List<Object> ids(Statement statement, Moved moved) throws SQLException {
        List<Object> ids = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(
                "select id from " + moved.table() + (moved.known() ? "" : " where " + moved.name() + " is null"))) {
            while (rows.next()) {
                ids.add(rows.getObject(1));
            }
        }
        return ids;
    }

    private void moveOne(Connection connection, Moved moved, Object id) throws SQLException {
        try (PreparedStatement select = connection.prepareStatement(
                        "select " + moved.content() + " from " + moved.table() + " where id = ?");
                PreparedStatement update = connection.prepareStatement(
                        "update " + moved.table() + " set " + moved.name() + " = ? where id = ?")) {
            select.setObject(1, id);
            try (ResultSet row = select.executeQuery()) {
                row.next();
                update.setString(1, files.put(row.getBytes(1)));
            }
            update.setObject(2, id);
            update.executeUpdate();
        }
    }
}
