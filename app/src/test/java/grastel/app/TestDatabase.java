package grastel.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.springframework.test.context.DynamicPropertyRegistry;

/** Where a test's rows are: H2 in its data folder, or a database of its own on a PostgreSQL server that was started for tests. */
public final class TestDatabase {
    /** Host and port; whoever sets it sets SPRING_PROFILES_INCLUDE=postgres too. */
    public static final String POSTGRES = "GRASTEL_TEST_POSTGRES";

    private TestDatabase() {}

    public static boolean isPostgres() {
        return System.getenv(POSTGRES) != null;
    }

    /** A data folder of its own, and a database. */
    public static void fresh(DynamicPropertyRegistry properties) {
        Path folder =
                Path.of("target", "test-data", UUID.randomUUID().toString()).toAbsolutePath();
        properties.add("grastel.data", folder::toString);
        if (isPostgres()) {
            String name = create();
            properties.add("spring.datasource.url", () -> url(name));
            try {
                Files.createDirectories(folder);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Makes an empty database. @return its name */
    public static String create() {
        String name = "grastel_" + UUID.randomUUID().toString().replace("-", "");
        try (Connection connection = DriverManager.getConnection(url("postgres"), "grastel", "");
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
            return name;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    public static String url(String name) {
        return "jdbc:postgresql://" + System.getenv(POSTGRES) + "/" + name;
    }

    /** As PostgreSQL's own programs want it. */
    public static String address(String name) {
        return "postgresql://grastel@" + System.getenv(POSTGRES) + "/" + name;
    }
}
