package grastel.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("database")
class SchemaTest extends ApplicationTest {
    /** Of accounts, of what a row names by what it holds, and of libraries. */
    private static final List<String> NOBODYS = List.of(
            "TEACHER",
            "SIGN_IN",
            "SIGN_IN_BUCKET",
            "INVITE",
            "STORED_FILE",
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES",
            "FLYWAY_SCHEMA_HISTORY");

    @Test
    void everyTableButThoseOfAccountsHasAnOwnerThatMustExist() {
        assertThat(tables("")).contains("TEACHER", "SCHOOL_CLASS", "RETURNED_PAGE");
        assertThat(tables("""
                and not exists (
                    select 1 from information_schema.key_column_usage k
                    join information_schema.referential_constraints r on r.constraint_name = k.constraint_name
                    where k.table_name = t.table_name and upper(k.column_name) = 'OWNER_ID')
                """)).isSubsetOf(NOBODYS);
    }

    private List<String> tables(String condition) {
        return jdbc.queryForList(
                "select upper(t.table_name) from information_schema.tables t where upper(t.table_schema) = 'PUBLIC' "
                        + condition,
                String.class);
    }
}
