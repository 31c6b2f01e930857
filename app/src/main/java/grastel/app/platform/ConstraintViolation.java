package grastel.app.platform;

import java.sql.SQLException;
import org.springframework.dao.DataIntegrityViolationException;

/** Why the database refused a change: what SQLSTATE says (ISO/IEC 9075, class 23). */
public enum ConstraintViolation {
    /** There is a row like it: another was made at the same moment. */
    DUPLICATE,
    /** A row it refers to is gone, or one that refers to it is there. */
    DANGLING,
    /** Any other rule: a fault of ours. */
    OTHER;

    public static ConstraintViolation of(DataIntegrityViolationException problem) {
        for (Throwable t = problem; t != null; t = t.getCause()) {
            if (t instanceof SQLException sql && sql.getSQLState() != null) {
                return switch (sql.getSQLState()) {
                    case "23505" -> DUPLICATE;
                    // 23503 by the standard and PostgreSQL; H2 parts it in two
                    case "23503", "23506" -> DANGLING;
                    default -> OTHER;
                };
            }
        }
        return OTHER;
    }
}
