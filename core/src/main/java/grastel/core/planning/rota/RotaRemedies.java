package grastel.core.planning.rota;

import grastel.core.checks.Require;
import grastel.core.media.Pencil;
import grastel.core.recipe.Substitutes;
import grastel.core.recipe.Substitutes.Substitute;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What would end waiting at a table, where no order does. */
public final class RotaRemedies {
    /** Only for the pencils waited for longest. */
    private static final int PENCILS = 3;
    /** So many seats share one pencil and one sheet. */
    private static final int IN_PAIRS = 2;
    /** Less than this is not worth a change, minutes. */
    private static final double WORTH_MINUTES = 0.5;

    private RotaRemedies() {}

    /** A change, and the minutes of waiting that are left with it at the whole table. */
    public sealed interface Remedy {
        double waiting();

        record OneMoreCopy(Pencil pencil, double waiting) implements Remedy {}

        record Instead(Pencil pencil, Substitute substitute, double waiting) implements Remedy {}

        record SeatsInPairs(double waiting) implements Remedy {}
    }

    /**
     * The one that leaves least waiting first; none where nobody waits. Each changes one thing.
     *
     * @param found the best rota there is without a change
     * @param others pencils that lie on the table besides, and how many of each
     * @param atMost time each trial may take
     */
    public static List<Remedy> of(
            RotaCase of, Rota found, Map<Pencil, Integer> others, RotaPlanner planner, Duration atMost) {
        List<Remedy> remedies = new ArrayList<>();
        List<Pencil> waitedFor = found.waiting().entrySet().stream()
                .filter(e -> e.getValue() >= WORTH_MINUTES)
                .sorted(Map.Entry.<Pencil, Double>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .limit(PENCILS)
                .toList();
        for (Pencil pencil : waitedFor) {
            remedies.add(new Remedy.OneMoreCopy(
                    pencil, planner.plan(withMore(of, pencil, 1), atMost).waitingMinutes()));
            List<Pencil> free = others.keySet().stream()
                    .filter(p -> !of.copies().containsKey(p))
                    .toList();
            for (Substitute s : Substitutes.of(pencil, free, 1)) {
                RotaCase changed = withMore(of, pencil, Require.key(others, s.pencil()));
                remedies.add(new Remedy.Instead(
                        pencil, s, planner.plan(changed, atMost).waitingMinutes()));
            }
        }
        if (!waitedFor.isEmpty() && of.seats() > 1) {
            RotaCase pairs = of.withSeats((of.seats() + IN_PAIRS - 1) / IN_PAIRS);
            remedies.add(new Remedy.SeatsInPairs(planner.plan(pairs, atMost).waitingMinutes()));
        }
        return remedies.stream()
                .filter(r -> r.waiting() <= found.waitingMinutes() - WORTH_MINUTES)
                .sorted(Comparator.comparingDouble(Remedy::waiting))
                .toList();
    }

    /** Whoever would wait takes the substitute, so its copies count as more of the same. */
    private static RotaCase withMore(RotaCase of, Pencil pencil, int howMany) {
        Map<Pencil, Integer> copies = new HashMap<>(of.copies());
        copies.merge(pencil, howMany, Integer::sum);
        return new RotaCase(of.seats(), of.tasks(), copies);
    }
}
