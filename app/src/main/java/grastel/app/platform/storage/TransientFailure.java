package grastel.app.platform.storage;

import grastel.app.platform.ApiProblem;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.transaction.TransactionException;

/** Failures of the place and the hour and not of what was worked on: the same may be done a while later. */
public final class TransientFailure {
    private TransientFailure() {}

    /** Whether a failure comes of the database, the disk, or somebody else at the same rows. */
    public static boolean is(Throwable failure) {
        return failure instanceof TransactionException
                || failure instanceof TransientDataAccessException
                || ClosedDatabase.isBehind(failure)
                || ApiProblem.behind(failure)
                        .filter(told -> told.status().is5xxServerError())
                        .isPresent();
    }
}
