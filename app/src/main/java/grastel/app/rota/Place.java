package grastel.app.rota;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import grastel.core.checks.Require;
import org.jspecify.annotations.Nullable;

/** Where in its seat's order a task comes: tasks of one rank in the sheet's own order. */
@PlanningEntity
class Place {
    @PlanningId
    private int id;

    private int seat;
    private int task;

    @PlanningVariable(valueRangeProviderRefs = "ranks")
    private @Nullable Integer rank;

    Place() {}

    Place(int id, int seat, int task, int rank) {
        this.id = id;
        this.seat = seat;
        this.task = task;
        this.rank = rank;
    }

    int seat() {
        return seat;
    }

    int task() {
        return task;
    }

    int rank() {
        return Require.present(rank, "its rank");
    }
}
