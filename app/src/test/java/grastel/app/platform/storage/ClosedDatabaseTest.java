package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.SQLExceptionOverride.Override;
import java.sql.SQLException;
import org.hibernate.TransactionException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("database")
class ClosedDatabaseTest {
    private static final SQLException CLOSED = new SQLException("The database has been closed", "90098", 90098);
    private static final SQLException DUPLICATE = new SQLException("There is a row like it", "23505", 23505);

    @Test
    void aConnectionToAClosedDatabaseIsThrownAwayAndNoOther() {
        assertThat(new ClosedDatabase().adjudicate(CLOSED)).isEqualTo(Override.MUST_EVICT);
        assertThat(new ClosedDatabase().adjudicate(DUPLICATE)).isEqualTo(Override.CONTINUE_EVICT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"08003", "08006", "57P01", "57P02", "57P03"})
    void aServerThatCutTheConnectionIsAwayToo(String sqlState) {
        assertThat(ClosedDatabase.isBehind(new IllegalStateException(new SQLException("cut", sqlState))))
                .isTrue();
    }

    /** A statement that was cancelled says nothing of the connection. */
    @Test
    void aStatementThatWasStoppedIsNoServerThatIsAway() {
        assertThat(ClosedDatabase.isBehind(new SQLException("canceling statement", "57014")))
                .isFalse();
    }

    @Test
    void itIsKnownBehindWhateverItIsWrappedIn() {
        assertThat(ClosedDatabase.isBehind(new IllegalStateException(new RuntimeException(CLOSED))))
                .isTrue();
        assertThat(ClosedDatabase.isBehind(new IllegalStateException(new TransactionException("Unable to rollback"))))
                .isTrue();
        assertThat(ClosedDatabase.isBehind(new IllegalStateException(DUPLICATE)))
                .isFalse();
        assertThat(ClosedDatabase.isBehind(new SQLException("no state"))).isFalse();
        assertThat(ClosedDatabase.isBehind(new IllegalStateException())).isFalse();
    }
}
