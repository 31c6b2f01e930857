package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.platform.ApiProblem;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionSystemException;

@Tag("database")
class PassingTest {
    static Stream<Throwable> ofTheHour() {
        return Stream.of(
                new DataAccessResourceFailureException("cut", new SQLException("terminated", "57P01")),
                new TransactionSystemException("could not commit"),
                new CannotAcquireLockException("deadlock"),
                ApiProblem.databaseAway(),
                new IllegalStateException(new ApiProblem(HttpStatus.INSUFFICIENT_STORAGE, "DISK_FULL", "full")));
    }

    static Stream<Throwable> ofTheWork() {
        return Stream.of(
                new IllegalStateException("a field without a value"),
                new DuplicateKeyException("there", new SQLException("there", "23505")),
                ApiProblem.notFound("page"),
                new OutOfMemoryError());
    }

    @ParameterizedTest
    @MethodSource("ofTheHour")
    void anotherTryMayDo(Throwable failure) {
        assertThat(TransientFailure.is(failure)).isTrue();
    }

    @ParameterizedTest
    @MethodSource("ofTheWork")
    void noOtherTryWillDo(Throwable failure) {
        assertThat(TransientFailure.is(failure)).isFalse();
    }
}
