package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.CannotCreateTransactionException;

class DatabaseAwayFilterTest {
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private void filter(RuntimeException failure) throws Exception {
        new DatabaseAwayFilter().doFilter(new MockHttpServletRequest(), response, (request, answer) -> {
            throw failure;
        });
    }

    @Test
    void aSessionThatCannotBeFoundBecauseTheDatabaseIsAwayIsToldSo() throws Exception {
        filter(new CannotCreateTransactionException("no connection"));
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getContentAsString()).contains("DATABASE_AWAY");
    }

    @Test
    void aConnectionThatIsCutIsToldSo() throws Exception {
        filter(new DataAccessResourceFailureException("cut", new SQLException("terminated", "57P01")));
        assertThat(response.getStatus()).isEqualTo(503);
    }

    @Test
    void whatIsAFaultOfOursStaysOne() {
        assertThatExceptionOfType(DataIntegrityViolationException.class)
                .isThrownBy(() -> filter(new DataIntegrityViolationException("null where there must be something")));
    }
}
