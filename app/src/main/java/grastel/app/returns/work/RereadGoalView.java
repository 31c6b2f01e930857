package grastel.app.returns.work;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/** What another look with the present reader would change. @param before null where the goal was not judged then */
public record RereadGoalView(
        @NotNull String goal,
        @Nullable Integer before,
        Integer after,
        @Nullable Double figureBefore,
        @Nullable Double figureAfter,
        @Nullable Integer decided) {}
