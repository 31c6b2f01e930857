package grastel.app.returns.work;

import jakarta.validation.constraints.NotNull;

/** What another look with the present reader would change. @param before null where the goal was not judged then */
public record RereadGoalView(
        @NotNull String goal,
        Integer before,
        Integer after,
        Double figureBefore,
        Double figureAfter,
        Integer decided) {}
