package grastel.core.progress;

import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.StudentRecord.Around;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What teaching a skill once more has changed: students who were below secure in it before, by their last attempt before and
 * their first one after. Whoever has not shown it again yet is left out.
 *
 * @param before and after mean levels, 0…4
 * @param secure how many are at 3 or more after it
 */
public record Reteaching(int students, double before, double after, int secure, List<Figure> figures) {
    public Reteaching {
        figures = List.copyOf(figures);
    }

    /** A goal that was below secure, of students who were asked for it in the same kind of exercise again. @param before and after mean figures in the goal's unit */
    public record Figure(Goal goal, int students, double before, double after) {}

    private record Pair(Shown before, Shown after) {}

    /** Nothing where nobody who was below secure has shown the skill again. */
    public static Optional<Reteaching> of(Collection<StudentRecord> records, Skill skill, Instant when) {
        List<Around> around = records.stream()
                .flatMap(r -> r.around(skill, when).stream())
                .filter(a -> a.before().level() < Level.SECURE.ordinal())
                .toList();
        if (around.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Reteaching(
                around.size(),
                around.stream().mapToDouble(a -> a.before().level()).average().orElseThrow(),
                around.stream().mapToDouble(a -> a.after().level()).average().orElseThrow(),
                (int) around.stream()
                        .filter(a -> a.after().level() >= Level.SECURE.ordinal())
                        .count(),
                figures(around, skill)));
    }

    private static List<Figure> figures(List<Around> around, Skill skill) {
        Map<Goal, List<Pair>> byGoal = new LinkedHashMap<>();
        for (Around a : around) {
            if (!a.last().kind().equals(a.next().kind())) {
                continue;
            }
            for (Shown before : a.last().of(skill)) {
                a.next().of(skill).stream()
                        .filter(after -> after.goal() == before.goal()
                                && before.level().compareTo(Level.SECURE) < 0
                                && before.figure() != null
                                && after.figure() != null)
                        .findFirst()
                        .ifPresent(after -> byGoal.computeIfAbsent(before.goal(), g -> new ArrayList<>())
                                .add(new Pair(before, after)));
            }
        }
        return byGoal.entrySet().stream()
                .map(e -> new Figure(
                        e.getKey(),
                        e.getValue().size(),
                        mean(e.getValue().stream().map(Pair::before).toList()),
                        mean(e.getValue().stream().map(Pair::after).toList())))
                .toList();
    }

    private static double mean(List<Shown> shown) {
        return shown.stream().mapToDouble(Shown::figure).average().orElseThrow();
    }
}
