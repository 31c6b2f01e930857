package grastel.core.planning.rota;

import java.time.Duration;

/** Finds orders of little waiting. */
public interface RotaPlanner {
    /**
     * @param atMost time it may take; the best found by then is the answer
     * @return no task before one it lies on; of those one with as little {@link Timing#cost} as was found. The same asked
     *     again gives the same, unless time ran out.
     */
    Rota plan(RotaCase of, Duration atMost);
}
