package grastel.app.returns.api;

import grastel.core.judging.Cause;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * The likely reason for a level below secure.
 *
 * @param sign what is seen
 * @param next the one thing to do, said to the student
 */
public record CauseView(
        @NotNull Cause code, @NotNull String sign, @NotNull String next) {
    public static CauseView of(Cause cause) {
        return new CauseView(cause, cause.sign(), cause.next());
    }

    /** Null where there is no cause. */
    public static @Nullable CauseView orNone(@Nullable Cause cause) {
        return cause == null ? null : of(cause);
    }
}
