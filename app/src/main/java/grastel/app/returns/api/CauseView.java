package grastel.app.returns.api;

import grastel.core.judging.Cause;
import jakarta.validation.constraints.NotNull;

/**
 * The likely reason for a level below secure.
 *
 * @param sign what is seen
 * @param next the one thing to do, said to the student
 */
public record CauseView(
        @NotNull Cause code, @NotNull String sign, @NotNull String next) {
    /** Null for null. */
    public static CauseView of(Cause cause) {
        return cause == null ? null : new CauseView(cause, cause.sign(), cause.next());
    }
}
