package grastel.core.planning.rota;

import grastel.core.media.Pencil;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a table does, and with what.
 *
 * @param seats at the table, 1…{@value #MOST_SEATS}
 * @param tasks in the sheet's own order, at most {@value #MOST_TASKS}
 * @param copies of each pencil on the table, ≥ 1; pencils left out are no constraint
 */
public record RotaCase(int seats, List<Task> tasks, Map<Pencil, Integer> copies) {
    public static final int MOST_SEATS = 40;
    public static final int MOST_TASKS = 8;

    /**
     * What is done at one go: a family, a strip, a field.
     *
     * @param id unique in its case
     * @param holds pencils in the order they are taken up
     * @param after ids of tasks that must be done before: foundations before what lies on them
     */
    public record Task(String id, List<Hold> holds, Set<String> after) {
        public Task {
            holds = List.copyOf(holds);
            after = Set.copyOf(after);
        }

        public double minutes() {
            return holds.stream().mapToDouble(Hold::minutes).sum();
        }
    }

    /** A pencil in a hand. @param pencil null for work without one; @param minutes ≥ 0 */
    public record Hold(@Nullable Pencil pencil, double minutes) {}

    public RotaCase {
        if (seats < 1 || seats > MOST_SEATS || tasks.size() > MOST_TASKS) {
            throw new IllegalArgumentException("A rota is for 1 to " + MOST_SEATS + " seats and at most " + MOST_TASKS
                    + " tasks, was " + seats + " and " + tasks.size());
        }
        Set<String> seen = new HashSet<>();
        for (Task task : tasks) {
            if (!seen.containsAll(task.after())) {
                throw new IllegalArgumentException(
                        "Task " + task.id() + " comes before one of " + task.after() + " in the sheet's own order");
            }
            if (!seen.add(task.id())) {
                throw new IllegalArgumentException("Task " + task.id() + " is there twice");
            }
        }
        copies.forEach((pencil, n) -> {
            if (n < 1) {
                throw new IllegalArgumentException("There are " + n + " of " + pencil.name() + " on the table");
            }
        });
        tasks = List.copyOf(tasks);
        copies = Map.copyOf(copies);
    }

    RotaCase withSeats(int other) {
        return new RotaCase(other, tasks, copies);
    }
}
