package grastel.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.springframework.test.context.DynamicPropertyRegistry;

/** Where a test's rows are: H2 in its data folder, or a database of its own on a PostgreSQL server that was started for tests. */
public final class TestDatabase {
    /** For example {@code jdbc:postgresql://127.0.0.1:5439/}; whoever sets it sets SPRING_PROFILES_INCLUDE=postgres too. */
    public static final String POSTGRES = "GRASTEL_TEST_POSTGRES";

    private TestDatabase() {}

    public static boolean isPostgres() {
        return System.getenv(POSTGRES) != null;
    }

    public static void fresh(DynamicPropertyRegistry properties) {
        if (isPostgres()) {
            String server = System.getenv(POSTGRES);
            String name = "grastel_" + UUID.randomUUID().toString().replace("-", "");
            try (Connection connection = DriverManager.getConnection(server + "postgres", "grastel", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("create database " + name);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
            properties.add("spring.datasource.url", () -> server + name);
        }
    }
}
