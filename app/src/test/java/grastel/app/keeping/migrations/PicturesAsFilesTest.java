package grastel.app.keeping.migrations;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import grastel.app.ApplicationTest;
import grastel.app.OnlyOnH2;
import grastel.app.platform.Digest;
import grastel.app.platform.storage.FolderFiles;
import grastel.app.platform.storage.StoredFiles;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.flywaydb.core.api.configuration.Configuration;
import org.flywaydb.core.api.migration.Context;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Data from before pictures were files. */
@OnlyOnH2
@Tag("database")
class PicturesAsFilesTest extends ApplicationTest {
    @Autowired
    private StoredFiles files;

    private static Connection old() throws SQLException {
        Connection connection = DriverManager.getConnection("jdbc:h2:mem:" + UUID.randomUUID());
        try (Statement make = connection.createStatement()) {
            make.execute(
                    "create table scan_file (id uuid primary key, sha256 varchar(64) not null, content blob not null)");
            make.execute("create table page_image (id uuid primary key, jpeg blob not null)");
            make.execute("create table chart_page (id uuid primary key, picture blob not null)");
            make.execute("create table project (id uuid primary key, picture blob not null)");
        }
        for (int i = 0; i < 3; i++) {
            insert(
                    connection,
                    "scan_file (id, content, sha256)",
                    content("scan", i),
                    Digest.sha256(content("scan", i)));
            insert(connection, "page_image (id, jpeg)", content("page", i), null);
            insert(connection, "chart_page (id, picture)", content("chart", i), null);
            insert(connection, "project (id, picture)", content("project", i), null);
        }
        return connection;
    }

    private static byte[] content(String of, int i) {
        return (of + i).getBytes(java.nio.charset.StandardCharsets.UTF_8);
    }

    private static void insert(Connection connection, String into, byte[] content, String sha256) throws SQLException {
        String values = sha256 == null ? " values (?, ?)" : " values (?, ?, ?)";
        try (PreparedStatement insert = connection.prepareStatement("insert into " + into + values)) {
            insert.setObject(1, UUID.randomUUID());
            insert.setBytes(2, content);
            if (sha256 != null) {
                insert.setString(3, sha256);
            }
            insert.executeUpdate();
        }
    }

    private static Context context(Connection connection) {
        return new Context() {
            @Override
            public Configuration getConfiguration() {
                throw new UnsupportedOperationException();
            }

            @Override
            public Connection getConnection() {
                return connection;
            }
        };
    }

    private static List<String> names(Connection connection, String table, String column) throws SQLException {
        List<String> names = new ArrayList<>();
        try (Statement select = connection.createStatement();
                ResultSet rows = select.executeQuery("select " + column + " from " + table + " order by id")) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }

    private void assertMoved(Connection connection) throws SQLException {
        for (String[] of : new String[][] {
            {"scan_file", "sha256", "scan"},
            {"page_image", "sha256", "page"},
            {"chart_page", "picture_sha256", "chart"},
            {"project", "picture_sha256", "project"}
        }) {
            List<String> names = names(connection, of[0], of[1]);
            assertThat(names)
                    .as(of[0])
                    .containsExactlyInAnyOrder(
                            Digest.sha256(content(of[2], 0)),
                            Digest.sha256(content(of[2], 1)),
                            Digest.sha256(content(of[2], 2)))
                    .allSatisfy(name -> assertThat(files.get(name)).isPresent());
            try (Statement statement = connection.createStatement();
                    ResultSet all = statement.executeQuery("select * from " + of[0])) {
                assertThat(all.getMetaData().getColumnCount()).isEqualTo(2);
            }
        }
    }

    @Test
    void picturesBecomeFilesAndRowsKeepTheirNames() throws SQLException {
        try (Connection connection = old()) {
            new V25__PicturesAsFiles(files).migrate(context(connection));
            assertMoved(connection);
        }
    }

    @Test
    void brokenOffItGoesOnWhereItWas() throws SQLException {
        try (Connection connection = old()) {
            int[] left = {5};
            StoredFiles breaking = new FolderFiles(null, null) {
                @Override
                public String put(byte[] content) {
                    if (left[0]-- == 0) {
                        throw new IllegalStateException("the power is gone");
                    }
                    return files.put(content);
                }
            };
            assertThatIllegalStateException()
                    .isThrownBy(() -> new V25__PicturesAsFiles(breaking).migrate(context(connection)));
            new V25__PicturesAsFiles(files).migrate(context(connection));
            assertMoved(connection);
        }
    }
}
