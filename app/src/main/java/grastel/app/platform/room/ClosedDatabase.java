package grastel.app.platform.room;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;
import org.hibernate.TransactionException;

/**
 * H2 closes its database when it cannot write; connections to it are of no use after that, though they seem open. Each is
 * thrown away as soon as it says so, and a new one opens the database again.
 */
public class ClosedDatabase implements SQLExceptionOverride {
    /** H2: DATABASE_IS_CLOSED, DATABASE_CALLED_AT_SHUTDOWN, IO_EXCEPTION_1 and 2, OBJECT_CLOSED, GENERAL_ERROR_1. */
    private static final Set<Integer> USELESS = Set.of(90098, 90121, 90028, 90031, 90007, 50000);

    /** Whether a failure comes of it, wherever it came up; not even taken back can be what was begun on a connection thrown away. */
    public static boolean isBehind(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof TransactionException
                    || (t instanceof SQLException problem && USELESS.contains(problem.getErrorCode()))) {
                return true;
            }
        }
        return false;
    }

    @java.lang.Override
    public Override adjudicate(SQLException problem) {
        return USELESS.contains(problem.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
