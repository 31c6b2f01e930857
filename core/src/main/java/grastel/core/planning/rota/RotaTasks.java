package grastel.core.planning.rota;

import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Stop;
import grastel.core.planning.rota.RotaCase.Hold;
import grastel.core.planning.rota.RotaCase.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Stages as the tasks of a rota: what is better not parted – a family, a gradation – is one, and where there are more than a
 * rota can hold, neighbours of one exercise are put together, the shortest first.
 */
public final class RotaTasks {
    private RotaTasks() {}

    /** Stages that one seat does at one go. @param after places of the turns that must be done before */
    public record Together(List<Stage> stages, Set<Integer> after) {
        public Together {
            stages = List.copyOf(stages);
            after = Set.copyOf(after);
        }

        double minutes() {
            return stages.stream().mapToDouble(Stage::minutes).sum();
        }
    }

    /** The work among some stages, in the sheet's own order. */
    public static List<Together> of(List<Stage> stages) {
        List<List<Stage>> runs = runs(stages);
        while (runs.size() > RotaCase.MOST_TASKS) {
            joinShortest(runs);
        }
        List<Together> all = new ArrayList<>();
        for (List<Stage> run : runs) {
            Set<Integer> after = new TreeSet<>();
            for (int before = 0; before < all.size(); before++) {
                if (liesOn(run, all.get(before).stages())) {
                    after.add(before);
                }
            }
            all.add(new Together(run, after));
        }
        return List.copyOf(all);
    }

    public static List<Task> tasks(List<Together> all) {
        List<Task> tasks = new ArrayList<>();
        for (Together one : all) {
            Set<String> after = new TreeSet<>();
            one.after().forEach(i -> after.add(String.valueOf(i)));
            tasks.add(new Task(String.valueOf(tasks.size()), holds(one.stages()), after));
        }
        return List.copyOf(tasks);
    }

    private static List<List<Stage>> runs(List<Stage> stages) {
        List<List<Stage>> runs = new ArrayList<>();
        Stage before = null;
        for (Stage stage : stages) {
            if (!stage.isPaced()) {
                continue;
            }
            if (before == null || !isBetterNotParted(before.stop())) {
                runs.add(new ArrayList<>());
            }
            runs.get(runs.size() - 1).add(stage);
            before = stage;
        }
        return runs;
    }

    private static boolean isBetterNotParted(Stop stop) {
        return stop == Stop.POOR || stop == Stop.NEVER;
    }

    /** Where no two neighbours are of one exercise, any two. */
    private static void joinShortest(List<List<Stage>> runs) {
        int at = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < runs.size(); i++) {
            Part one = runs.get(i).get(0).part();
            Part next = runs.get(i + 1).get(0).part();
            boolean same = one.sheet() == next.sheet() && one.exercise() == next.exercise();
            double minutes = minutes(runs.get(i)) + minutes(runs.get(i + 1)) + (same ? 0 : 1e6);
            if (minutes < least) {
                least = minutes;
                at = i;
            }
        }
        runs.get(at).addAll(runs.remove(at + 1));
    }

    private static double minutes(List<Stage> run) {
        return run.stream().mapToDouble(Stage::minutes).sum();
    }

    /** A later layer of the same field; dissolving lies on all of its exercise, and what follows it on the dissolved. */
    private static boolean liesOn(List<Stage> later, List<Stage> earlier) {
        return later.stream().anyMatch(l -> earlier.stream().anyMatch(e -> liesOn(l, e)));
    }

    private static boolean liesOn(Stage later, Stage earlier) {
        Part a = later.part();
        Part b = earlier.part();
        boolean sameExercise = a.sheet() == b.sheet() && a.exercise() == b.exercise();
        boolean wet = later.kind() == Kind.DISSOLVE || earlier.kind() == Kind.DISSOLVE;
        return sameExercise && (wet || !a.field().isEmpty() && a.field().equals(b.field()));
    }

    private static List<Hold> holds(List<Stage> stages) {
        List<Hold> holds = new ArrayList<>();
        for (Stage stage : stages) {
            if (stage.work().isEmpty()) {
                holds.add(new Hold(null, stage.minutes()));
            }
            for (PictureWork piece : stage.work()) {
                holds.add(new Hold(piece.pencil(), piece.minutes()));
            }
        }
        return holds;
    }
}
