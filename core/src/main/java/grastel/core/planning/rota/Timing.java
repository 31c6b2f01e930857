package grastel.core.planning.rota;

import grastel.core.media.Pencil;
import grastel.core.planning.rota.Rota.Seat;
import grastel.core.planning.rota.Rota.Turn;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * What comes of some orders: all seats begin together, each works at the usual pace, a pencil that is away is waited for, and
 * who has waited longest has it first. Real hands differ by a quarter, so a rota says where turns lie, not the minute.
 */
public final class Timing {
    /** Two tasks done the other way round than on the sheet weigh as much as finishing so much later than the first, seconds. */
    private static final int TURNED_ROUND_SECONDS = 20;

    private final RotaCase of;
    private final Map<Pencil, double[]> freeFrom = new HashMap<>();
    private final Map<Pencil, Double> waiting = new LinkedHashMap<>();

    private Timing(RotaCase of) {
        this.of = of;
        of.copies().forEach((pencil, copies) -> freeFrom.put(pencil, new double[copies]));
    }

    /** A seat on its way through its order. */
    private static final class Hand {
        private final int seat;
        private final List<Integer> order;
        private final List<Turn> done = new ArrayList<>();
        private int hold;
        private double now;
        private double began;
        private double waited;

        Hand(int seat, List<Integer> order) {
            this.seat = seat;
            this.order = order;
        }

        boolean isDone() {
            return done.size() == order.size();
        }
    }

    /** @param orders for each seat the places of the tasks, each once */
    public static Rota of(RotaCase of, List<List<Integer>> orders) {
        return new Timing(of).rota(orders);
    }

    private Rota rota(List<List<Integer>> orders) {
        List<Hand> hands = new ArrayList<>();
        for (List<Integer> order : orders) {
            hands.add(new Hand(hands.size(), order));
        }
        PriorityQueue<Hand> next =
                new PriorityQueue<>(Comparator.<Hand>comparingDouble(h -> h.now).thenComparingInt(h -> h.seat));
        next.addAll(hands);
        while (!next.isEmpty()) {
            Hand hand = next.remove();
            if (!hand.isDone()) {
                step(hand);
                next.add(hand);
            }
        }
        return new Rota(hands.stream().map(h -> new Seat(h.done)).toList(), waiting);
    }

    /** Takes up the next pencil, when one is free, or ends the task. */
    private void step(Hand hand) {
        int place = hand.order.get(hand.done.size());
        Task task = of.tasks().get(place);
        if (hand.hold < task.holds().size()) {
            hold(hand, task.holds().get(hand.hold++));
        }
        if (hand.hold == task.holds().size()) {
            hand.done.add(new Turn(place, hand.began, hand.now, hand.waited));
            hand.began = hand.now;
            hand.waited = 0;
            hand.hold = 0;
        }
    }

    private void hold(Hand hand, Hold hold) {
        double[] free = hold.pencil() == null ? null : freeFrom.get(hold.pencil());
        double from = hand.now;
        if (free != null) {
            int copy = earliest(free);
            from = Math.max(from, free[copy]);
            free[copy] = from + hold.minutes();
        }
        if (from > hand.now) {
            waiting.merge(hold.pencil(), from - hand.now, Double::sum);
            hand.waited += from - hand.now;
        }
        hand.now = from + hold.minutes();
    }

    private static int earliest(double[] free) {
        int at = 0;
        for (int i = 1; i < free.length; i++) {
            if (free[i] < free[at]) {
                at = i;
            }
        }
        return at;
    }

    /**
     * How good some orders are; the first that differs decides, less is better.
     *
     * @param broken tasks before one they lie on
     * @param waitingSeconds of all seats
     * @param strangeness seconds between the first to finish and the last, and 20 s for every two tasks the other way round than
     *     on the sheet
     */
    public record Cost(int broken, int waitingSeconds, int strangeness) implements Comparable<Cost> {
        private static final Comparator<Cost> ORDER = Comparator.comparingInt(Cost::broken)
                .thenComparingInt(Cost::waitingSeconds)
                .thenComparingInt(Cost::strangeness);

        @Override
        public int compareTo(Cost other) {
            return ORDER.compare(this, other);
        }
    }

    public static Cost cost(RotaCase of, List<List<Integer>> orders) {
        Rota rota = of(of, orders);
        double first = rota.seats().stream().mapToDouble(Seat::ends).min().orElse(0);
        double last = rota.seats().stream().mapToDouble(Seat::ends).max().orElse(0);
        int broken = 0;
        int turned = 0;
        for (List<Integer> order : orders) {
            for (int i = 0; i < order.size(); i++) {
                for (int before : order.subList(0, i)) {
                    turned += before > order.get(i) ? 1 : 0;
                    broken += mustWaitFor(of, before, order.get(i)) ? 1 : 0;
                }
            }
        }
        return new Cost(
                broken,
                (int) Math.round(60 * rota.waitingMinutes()),
                (int) Math.round(60 * (last - first)) + TURNED_ROUND_SECONDS * turned);
    }

    private static boolean mustWaitFor(RotaCase of, int task, int other) {
        return of.tasks().get(task).after().contains(of.tasks().get(other).id());
    }
}
