package grastel.app.platform.room;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;

/**
 * H2 closes its database when it cannot write; connections to it are of no use after that, though they seem open. Each is
 * thrown away as soon as it says so, and a new one opens the database again.
 */
public class ClosedDatabase implements SQLExceptionOverride {
    /** H2: DATABASE_IS_CLOSED, DATABASE_CALLED_AT_SHUTDOWN, IO_EXCEPTION_1 and 2, OBJECT_CLOSED, GENERAL_ERROR_1. */
    private static final Set<Integer> USELESS = Set.of(90098, 90121, 90028, 90031, 90007, 50000);

    @java.lang.Override
    public Override adjudicate(SQLException problem) {
        return USELESS.contains(problem.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
