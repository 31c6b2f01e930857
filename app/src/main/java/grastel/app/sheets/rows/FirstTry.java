package grastel.app.sheets.rows;

import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.SheetPlan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Where an exercise of a personal page was done before.
 *
 * @param exercise of the page, from 0
 * @param run that it was printed in
 * @param of which exercise it was there
 */
public record FirstTry(int exercise, UUID run, int of) {
    /** Names of the fields here, by their names there: the same fields in the same order. */
    public Map<String, String> names(SheetPlan there, SheetPlan here) {
        List<FieldPlan> from = there.exercises().get(of).fields();
        List<FieldPlan> to = here.exercises().get(exercise).fields();
        Map<String, String> names = new HashMap<>();
        for (int i = 0; i < Math.min(from.size(), to.size()); i++) {
            names.put(from.get(i).id(), to.get(i).id());
        }
        return names;
    }
}
