package grastel.app.platform;

import java.sql.SQLException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says plainly that the database file is held by another running Grastel. */
class DataFolderInUse extends AbstractFailureAnalyzer<SQLException> {
    /** H2's DATABASE_ALREADY_OPEN_1. */
    private static final int ALREADY_OPEN = 90020;

    @Override
    protected FailureAnalysis analyze(Throwable root, SQLException cause) {
        for (Throwable t = cause; t != null; t = t.getCause()) {
            if (t instanceof SQLException sql && sql.getErrorCode() == ALREADY_OPEN) {
                return new FailureAnalysis(
                        "The data folder is in use by another running Grastel.",
                        "Stop the other one first, or start this one with another folder: GRASTEL_DATA=<folder>.",
                        root);
            }
        }
        return null;
    }
}
