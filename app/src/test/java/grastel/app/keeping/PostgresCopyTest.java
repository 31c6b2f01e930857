package grastel.app.keeping;

import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.app.OnlyOnPostgres;
import grastel.app.TestDatabase;
import grastel.app.platform.ApiProblem;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;

@OnlyOnPostgres
@Tag("database")
class PostgresCopyTest {
    /** A database of which there is none. */
    private static final JdbcConnectionDetails NOWHERE = new JdbcConnectionDetails() {
        @Override
        public String getUsername() {
            return "grastel";
        }

        @Override
        public String getPassword() {
            return "";
        }

        @Override
        public String getJdbcUrl() {
            return TestDatabase.url("grastel_nowhere");
        }
    };

    @Test
    void whyNoCopyCouldBeMadeIsSaidAsItWasTold(@TempDir Path folder) {
        PostgresCopy copy = new PostgresCopy(null, NOWHERE);

        assertThatExceptionOfType(ApiProblem.class)
                .isThrownBy(() -> copy.write(folder.resolve("copy.zip")))
                .withMessageContaining("pg_dump")
                .withMessageContaining("\"grastel_nowhere\" does not exist");
    }
}
