package grastel.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.DeskTest;
import java.util.List;
import org.junit.jupiter.api.Test;

class SchemaTest extends DeskTest {
    @Test
    void everyTableButThoseOfAccountsHasAnOwnerThatMustExist() {
        List<String> without = jdbc.queryForList("""
                select t.table_name from information_schema.tables t
                where t.table_schema = 'PUBLIC' and t.table_name not in ('TEACHER', 'SIGN_IN', 'INVITE', 'flyway_schema_history')
                and not exists (
                    select 1 from information_schema.key_column_usage k
                    join information_schema.referential_constraints r on r.constraint_name = k.constraint_name
                    where k.table_name = t.table_name and k.column_name = 'OWNER_ID')
                """, String.class);

        assertThat(without).isEmpty();
    }
}
