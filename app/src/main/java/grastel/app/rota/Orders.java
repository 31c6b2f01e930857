package grastel.app.rota;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.CountableValueRange;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeFactory;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoft.HardMediumSoftScore;
import grastel.core.checks.Require;
import grastel.core.planning.rota.RotaCase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Orders of all seats, as the solver changes them. */
@PlanningSolution
class Orders {
    private @Nullable RotaCase of;

    @PlanningEntityCollectionProperty
    private List<Place> places = new ArrayList<>();

    @PlanningScore
    private @Nullable HardMediumSoftScore score;

    Orders() {}

    /** Each seat begins with another task. */
    Orders(RotaCase of) {
        this.of = of;
        int tasks = of().tasks().size();
        for (int seat = 0; seat < of().seats(); seat++) {
            for (int task = 0; task < tasks; task++) {
                places.add(new Place(places.size(), seat, task, Math.floorMod(task - seat, tasks)));
            }
        }
    }

    @ValueRangeProvider(id = "ranks")
    CountableValueRange<Integer> ranks() {
        return ValueRangeFactory.createIntValueRange(0, of().tasks().size());
    }

    RotaCase of() {
        return Require.present(of, "what is ordered");
    }

    List<List<Integer>> orders() {
        List<List<Integer>> orders = new ArrayList<>();
        int tasks = of().tasks().size();
        for (int seat = 0; seat < of().seats(); seat++) {
            orders.add(places.subList(seat * tasks, (seat + 1) * tasks).stream()
                    .sorted(Comparator.comparingInt(Place::rank).thenComparingInt(Place::task))
                    .map(Place::task)
                    .toList());
        }
        return orders;
    }
}
