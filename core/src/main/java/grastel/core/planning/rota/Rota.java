package grastel.core.planning.rota;

import grastel.core.media.Pencil;
import java.util.List;
import java.util.Map;

/**
 * Who does what when, and who waits for what.
 *
 * @param seats in order; each does every task once
 * @param waiting minutes all seats together wait for each pencil, without those that nobody waits for
 */
public record Rota(List<Seat> seats, Map<Pencil, Double> waiting) {
    public Rota {
        seats = List.copyOf(seats);
        waiting = Map.copyOf(waiting);
    }

    public record Seat(List<Turn> turns) {
        public Seat {
            turns = List.copyOf(turns);
        }

        public double ends() {
            return turns.isEmpty() ? 0 : turns.get(turns.size() - 1).ends();
        }
    }

    /**
     * One task of one seat.
     *
     * @param task its place in the sheet's own order, from 0
     * @param starts minutes from the beginning of work
     * @param ends minutes from the beginning of work
     * @param waits minutes of it in which a pencil is waited for
     */
    public record Turn(int task, double starts, double ends, double waits) {}

    /** Minutes all seats together wait. */
    public double waitingMinutes() {
        return waiting.values().stream().mapToDouble(Double::doubleValue).sum();
    }
}
