package grastel.app.platform.storage;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;
import java.util.regex.Pattern;
import org.hibernate.TransactionException;

/**
 * A database that went away under whoever was at work. H2 closes its database when it cannot write; connections to it are of no
 * use after that, though they seem open. Each is thrown away as soon as it says so, and a new one opens the database again. A
 * PostgreSQL server cuts connections when it is stopped or fails.
 */
public class ClosedDatabase implements SQLExceptionOverride {
    /** H2: DATABASE_IS_CLOSED, DATABASE_CALLED_AT_SHUTDOWN, IO_EXCEPTION_1 and 2, OBJECT_CLOSED, GENERAL_ERROR_1. */
    private static final Set<Integer> USELESS = Set.of(90098, 90121, 90028, 90031, 90007, 50000);

    /** SQLSTATE of connections that broke (ISO/IEC 9075, class 08), and PostgreSQL's of a server that ends or begins. */
    private static final Pattern CUT = Pattern.compile("08...|57P0[123]");

    /** Whether a failure comes of it, wherever it came up; not even taken back can be what was begun on a connection thrown away. */
    public static boolean isBehind(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            if (t instanceof TransactionException || (t instanceof SQLException problem && isCutOff(problem))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isCutOff(SQLException problem) {
        return USELESS.contains(problem.getErrorCode())
                || (problem.getSQLState() != null
                        && CUT.matcher(problem.getSQLState()).matches());
    }

    @java.lang.Override
    public Override adjudicate(SQLException problem) {
        return USELESS.contains(problem.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
