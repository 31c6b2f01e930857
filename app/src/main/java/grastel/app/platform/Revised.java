package grastel.app.platform;

import static grastel.core.words.Words.say;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A row that people change in a form. It counts its changes, so that one made on an older state can be told from one made on
 * the present; what belongs to it changes with it. Take it with a lock before changing it.
 */
@MappedSuperclass
public abstract class Revised extends Owned {
    @Version
    @Column(nullable = false)
    private int revision;

    @Column(name = "changed_at")
    private Instant changedAt;

    /** Counts one change, also where only what belongs to this row changes. */
    protected void touch() {
        changedAt = Now.instant();
    }

    /**
     * @param known the state a change was made on; null where whoever asks did not look
     * @throws ApiProblem CHANGED_ELSEWHERE where there has been another change since
     */
    public void requireUnchanged(@Nullable Integer known, String what) {
        if (known != null && known != revision) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.was-changed-in-another-window", what));
        }
    }

    /** What a request must say where it changes something. @throws ApiProblem REVISION_MISSING where it does not */
    public static int seen(@Nullable Integer known) {
        if (known == null) {
            throw new ApiProblem(HttpStatus.PRECONDITION_REQUIRED, "REVISION_MISSING", say("problem.revision-missing"));
        }
        return known;
    }

    public int revision() {
        return revision;
    }
}
