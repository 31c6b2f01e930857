package grastel.app.rota;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoft.HardMediumSoftScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import ai.timefold.solver.core.api.solver.SolverConfigOverride;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import grastel.core.planning.rota.Rota;
import grastel.core.planning.rota.RotaCase;
import grastel.core.planning.rota.RotaPlanner;
import grastel.core.planning.rota.Timing;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Orders by local search: from seats that begin one task apart, tasks change their place and are exchanged. */
@Component
public class TimefoldRotaPlanner implements RotaPlanner {
    /** Steps without anything better after which there is hardly more to find. */
    private static final int ENOUGH_STEPS = 2000;

    /** Making one takes longer than a small table. */
    private final SolverFactory<Orders> solvers = SolverFactory.create(new SolverConfig()
            .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
            .withSolutionClass(Orders.class)
            .withEntityClasses(Place.class)
            .withEasyScoreCalculatorClass(Costs.class)
            .withPhases(new LocalSearchPhaseConfig()
                    .withTerminationConfig(new TerminationConfig().withUnimprovedStepCountLimit(ENOUGH_STEPS))));

    @Override
    public Rota plan(RotaCase of, Duration atMost) {
        Orders begun = new Orders(of);
        List<List<Integer>> orders =
                of.tasks().size() < 2 ? begun.orders() : solved(begun, atMost).orders();
        return Timing.of(of, Timing.cost(of, orders).broken() == 0 ? orders : sheetsOwn(of));
    }

    /** Breaks nothing, however little time there was. */
    private static List<List<Integer>> sheetsOwn(RotaCase of) {
        List<Integer> order = IntStream.range(0, of.tasks().size()).boxed().toList();
        return Collections.nCopies(of.seats(), order);
    }

    private Orders solved(Orders begun, Duration atMost) {
        return solvers.buildSolver(new SolverConfigOverride<Orders>()
                        .withTerminationConfig(new TerminationConfig().withSpentLimit(atMost)))
                .solve(begun);
    }

    /** {@link Timing#cost} as a score. */
    public static class Costs implements EasyScoreCalculator<Orders, HardMediumSoftScore> {
        @Override
        public HardMediumSoftScore calculateScore(Orders orders) {
            Timing.Cost cost = Timing.cost(orders.of(), orders.orders());
            return HardMediumSoftScore.of(-cost.broken(), -cost.waitingSeconds(), -cost.strangeness());
        }
    }
}
